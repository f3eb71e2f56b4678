import type { Positions } from '../../claims/disputes';
import { isIn } from '../../foundation/basics/typed';
import { parseWith } from '../../foundation/schema/failure';
import { reactionsInputSchema, type Reactions, type ReactionsInput } from '../../foundation/schema/reactions';
import type { Rig } from '../../foundation/schema/rig';
import { completeReading, type Reading } from '../../water/reading/complete';
import { changeText } from './changed';
import { drySpell, rateOf } from './rate';
import { BY_HOOKED, BY_MOMENT, BY_SYMPTOM, isRefused, type SingleChange } from './table';

/** Casts without a bite that mean something to an angler of whom nothing is known. */
const FEW_CASTS = drySpell(rateOf({ casts: 0, strikes: 0 }));

/** What of a rig a change touches. */
function difference(before: Rig, after: Rig): Record<string, unknown> {
	const changed = Object.entries(after).filter(
		([key, value]) => !isIn(before, key) || JSON.stringify(before[key]) !== JSON.stringify(value)
	);
	return Object.fromEntries(changed);
}

function answered(one: SingleChange, rig: Rig, reading: Reading, stances: Positions): Reactions['changes'] {
	const { field, text, claims, split } = one;
	const rest = { claims: [...claims], ...(split && { split }) };
	if (text !== undefined) return [{ change: { [field]: text }, text, ...rest }];
	const made = one.make(rig, reading, stances);
	if (!made || field === 'cast') return [];
	return [{ change: difference(rig, made), text: changeText(field, rig, made), ...rest }];
}

function changesAfter({ symptom, when, hookedIn }: ReactionsInput): readonly SingleChange[] {
	const more = when ? BY_MOMENT[when] : [];
	return [...more, ...(symptom === 'lost-fish' ? BY_HOOKED[hookedIn ?? 'unknown'].changes : BY_SYMPTOM[symptom])];
}

/** What to change after a sign on the water: single changes in their order, each with the claims behind it. */
export function reactionsTo(input: ReactionsInput): Reactions {
	const { rig, symptom, casts, stances = {} } = input;
	if (symptom === 'no-bites' && casts !== undefined && casts < FEW_CASTS) {
		return { changes: [], why: `${casts} of ${FEW_CASTS} casts without a bite: that means nothing yet.` };
	}
	const reading = completeReading(input.reading);
	const open = changesAfter(input).filter((one) => !isRefused(one, stances));
	const changes = open.flatMap((one) => answered(one, rig, reading, stances));
	return changes.length === 0 && symptom === 'lost-fish' ? { changes, why: BY_HOOKED.unknown.says } : { changes };
}

/** `reactions` on raw input: checks it, then answers. */
export const answerReactions = (input: unknown): Reactions => reactionsTo(parseWith(reactionsInputSchema, input));
