import { call } from '../../ranking/answer/call';
import { scoreMany } from '../../ranking/answer/scoreMany';
import { nearestTo } from '../../ranking/space/nearest';
import type { CallAnswer } from '../../foundation/schema/call';
import { InputFailure, parseWith } from '../../foundation/schema/failure';
import type { Outfit } from '../../foundation/schema/outfit';
import type { PlanInput } from '../../foundation/schema/plan';
import { readingSchema, type ParsedReading } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import type { Day } from './deck';

/** Rod, reel and line alone, in this order. */
const bare = ({ rod, reel, line }: Outfit): Outfit => ({ rod, reel, line });
const keyOf = (thing: unknown): string => JSON.stringify(thing);

/** Each thing once, in its order. */
const unique = <T>(things: readonly T[]): T[] => [...new Map(things.map((thing) => [keyOf(thing), thing])).values()];

/** What may be cast: what is given, or the first calls of every hour; each on every fixed outfit too. */
function candidatesOf({ candidates, fixed = [] }: PlanInput, called: readonly (readonly Rig[])[]): Rig[] {
	const rigs = unique(candidates ?? called.flat());
	return unique([...rigs, ...fixed.flatMap((outfit) => rigs.map((rig) => ({ ...rig, ...outfit })))]);
}

/** So many calls are held, the earliest asked for let go first. */
const CALLS_HELD = 600;

/** What rigs give up in an hour, as `scoreMany` says. */
type Behind = ReturnType<typeof scoreMany>;

/** What was worked out of days as they were asked for: a changed hour leaves that of all others standing. */
export class KnownDay {
	readonly calls = new Map<string, CallAnswer>();
	#candidates = '';
	readonly #behind = new Map<string, Behind>();

	/** What candidates give up in an hour, from what is known or worked out by `make`: of the last candidates alone. */
	behind(candidates: string, hour: string, make: () => Behind): Behind {
		if (candidates !== this.#candidates || this.#behind.size >= CALLS_HELD) this.#behind.clear();
		this.#candidates = candidates;
		const found = this.#behind.get(hour) ?? make();
		this.#behind.set(hour, found);
		return found;
	}
}

/** The call of one hour of a day, worked out once for the same question in whatever order its words stand. */
export function calledHour(
	{ stances, tray, perHour }: Pick<PlanInput, 'stances' | 'tray' | 'perHour'>,
	reading: ParsedReading,
	{ calls }: KnownDay
): CallAnswer {
	const question = { reading: readingSchema.parse(reading), stances, tray, top: perHour };
	const key = keyOf(question);
	const found = calls.get(key) ?? call(question, { windows: false, families: false });
	// Asked for last, let go last.
	calls.delete(key);
	calls.set(key, found);
	if (calls.size > CALLS_HELD) calls.delete(calls.keys().next().value!);
	return found;
}

/** A way an hour may turn out: its reading, and how likely it is. */
interface Turn {
	readonly hour: number;
	readonly scenario: number;
	readonly odds: number;
	readonly reading: ParsedReading;
}

/** The reading of an hour in a scenario. @throws {InputFailure} At its field where it is no reading any more. */
function patched(reading: ParsedReading, patch: Readonly<Record<string, unknown>>, path: string): ParsedReading {
	try {
		const fields = Object.entries({ ...reading, ...patch }).filter(([, value]) => value !== undefined);
		return parseWith(readingSchema, Object.fromEntries(fields));
	} catch (error) {
		throw error instanceof InputFailure ? error.under(path) : error;
	}
}

/** Every way in which every hour may turn out; one a hour where nobody said otherwise. */
export const turnsOf = ({ hours }: Pick<PlanInput, 'hours'>): Turn[] =>
	hours.flatMap(({ reading, scenarios }, hour): Turn[] =>
		(scenarios ?? [{ odds: 1, patch: {} }]).map(({ odds, patch }, scenario) => ({
			hour,
			scenario,
			odds,
			reading: patched(reading, patch, `hours.${hour}.scenarios.${scenario}.patch`)
		}))
	);

/** A day made ready: what can be cast, on which outfits, and what it gives up in every hour. */
export interface Prepared {
	readonly hours: PlanInput['hours'];
	readonly called: readonly CallAnswer[];
	readonly candidates: readonly Rig[];
	readonly outfits: readonly Outfit[];
	readonly day: Day;
	/** Ways in which the day may turn out, with what each candidate gives up in them; `null` where it is as read. */
	readonly turns: readonly (Turn & { readonly behind: Behind })[] | null;
}

/**
 * Calls every hour and judges every candidate in it: what all decks of a day have in common.
 *
 * @param known What was worked out before; what is new is added.
 */
export function prepared(input: PlanInput, known = new KnownDay()): Prepared {
	const { hours, rods, retiePoints, stances, fixed = [] } = input;
	if (fixed.length > rods) {
		const message = `You fixed ${fixed.length} rods but take only ${rods}.`;
		throw new InputFailure({ code: 'invalid', path: 'fixed', message });
	}
	const called = hours.map(({ reading }) => calledHour(input, reading, known));
	const turns = hours.some(({ scenarios }) => scenarios) ? turnsOf(input) : null;
	const turned = turns?.map(({ reading }) => calledHour(input, reading, known)) ?? [];
	const candidates = candidatesOf(
		input,
		[...called, ...turned].map(({ calls }) => calls.map(({ rig }) => rig))
	);
	if (candidates.length === 0) {
		const message = 'No lure works in any of these hours.';
		throw new InputFailure({ code: 'invalid', path: 'hours', message });
	}
	const outfits = unique([...fixed.map(bare), ...candidates.map(bare)]);
	const places = new Map(outfits.map((outfit, at) => [keyOf(outfit), at]));
	const outfitIndexOf = (outfit: Outfit): number => places.get(keyOf(bare(outfit)))!;
	const nearest = candidates.map(nearestTo);
	const cast = keyOf(candidates);
	const behindIn = (reading: ParsedReading, best: number | null): Behind =>
		known.behind(cast, keyOf([reading, stances, best]), () => scoreMany({ reading, stances }, nearest, best));
	const day: Day = {
		hours: hours.map(({ weight, reading }, at) => ({
			weight,
			behind: behindIn(reading, called[at]!.calls[0]?.score ?? null)
		})),
		outfitOf: candidates.map(outfitIndexOf),
		rods,
		retie: retiePoints,
		fixed: fixed.map(outfitIndexOf)
	};
	const judged = turns?.map((turn, at) => ({
		...turn,
		behind: behindIn(turn.reading, turned[at]!.calls[0]?.score ?? null)
	}));
	return { hours, called, candidates, outfits, day, turns: judged ?? null };
}
