import { counted } from '../../foundation/labels/counted';
import type { Positions } from '../../claims/disputes';
import type { Reading } from '../../water/reading/complete';
import type { Rig } from '../../foundation/schema/rig';
import type { HookPlace } from '../../foundation/schema/words';
import { changeText, type Field } from '../reactions/changed';
import { drySpell, rarely, rateOf } from '../reactions/rate';
import { BY_HOOKED, FOULED, isRefused, NOTHING, TURNED_BACK, type SingleChange } from '../reactions/table';
import type { Story } from './story';

/** What may be said after a look at the tally. */
export interface Next {
	readonly kind: 'change' | 'advice' | 'wait' | 'learned-nothing';
	readonly title: string;
	/** What it follows from, with its figures. */
	readonly because: string;
	/** The field that is changed, and the rig after it where it is a part. */
	readonly field: Field | null;
	readonly rig: Rig | null;
}

/** So many follows or short strikes, fouled casts, and fish hooked in one place are a sign. */
const SIGN = 2;
const FOULED_SIGN = 3;

const triedOf = ({ stretches }: Story): Set<Field> => new Set(stretches.flatMap(({ changed }) => changed));

/** The first change that was not tried on this outing, and that no view of the angler's own is against. */
function firstOf(changes: readonly SingleChange[], story: Story, reading: Reading, stances: Positions) {
	const tried = triedOf(story);
	const { rig } = story.now;
	for (const one of changes) {
		const { field, make, text } = one;
		if (field === 'cast' || tried.has(field) || isRefused(one, stances)) continue;
		const made = make(rig, reading, stances);
		if (!made && !text) continue;
		const title = made ? changeText(field, rig, made) : text!;
		return { kind: 'change' as const, title, field, rig: made };
	}
	return null;
}

/** Hook places that came twice among the lost ones of an outing. */
function badlyHooked({ stretches }: Story): HookPlace | null {
	const lost = stretches.flatMap(({ happened }) =>
		happened.flatMap(({ what }) => (what.kind === 'lost' ? [what.hook ?? 'unknown'] : []))
	);
	return lost.find((place) => lost.filter((one) => one === place).length >= SIGN) ?? null;
}

/**
 * The one next thing to do: after what was answered, what was tried on this outing, and how long a dry spell is usual.
 *
 * @param record The angler's casts and strikes on other outings.
 */
export function nextOf(
	story: Story,
	record: { readonly casts: number; readonly strikes: number },
	reading: Reading,
	stances: Positions
): Next {
	const { now } = story;
	const wait = (because: string): Next => ({ kind: 'wait', title: 'Keep going', because, field: null, rig: null });
	if (now.turn !== null) return wait('A trial is running: change nothing until this turn is over.');
	if (now.changed.length > 1 && now.casts === 0) {
		const both = now.changed.join(' and ');
		return {
			kind: 'learned-nothing',
			title: 'Two things changed at once',
			because: `${both} changed together, so the result won’t tell you which one did it.`,
			field: null,
			rig: null
		};
	}
	const place = badlyHooked(story);
	if (place && now.lost > 0) {
		return {
			kind: 'advice',
			title: BY_HOOKED[place].says,
			because: 'Two fish were lost the same way.',
			field: null,
			rig: null
		};
	}
	const turned = now.follows + now.shorts;
	const came = turned >= SIGN && now.landed + now.lost === 0;
	const soFar = `${counted(now.follows, 'follow')}, ${counted(now.shorts, 'short strike')} in ${counted(now.casts, 'cast')}`;
	if (came) {
		const change = firstOf(TURNED_BACK, story, reading, stances);
		if (change) return { ...change, because: `${soFar}: they come and turn away.` };
	}
	if (now.fouled >= FOULED_SIGN) {
		const weedy = `${counted(now.fouled, 'fouled cast')} of ${now.casts}. First hold the tip up and twitch it free.`;
		const change = firstOf(FOULED, story, reading, stances);
		if (change) return { ...change, because: weedy };
	}
	// The other outings': a rate that falls with this dry spell would never find it long.
	const rate = rateOf(record);
	const spell = drySpell(rate);
	if (now.dry < spell) {
		return wait(`${now.dry} of ${spell} casts without a bite: at your rate that means nothing yet.`);
	}
	const because = `At your usual rate, the odds of ${now.dry} casts without a bite are ${rarely(Math.exp(-rate * now.dry))}.`;
	const change = firstOf(NOTHING, story, reading, stances);
	return change
		? { ...change, because }
		: wait('You tried all the usual changes here: move, or come back at another hour.');
}
