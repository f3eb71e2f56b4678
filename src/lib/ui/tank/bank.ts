import type { Reading } from '$lib/core/water/reading/complete';
import type { Approach } from '$lib/core/simulation/cast/approach';

/** Where a wind comes from as an angle of a cast (0 along the bank, 90 from over the bank), by what the reading says of it. */
export const WIND_FROM_DEG: Readonly<Record<Reading['bank'], number>> = { windblown: 270, sheltered: 90, cross: 180 };

const turned = (degrees: number): number => ((degrees % 360) + 360) % 360;

/**
 * Compass bearing of a cast.
 *
 * @param bankBearingDeg Bearing in which one looks from the bank over the water.
 */
export const bearingOf = (angleDeg: number, bankBearingDeg: number): number => turned(bankBearingDeg + 90 + angleDeg);

/** The angle of a cast that has a compass bearing; `bearingOf` the other way round. */
export const angleOf = (bearingDeg: number, bankBearingDeg: number): number => turned(bearingDeg - bankBearingDeg - 90);

const POINTS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;

/** A bearing as one of eight points of the compass. */
export const pointOf = (bearingDeg: number): string => POINTS[Math.round(turned(bearingDeg) / 45) % 8]!;

/**
 * The way to cast: whichever keeps the lure in the zone longest, and the one down the lanes that a wind opens in reeds or
 * pads (POS-03).
 *
 * @param downwindDeg The way of the wind as an angle of a cast; `null` where nothing stands that it would open.
 */
export function bestWay(
	ways: readonly Approach[],
	downwindDeg: number | null
): { way: Approach; lane: Approach | null } | null {
	const [first] = ways;
	if (!first) return null;
	const way = ways.reduce((top, one) => (one.zoneMPerH > top.zoneMPerH ? one : top), first);
	if (downwindDeg === null || downwindDeg > 180) return { way, lane: null };
	const off = ({ angleDeg }: Approach): number => Math.abs(angleDeg - downwindDeg);
	return { way, lane: ways.reduce((nearest, one) => (off(one) < off(nearest) ? one : nearest), first) };
}

/** What a way of casting is called. */
export function wayText(angleDeg: number): string {
	if (angleDeg === 90) return 'square to the bank';
	const off = Math.min(angleDeg, 180 - angleDeg);
	const side = angleDeg < 90 ? 'left' : 'right';
	return off === 0 ? `along the bank, ${side}` : `${off}° off the bank, ${side}`;
}

/** Where the sun stands to somebody who faces the bank, and what that means for his shadow. */
export function sunText(sunAngleDeg: number, elevationDeg: number): string {
	if (elevationDeg <= 0) return 'The sun is below the horizon: no shadows.';
	const angle = turned(sunAngleDeg);
	if (angle > 225 && angle < 315)
		return 'The sun is behind you: your boat and rod throw a shadow toward the bank. Sit farther out, or cast to the side.';
	if (angle > 45 && angle < 135)
		return 'The sun is over the bank: its shade lies on the water in front of it, and your shadow falls behind you.';
	const side = angle >= 135 && angle <= 225 ? 'right' : 'left';
	return `The sun is on your ${side}: your shadow falls to the ${side === 'right' ? 'left' : 'right'}. Cast to the ${side} first.`;
}
