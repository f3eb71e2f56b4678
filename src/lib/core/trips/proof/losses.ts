import { shareOf, type Share } from '../evidence/share';
import { spoken } from '../../foundation/labels/spoken';
import { HOOKSETS, type HookPlace } from '../../foundation/schema/words';
import { totalOf, type Fact, type HookedFish } from './facts';

/** What hooked fish are counted by: what the hook hangs on, and how it was set. */
const TACKLE = ['rod action', 'rod power', 'line', 'hook'] as const;
export const GEAR = [...TACKLE, 'hookset'] as const;
export type Gear = (typeof GEAR)[number];

const GEAR_OF: Readonly<Record<(typeof TACKLE)[number], (fact: Fact) => string>> = {
	'rod action': ({ rig }) => spoken(rig.rod.action),
	'rod power': ({ rig }) => spoken(rig.rod.power),
	line: ({ rig }) => `${spoken(rig.line.type)}, ${rig.line.testLb} lb`,
	hook: ({ rig }) => spoken(rig.hook.gauge)
};

/** Fish that were hooked with something, and how many of them came to hand. */
export interface LandedShare extends Share {
	readonly value: string;
	/** Where most of the lost ones were hooked; `null` where none was lost. */
	readonly lostFrom: HookPlace | null;
}

function mostLostFrom(fish: readonly HookedFish[]): HookPlace | null {
	const lost = fish.flatMap(({ hook, landed }) => (hook && !landed ? [hook] : []));
	const counts = new Map<HookPlace, number>();
	for (const hook of lost) counts.set(hook, (counts.get(hook) ?? 0) + 1);
	return [...counts].toSorted((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** By how the hook was set: only fish of which that was told. */
function landedByHookset(facts: readonly Fact[]): LandedShare[] {
	const told = facts.flatMap(({ hooks }) => hooks);
	return HOOKSETS.map((value) => {
		const fish = told.filter(({ set }) => set === value);
		return { value, ...shareOf(fish.filter(({ landed }) => landed).length, fish.length), lostFrom: mostLostFrom(fish) };
	});
}

/** How many of the hooked fish came to hand, by what they were hooked with or how the hook was set; the most first. */
export const landedBy = (facts: readonly Fact[], gear: Gear): LandedShare[] =>
	(gear === 'hookset' ? landedByHookset(facts) : landedByTackle(facts, gear))
		.filter(({ of }) => of > 0)
		.toSorted((a, b) => b.of - a.of);

function landedByTackle(facts: readonly Fact[], gear: (typeof TACKLE)[number]): LandedShare[] {
	const parts = new Map<string, Fact[]>();
	for (const fact of facts) {
		const value = GEAR_OF[gear](fact);
		parts.set(value, [...(parts.get(value) ?? []), fact]);
	}
	return [...parts].map(([value, list]) => {
		const [landed, lost] = [totalOf(list, (fact) => fact.landed), totalOf(list, (fact) => fact.lost)];
		const lostFrom = mostLostFrom(list.flatMap(({ hooks }) => hooks));
		return { value, ...shareOf(landed, landed + lost), lostFrom };
	});
}

/** Hours lost to weed with something. */
export interface Weeded {
	readonly value: string;
	readonly hours: number;
	readonly lostHours: number;
}

/** Hours fished and lost to weed by family and rear blade, the worst first. */
export function weededBy(facts: readonly Fact[]): Weeded[] {
	const parts = new Map<string, { hours: number; lostHours: number }>();
	for (const { rig, activeS, fouledS } of facts) {
		const blade = rig.blades.find(({ position }) => position === 'rear') ?? rig.blades[0];
		const value = blade ? `${spoken(rig.family)}, ${spoken(blade.style)}` : spoken(rig.family);
		const held = parts.get(value) ?? { hours: 0, lostHours: 0 };
		parts.set(value, { hours: held.hours + activeS / 3600, lostHours: held.lostHours + fouledS / 3600 });
	}
	const share = ({ hours, lostHours }: Weeded): number => (hours > 0 ? lostHours / hours : 0);
	return [...parts]
		.map(([value, held]) => ({ value, ...held }))
		.filter(({ lostHours }) => lostHours > 0)
		.toSorted((a, b) => share(b) - share(a));
}
