import { isIn } from '../../foundation/basics/typed';
import { parseWith } from '../../foundation/schema/failure';
import { reactionsInputSchema, type Reactions, type ReactionsInput } from '../../foundation/schema/reactions';
import type { Rig } from '../../foundation/schema/rig';
import { completeReading, type Reading } from '../../water/reading/complete';
import { changeText } from '../reactions/changed';
import { drySpell, rateOf } from './rate';
import { BY_HOOKED, BY_MOMENT, BY_SYMPTOM, type Option } from './table';

/** Casts without a bite that mean something to an angler of whom nothing is known. */
const FEW_CASTS = drySpell(rateOf({ casts: 0, strikes: 0 }));

/** What of a rig a change touches. */
function difference(before: Rig, after: Rig): Record<string, unknown> {
	const changed = Object.entries(after).filter(
		([key, value]) => !isIn(before, key) || JSON.stringify(before[key]) !== JSON.stringify(value)
	);
	return Object.fromEntries(changed);
}

/** Whether an angler's own view on the question is another one. */
function refused({ split }: Option, stances: Readonly<Record<string, string>>): boolean {
	const [topic, view] = split?.split('/') ?? [];
	const taken = topic === undefined ? undefined : stances[topic];
	return taken !== undefined && taken !== view && taken !== 'both' && taken !== 'auto';
}

function changeOf(option: Option, rig: Rig, reading: Reading): Reactions['changes'][number] | null {
	const { field, text, claims, split } = option;
	const rest = { claims: [...claims], ...(split && { split }) };
	if (text !== undefined) return { change: { [field]: text }, text, ...rest };
	const made = option.make(rig, reading);
	if (!made || field === 'cast') return null;
	return { change: difference(rig, made), text: changeText(field, rig, made), ...rest };
}

function optionsOf({ symptom, when, hookedIn }: ReactionsInput): readonly Option[] {
	const more = when ? BY_MOMENT[when] : [];
	return [...more, ...(symptom === 'lost-fish' ? BY_HOOKED[hookedIn ?? 'corner'] : BY_SYMPTOM[symptom])];
}

/** What to change after a sign on the water: single changes in their order, each with the claims behind it. */
export function reactionsTo(input: ReactionsInput): Reactions {
	const { rig, symptom, casts, stances = {} } = input;
	if (symptom === 'no-bites' && casts !== undefined && casts < FEW_CASTS) {
		return { changes: [], why: `${casts} of ${FEW_CASTS} casts without a bite: that means nothing yet.` };
	}
	if (symptom === 'lost-fish' && input.hookedIn === undefined) {
		return { changes: [], why: 'Look where the next one is hooked: what to change depends on it. Check the point.' };
	}
	const reading = completeReading(input.reading);
	const open = optionsOf(input).filter((option) => !refused(option, stances));
	return { changes: open.flatMap((option) => changeOf(option, rig, reading) ?? []) };
}

/** `reactions` on raw input: checks it, then answers. */
export const answerReactions = (input: unknown): Reactions => reactionsTo(parseWith(reactionsInputSchema, input));
