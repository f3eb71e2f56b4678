import type { HookPlace } from '../../foundation/schema/words';
import { proofFacetOf } from './facets';
import { totalOf, type Fact } from './facts';

/** What the record is narrowed to: a facet's value each, or everything; and a word of the place. */
export type Filter = Readonly<Record<string, string>>;

/** The facts that a filter leaves. */
export const narrowedTo = (facts: readonly Fact[], filter: Filter): Fact[] =>
	facts.filter((fact) =>
		Object.entries(filter).every(([key, value]) => {
			if (value === '') return true;
			return key === 'spot' ? fact.spotId === value : proofFacetOf(key).of(fact) === value;
		})
	);

/** How much is left to look at. */
export interface Left {
	readonly outings: number;
	readonly casts: number;
	readonly strikes: number;
	readonly landed: number;
	readonly hours: number;
	/** Hours lost to weed. */
	readonly lostHours: number;
}

export const leftOf = (facts: readonly Fact[]): Left => ({
	outings: new Set(facts.map(({ outingId }) => outingId)).size,
	casts: totalOf(facts, ({ casts }) => casts),
	strikes: totalOf(facts, ({ strikes }) => strikes),
	landed: totalOf(facts, ({ landed }) => landed),
	hours: totalOf(facts, ({ activeS }) => activeS) / 3600,
	lostHours: totalOf(facts, ({ fouledS }) => fouledS) / 3600
});

/** Where fish were hooked, and how many of them came to hand. */
export interface Hooked {
	readonly hook: HookPlace;
	readonly landed: number;
	readonly lost: number;
}

export function hookedIn(facts: readonly Fact[]): Hooked[] {
	const found = new Map<HookPlace, { landed: number; lost: number }>();
	for (const { hook, landed } of facts.flatMap(({ hooks }) => hooks)) {
		if (!hook) continue;
		const held = found.get(hook) ?? { landed: 0, lost: 0 };
		found.set(hook, { landed: held.landed + Number(landed), lost: held.lost + Number(!landed) });
	}
	return [...found]
		.map(([hook, counts]) => ({ hook, ...counts }))
		.toSorted((a, b) => b.landed + b.lost - (a.landed + a.lost));
}

/** Fish lost from one place before it is a sign, and the share of them. */
const LOST_MIN = 3;
const LOST_SHARE = 0.45;
const ADVICE: Readonly<Record<HookPlace, string>> = {
	skin: 'Many tear out of the lip: the rod is too fast or you set too soon. Use a softer action and a sweep.',
	corner:
		'Many come off from the corner of the mouth: leverage. Use a longer shank and keep the rod bent and the line tight.',
	roof: 'Many come off from the roof, which is a good hold: check the point, try a larger hook, and mind line stretch.',
	deep: 'Many fish hooked deep are lost: go easy and loosen the drag.',
	unknown: 'Many are lost and nobody saw where they were hooked: look while you fight them.'
};

/** What the hook places say about rod, line and hookset; `null` where nothing stands out. */
export function hookAdvice(hooked: readonly Hooked[]): string | null {
	const worst = hooked.find(({ landed, lost }) => lost >= LOST_MIN && lost >= LOST_SHARE * (landed + lost));
	return worst ? ADVICE[worst.hook] : null;
}
