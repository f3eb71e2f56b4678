import type { Advice } from '$lib/core/foundation/schema/call';

/** The plan of a cast in the order of the work. */
export const STEPS = [
	['position', 'Where to sit'],
	['cast', 'How to cast'],
	['retrieve', 'Retrieve'],
	['hookset', 'Bite and hookset'],
	['weed', 'If it picks up weed']
] as const;

/** A part of the rig that advice may concern, by the beginning of a claim's id. */
const PARTS: readonly (readonly [string, string])[] = [
	['BLD', 'Blades'],
	['FIN', 'Finish'],
	['WIR', 'Wire'],
	['WGT', 'Weight'],
	['HED', 'Head'],
	['SKT', 'Skirt'],
	['TRL', 'Trailer'],
	['HKS', 'Hook'],
	['LIN', 'Line'],
	['FAM', 'Family']
];
const WEED = ['RET-09', 'RET-09a', 'RET-09b', 'SET-06'];

/** One step of the plan with its advice, the strongest first. */
export interface PlanStep {
	readonly key: string;
	readonly title: string;
	readonly items: readonly Advice[];
}

/** The steps of a plan for which there is advice, in the order of the work. */
export function stepsOf(plan: readonly Advice[]): PlanStep[] {
	const of = (item: Advice): string => (WEED.includes(item.claim) ? 'weed' : item.topic);
	const planned = plan.filter(({ kind }) => kind === 'plan');
	const steps = STEPS.map(([key, title]) => ({ key, title, items: planned.filter((item) => of(item) === key) }));
	return steps.filter(({ items }) => items.length > 0);
}

/** Advice on the parts of the rig, by the part it concerns. */
export function partAdvice(plan: readonly Advice[]): { readonly part: string; readonly text: string }[] {
	return plan
		.filter(({ kind }) => kind === 'advice')
		.map(({ claim, text }) => ({ part: PARTS.find(([id]) => claim.startsWith(id))?.[1] ?? 'Retrieve', text }));
}
