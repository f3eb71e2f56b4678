import { SPEEDS_MPS, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { layoutOf, LAYOUTS, type Layout } from '../../foundation/catalogue/layouts';
import type { CalledRig, CallInput, Reason } from '../../foundation/schema/call';
import type { Locks, Rig } from '../../foundation/schema/rig';
import {
	BUZZ_BLADES,
	FAMILIES,
	JIG_BLADES,
	SKIRT_COLOURS,
	TURNING_STYLES,
	type Family
} from '../../foundation/schema/words';
import { call } from '../../ranking/answer/call';
import { DISPUTES } from '../../claims/disputes';

/** What a learner decides, in this order. */
export const DECISIONS = ['family', 'blades', 'weight', 'colour', 'pace'] as const;
export type Decision = (typeof DECISIONS)[number];

/** A value of each decision that was taken, as it is offered. */
export type Choices = Readonly<Partial<Record<Decision, string>>>;

/** Score of choices of which nothing runs: under that of any rig that does (the least seen is about -16). */
export const NOTHING_RUNS = -30;
/** Points that two rigs must differ by to differ at all. */
const LEVEL_POINTS = 0.05;

/** Weights, speeds and colors that are offered beside the call's own. */
const OFFERED_OZ = [0.25, 0.375, 0.5, 0.75, 1];
const OFFERED_MPS = [0.4, 0.6, 0.8, 1, 1.3, 1.7];
const OFFERED_COLOURS = [
	'white',
	'white-chartreuse',
	'chartreuse',
	'sunfish',
	'green-pumpkin',
	'brown-craw',
	'black-blue'
];

type LockBlade = NonNullable<Locks['blades']>[number];
const rear = (style: LockBlade['style']): LockBlade[] => [{ position: 'rear', style }];
const styleOf = (name: string) => TURNING_STYLES.find((style) => style === name);

/** Blades by the name of their set: a layout, or a style alone. */
function bladesOf(family: Family, name: string): LockBlade[] {
	if (family === 'bladed-jig') return rear(JIG_BLADES.find((style) => style === name));
	if (family === 'buzzbait') return rear(BUZZ_BLADES.find((style) => style === name));
	const single = styleOf(name);
	if (single) return rear(single);
	const [front, back] = name.startsWith('double-') ? [name.slice(7), name.slice(7)] : name.split('-');
	return [{ position: 'front', style: styleOf(front!) }, ...rear(styleOf(back!))];
}

/** The name of a rig's set of blades. */
function bladesName({ family, blades }: Rig): string {
	const back = blades.find(({ position }) => position === 'rear')!;
	const layout: Layout = family === 'spinnerbait' ? layoutOf(blades) : 'single';
	return layout === 'single' ? back.style : layout;
}

/** The color that is decided: the skirt's, "none" for a bare one; of a lure without skirts the soft body's. */
const colourOf = ({ family, skirt, trailer }: Rig): string =>
	family === 'underspin' ? (trailer?.colour ?? 'none') : skirt.colour;

/** What a rig says to each decision. */
export const choicesIn = (rig: Rig): Required<Choices> => ({
	family: rig.family,
	blades: bladesName(rig),
	weight: String(rig.weightOz),
	colour: colourOf(rig),
	pace: String(rig.retrieve.speedMps)
});

const sorted = (values: readonly number[]): string[] => [...new Set(values)].sort((a, b) => a - b).map(String);

/** What may be chosen next, given what was chosen: the call's own value is always among it. */
export function optionsFor(decision: Decision, { family: chosen }: Choices, best: Rig): string[] {
	const family = FAMILIES.find((one) => one === chosen) ?? best.family;
	const own = choicesIn(best)[decision];
	const isCalled = family === best.family;
	switch (decision) {
		case 'family':
			return [...FAMILIES];
		case 'blades':
			if (family === 'bladed-jig') return [...JIG_BLADES];
			if (family === 'buzzbait') return [...BUZZ_BLADES];
			return family === 'underspin'
				? [...TURNING_STYLES]
				: [...TURNING_STYLES, ...LAYOUTS.filter((one) => one !== 'single')];
		case 'weight':
			return sorted([...OFFERED_OZ, ...(isCalled ? WEIGHTS_OZ.filter((oz) => String(oz) === own) : [])]);
		case 'pace':
			return sorted([...OFFERED_MPS, ...(isCalled ? SPEEDS_MPS.filter((speed) => String(speed) === own) : [])]);
		case 'colour':
			return [...new Set([...OFFERED_COLOURS, ...(isCalled ? [own] : [])])];
	}
}

/** What choices fix of a rig: a lure, and how fast it is wound. */
function fixedBy({ family: name, blades, weight, colour, pace }: Choices): { lure: Locks; retrieve: Locks } {
	const family = FAMILIES.find((one) => one === name);
	const worn = SKIRT_COLOURS.find((one) => one === colour);
	const dress: Locks = !worn
		? {}
		: family === 'underspin'
			? { trailer: { colour: worn } }
			: { skirt: { colour: worn } };
	return {
		lure: {
			...(family ? { family } : {}),
			...(family && blades ? { blades: bladesOf(family, blades) } : {}),
			...(weight ? { weightOz: Number(weight) } : {}),
			...dress
		},
		retrieve: pace ? { retrieve: { speedMps: Number(pace) } } : {}
	};
}

type Question = Pick<CallInput, 'reading' | 'stances' | 'houseRules' | 'record' | 'sight'>;

/** The best rig that keeps to some choices; `null` where nothing of it runs. */
export function bestWith(question: Question, choices: Choices): CalledRig | null {
	const { lure, retrieve } = fixedBy(choices);
	const tray = [{ part: 'lure' as const, rig: lure }];
	const asked: CallInput = { ...question, locks: retrieve, top: 1, ...(Object.keys(lure).length > 0 ? { tray } : {}) };
	return call(asked, { windows: false, families: false, seconds: false }).calls[0] ?? null;
}

const scoreOf = (found: CalledRig | null): number => found?.score ?? NOTHING_RUNS;

/** One decision of a learner, judged. */
export interface Judged {
	readonly decision: Decision;
	readonly chosen: string;
	/** What the call would have, given what was decided before. */
	readonly called: string;
	/** Points that it gives up, given what was decided before. */
	readonly givesUp: number;
}

/** A learner's choices beside the call. */
export interface Judgement {
	readonly steps: readonly Judged[];
	/** Points that all of them give up together; 0 where they are as good as the call. */
	readonly givesUp: number;
	readonly best: Rig;
	/** The best rig that keeps to the choices; `null` where nothing of it runs. */
	readonly own: Rig | null;
	/** The rules that the call keeps and the choices do not, the weightiest first. */
	readonly rules: readonly Pick<Reason, 'claim' | 'text'>[];
}

const RULES_MAX = 3;

function rulesBetween(best: CalledRig, own: CalledRig | null): Judgement['rules'] {
	const kept = new Map(own?.reasons.map(({ claim, counts }) => [claim, counts]));
	return best.reasons
		.map(({ claim, text, counts }) => ({ claim, text, more: counts - (kept.get(claim) ?? 0) }))
		.filter(({ more }) => more > LEVEL_POINTS)
		.sort((a, b) => b.more - a.more)
		.slice(0, RULES_MAX)
		.map(({ claim, text }) => ({ claim, text }));
}

/** A side of what anglers disagree about. */
export interface School {
	readonly topic: string;
	readonly school: string;
}

/** Whether choices are as good as the call by the side of a school. */
function standsFor(question: Question, choices: Choices, topic: string, school: string): boolean {
	const asked = { ...question, stances: { ...question.stances, [topic]: school } };
	return scoreOf(bestWith(asked, {})) - scoreOf(bestWith(asked, choices)) < LEVEL_POINTS;
}

/** Schools whose side makes the choices as good as the call: right by one of them is not wrong. */
export function schoolsFor(question: Question, choices: Choices): readonly School[] {
	return DISPUTES.flatMap(({ topic, schools }) =>
		schools
			.filter((school) => question.stances?.[topic] !== school && standsFor(question, choices, topic, school))
			.map((school) => ({ topic, school }))
	);
}

/**
 * What a learner's choices give up against the call, decision by decision.
 *
 * @returns `null` where nothing at all runs on the water.
 */
export function judge(question: Question, choices: Required<Choices>): Judgement | null {
	const best = bestWith(question, {});
	if (!best) return null;
	let before: CalledRig | null = best;
	let taken: Choices = {};
	const steps = DECISIONS.map((decision): Judged => {
		taken = { ...taken, [decision]: choices[decision] };
		const after = bestWith(question, taken);
		const called = choicesIn(before?.rig ?? best.rig)[decision];
		const givesUp = Math.max(0, scoreOf(before) - scoreOf(after));
		before = after;
		return { decision, chosen: choices[decision], called, givesUp };
	});
	const givesUp = Math.max(0, best.score - scoreOf(before));
	return {
		steps,
		givesUp,
		best: best.rig,
		own: (before as CalledRig | null)?.rig ?? null,
		rules: rulesBetween(best, before)
	};
}
