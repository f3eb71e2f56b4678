import { dequal } from 'dequal';
import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
import { spokenFirst } from '$lib/core/foundation/labels/spoken';
import { startBuild } from '$lib/core/rig/build/start';
import type { CalledRig } from '$lib/core/foundation/schema/call';
import type { Rig } from '$lib/core/foundation/schema/rig';
import { FAMILIES } from '$lib/core/foundation/schema/words';
import type { Story } from '$lib/core/trips/tally/story';
import { countsText, countsWith } from './words';

/** A lure that may be tied on, by its name or what it is, with a word on it. */
export interface Lure {
	readonly name: string;
	readonly rig: Rig;
	readonly note: string;
}
export interface LureGroup {
	readonly title: string;
	readonly lures: readonly Lure[];
}

/** What else a lure could be taken from. */
export interface Sources {
	/** The call's choices for the water now, the first first. */
	readonly calls: readonly CalledRig[];
	readonly saved: readonly { readonly name: string; readonly rig: Rig }[];
	readonly deck: readonly Rig[];
}

/**
 * Lures that may be tied on instead of the one that is cast, in the order in which an angler looks for them: fished today,
 * called for the water now, on deck, saved, then one of each other family. None comes twice.
 */
export function lureGroups(story: Story, { calls, saved, deck }: Sources): LureGroup[] {
	const seen: Rig[] = [story.now.rig];
	const fresh = (lures: readonly Lure[]): Lure[] =>
		lures.filter(({ rig }) => {
			if (seen.some((one) => dequal(one, rig))) return false;
			seen.push(rig);
			return true;
		});
	const fished = story.stretches.toReversed().map(({ rig }) => rig);
	const families = FAMILIES.filter((family) => family !== story.now.rig.family);
	const groups: LureGroup[] = [
		{
			title: 'Fished today',
			lures: fresh(fished.map((rig) => ({ name: '', rig, note: countsText(countsWith(story, rig)) })))
		},
		{
			title: 'Called for these conditions',
			lures: fresh(calls.map(({ rig }, at) => ({ name: '', rig, note: at === 0 ? 'First choice' : '' })))
		},
		{ title: 'From today’s plan', lures: fresh(deck.map((rig) => ({ name: '', rig, note: '' }))) },
		{
			title: 'Saved',
			lures: fresh(
				saved.map(({ name, rig }) => ({ name, rig, note: `${rigName(rig)}, ${ouncesText(rig.weightOz)} oz` }))
			)
		},
		{
			title: 'Another family',
			lures: fresh(families.map((family) => ({ name: spokenFirst(family), rig: startBuild(family).rig, note: '' })))
		}
	];
	return groups.filter(({ lures }) => lures.length > 0);
}
