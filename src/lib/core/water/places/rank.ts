import { bankIn, type Weather } from '../weather/weather';
import type { Reading } from '../reading/complete';
import type { Point } from './plane';
import { dropM, soundedM, type Profile } from './profile';
import { shadeM } from './shade';
import { fetchM, widthM, type Shores } from './shore';
import { surfaceAt } from './waves';

/** A spot as a place: its bank, its bottom, and where it lies, where that is known. */
export interface SpotPlace {
	/** Bearing in which one looks from the bank over the water; `null` where nobody said. */
	readonly bankBearingDeg: number | null;
	readonly profile: Profile;
	/** Height (m) of bank and trees over the water. */
	readonly bankHeightM: number;
	readonly at: Point | null;
}

/** What is known of an hour at a place. */
export interface Setting {
	readonly weather: Pick<Weather, 'windMps' | 'windFromDeg'>;
	/** `null` where nobody said where on earth the water is. */
	readonly sun: { readonly azimuthDeg: number; readonly elevationDeg: number } | null;
	readonly shores: Shores;
}

/** What wind, water and sun make of a spot in an hour. */
export interface SpotConditions {
	readonly bank: NonNullable<Reading['bank']>;
	/** Open water (m) that the wind comes over; `null` where no shore is known. */
	readonly fetchM: number | null;
	readonly wind: Reading['wind'];
	/** How far (m) the bank's shadow reaches over the water. */
	readonly shadeM: number;
	/** Whether the wind blows down a long narrow arm here. */
	readonly isArm: boolean;
}

/** An arm is at least so long (m), and so many times as long as it is wide (assumed). */
export const ARM_M = 250;
export const ARM_SHAPE = 4;

/** How a spot lies in the wind and the sun of an hour. */
export function spotConditionsOf(
	{ bankBearingDeg, bankHeightM, at }: SpotPlace,
	{ weather, sun, shores }: Setting
): SpotConditions {
	const { windMps, windFromDeg } = weather;
	// Of a bank that may face anywhere nothing is said of wind and shade: it counts as one that lies across.
	if (bankBearingDeg === null) {
		return { bank: 'cross', fetchM: null, wind: surfaceAt(windMps, null), shadeM: 0, isArm: false };
	}
	const fetch = at ? fetchM(shores, at, bankBearingDeg, windFromDeg) : null;
	const width = at && fetch ? widthM(shores, at, windFromDeg) : null;
	return {
		bank: bankIn(windFromDeg, bankBearingDeg),
		fetchM: fetch,
		wind: surfaceAt(windMps, fetch),
		shadeM: sun ? shadeM(bankHeightM, bankBearingDeg, sun) : 0,
		isArm: fetch !== null && width !== null && fetch >= ARM_M && fetch >= ARM_SHAPE * width
	};
}

/** One reason for a place. */
export interface PlaceReason {
	readonly claim: string;
	readonly points: number;
	readonly because: string;
}

interface PlaceRule {
	readonly claim: string;
	readonly strength: 1 | 2 | 3;
	readonly because: string;
	/** How far it speaks for the place, from 0 to 1. */
	readonly suits: (lie: SpotConditions, reading: Reading, spot: SpotPlace) => number;
}

/** What wind is worth on a bank. */
const BLOWN = { calm: 0, ripple: 0.5, chop: 1, heavy: 0.7 } as const;
/** Ten feet, about which points, bends and shell hold fish in summer. */
const SUMMER_M = 3;
/** A shadow that reaches so far (m) covers what a cast along the bank works. */
const SHADED_M = 6;
/** So much drop (m) close by is as good as more. */
const STEEP_M = 3;

const clamp = (value: number): number => Math.min(1, Math.max(0, value));
const has = (reading: Reading, ...kinds: Reading['cover'][number]['kind'][]): boolean =>
	reading.cover.some(({ kind }) => kinds.includes(kind));
const isSummer = ({ phase }: Reading): boolean => phase === 'summer' || phase === 'late-summer';
const isLit = ({ sky, light }: Reading): boolean => light === 'day' && (sky === 'sun' || sky === 'broken');

/** What the craft says of places, with its own strengths; how far each holds is reckoned here. */
const PLACE_RULES: readonly PlaceRule[] = [
	{
		claim: 'POS-01',
		strength: 3,
		because: 'The wind blows onto this bank and brings bait.',
		suits: ({ bank, wind }) => (bank === 'windblown' ? BLOWN[wind] : 0)
	},
	{
		claim: 'POS-02',
		strength: 2,
		because: 'Shallow water with deep water close by.',
		suits: (_, __, { profile }) => clamp(dropM(profile) / STEEP_M)
	},
	{
		claim: 'POS-03',
		strength: 2,
		because: 'Reeds in wind: fish sit at their front edge.',
		suits: ({ bank, wind }, reading) => (has(reading, 'stems') && bank !== 'sheltered' ? BLOWN[wind] : 0)
	},
	{
		claim: 'POS-05',
		strength: 2,
		because: 'Winter: a ditch to follow out from its shallow end.',
		suits: (_, reading) => (reading.phase === 'winter' && has(reading, 'ditch') ? 1 : 0)
	},
	{
		claim: 'POS-06',
		strength: 2,
		because: 'Late winter: sunny shallows on the windy side.',
		suits: ({ bank, shadeM: shade }, reading, { profile }) => {
			const isLate = reading.phase === 'winter' && reading.dayLength === 'growing';
			return isLate && isLit(reading) && bank === 'windblown' && shade === 0 && soundedM(profile, 10) < 2 ? 1 : 0;
		}
	},
	{
		claim: 'POS-07',
		strength: 2,
		because: 'Summer: shell, rock and turns in the grass about 10 ft down.',
		suits: (_, reading, { profile }) => {
			const reaches = (profile.at(-1)?.depthM ?? 0) >= SUMMER_M;
			return isSummer(reading) && reaches && has(reading, 'shell', 'rock', 'ditch', 'grass-tops') ? 1 : 0;
		}
	},
	{
		claim: 'POS-07',
		strength: 2,
		because: 'Summer sun: the bank shades the water.',
		suits: ({ shadeM: shade }, reading) => (isSummer(reading) && isLit(reading) ? clamp(shade / SHADED_M) : 0)
	},
	{
		claim: 'POS-09',
		strength: 2,
		because: 'A long, narrow arm with the wind blowing down it.',
		suits: ({ isArm }) => (isArm ? 1 : 0)
	}
];

/** What speaks for a spot in an hour, most first; nothing speaks against one. */
export function placeReasons(lie: SpotConditions, reading: Reading, spot: SpotPlace): PlaceReason[] {
	return PLACE_RULES.flatMap(({ claim, strength, because, suits }) => {
		const points = strength * suits(lie, reading, spot);
		return points > 0 ? [{ claim, points, because }] : [];
	}).sort((a, b) => b.points - a.points);
}
