/** What the hand feels of the blades. */
export const FEELS = ['clean', 'fouled', 'slack'] as const;
export type Feel = (typeof FEELS)[number];

export const FEEL_WORDS: Readonly<Record<Feel, string>> = {
	clean: 'clean',
	fouled: 'weed on it',
	slack: 'a fish has it'
};

/** How a feel sounds: share of the clean rate, and loudness. Weed makes the beat dull and slow; a fish that swims along takes it away. */
export const FEEL_SOUND: Readonly<Record<Feel, { readonly rate: number; readonly gain: number }>> = {
	clean: { rate: 1, gain: 0.5 },
	fouled: { rate: 0.55, gain: 0.14 },
	slack: { rate: 1, gain: 0 }
};

/** A drill under way: clean until it changes, then waiting for an answer. */
export interface Drill {
	readonly feel: Feel;
	/** When the feel changes next; `null` once it has. */
	readonly changesAtS: number | null;
	/** When it changed; `null` before. */
	readonly changedAtS: number | null;
	/** How soon each change was answered, s, the latest last. */
	readonly answersS: readonly number[];
	/** Answers to nothing, and changes that nobody answered. */
	readonly tooSoon: number;
	readonly missed: number;
}

/** Between these (s) the beat changes, and after so long (s) without an answer the chance is gone. */
const WAIT_S = [2, 8] as const;
const GONE_S = 3;

const nextChange = (nowS: number, chance: number): number => nowS + WAIT_S[0] + chance * (WAIT_S[1] - WAIT_S[0]);

/** Begins a drill. @param chance A random number, 0 to 1. */
export const drillFrom = (nowS: number, chance: number): Drill => ({
	feel: 'clean',
	changesAtS: nextChange(nowS, chance),
	changedAtS: null,
	answersS: [],
	tooSoon: 0,
	missed: 0
});

const clean = (drill: Drill, nowS: number, chance: number): Drill => ({
	...drill,
	feel: 'clean',
	changedAtS: null,
	changesAtS: nextChange(nowS, chance)
});

/** Time goes by: the beat changes when it is due, and a change that nobody answers is missed. */
export function drilled(drill: Drill, nowS: number, chance: number): Drill {
	if (drill.changesAtS !== null && nowS >= drill.changesAtS) {
		return { ...drill, feel: chance < 0.5 ? 'fouled' : 'slack', changesAtS: null, changedAtS: nowS };
	}
	if (drill.changedAtS === null || nowS - drill.changedAtS < GONE_S) return drill;
	return clean({ ...drill, missed: drill.missed + 1 }, nowS, chance);
}

/** The angler answers. */
export function answered(drill: Drill, nowS: number, chance: number): Drill {
	if (drill.changedAtS === null) return { ...drill, tooSoon: drill.tooSoon + 1 };
	return clean({ ...drill, answersS: [...drill.answersS, nowS - drill.changedAtS] }, nowS, chance);
}

/** The middle one of the answers, s; `null` before there is any. */
export function middleS({ answersS }: Drill): number | null {
	if (answersS.length === 0) return null;
	const sorted = answersS.toSorted((a, b) => a - b);
	return (sorted[Math.floor((sorted.length - 1) / 2)]! + sorted[Math.ceil((sorted.length - 1) / 2)]!) / 2;
}
