import type { Reading } from '../../water/reading/complete';
import { WORDS } from '../../water/reading/conditions';
import type { CallAnswer } from '../../foundation/schema/call';
import type { Family } from '../../foundation/schema/words';
import type { Positions } from '../../claims/disputes';
import type { ActiveClaim } from './activeClaims';

/** Claims that speak for blades, and the one against (the craft's list); entries of one number count once, the loudest. */
const FOR_BLADES: readonly (readonly string[])[] = [
	['FAM-01'],
	['FAM-03a', 'FAM-03b', 'FAM-03c'],
	['FAM-08'],
	['FAM-11', 'FAM-11b'],
	['FAM-13'],
	['FAM-21']
];
const AGAINST_BLADES = 'FAM-02';
/** Shade takes off what the bright sky says against blades; it is no reason for them by itself. */
const RELIEF = 'FAM-03c';
const GOOD_FROM = 1;
const POOR_FROM = -1;
/** What spawning bait, or willing fish in willing water, adds. */
const LIVELY = 2;
const LIVELY_C = [18, 25] as const;

/** From so cold and so hot water on blades are no good whatever the weather says (assumed: bass hardly feed there), °C. */
const FREEZING_C = 3;
const TOO_HOT_C = 33;
/** Up to so cold (C) sluggish fish stay put at night (assumed). */
const COLD_NIGHT_C = 13;

type Blades = CallAnswer['verdict']['blades'];

/** Other tools for a day that is not for blades, in general words. */
const INSTEAD = ['a jig, slower and quieter', 'a worm', 'a crankbait'];
const OVER_MATS = 'a hollow frog over matted cover';

const loudest = (entries: readonly ActiveClaim[]): ActiveClaim | null =>
	entries.reduce<ActiveClaim | null>((best, entry) => (best && best.weight >= entry.weight ? best : entry), null);

/** Why the day is livelier than its weather; `null` when it is not. */
function livelyBecause({ events, mood, waterTemperatureC, wind, light }: Reading): string | null {
	if (events.includes('baitfish-spawn')) return 'Bait is spawning: bass are up and feeding on it.';
	const willing = mood === 'chasing' && waterTemperatureC >= LIVELY_C[0] && waterTemperatureC <= LIVELY_C[1];
	const covered = wind === 'ripple' || wind === 'chop' || light === 'low';
	return willing && covered ? 'Chasing fish in mild water, with wind on the surface or low light.' : null;
}

/** In fall, bass in shallow grass of this temperature (C) take a blade even in a calm. */
const FALL_GRASS_C = [15, 22] as const;

function fallGrass(reading: Reading): boolean {
	const { phase, waterTemperatureC } = reading;
	const fall = phase === 'fall' || phase === 'late-fall';
	const mild = waterTemperatureC >= FALL_GRASS_C[0] && waterTemperatureC <= FALL_GRASS_C[1];
	return fall && mild && WORDS.weed(reading) > 0 && WORDS.shallow(reading) >= 0.5;
}

interface Cap {
	readonly holds: boolean;
	readonly at: Exclude<Blades, 'good'>;
	readonly because: string;
}

/** What no weather makes better than it is. */
function capsOf({ waterTemperatureC, visibilityM, mood, bank, light, fishFromM, fishToM }: Reading): Cap[] {
	const sluggish = mood === 'sluggish';
	const icy = waterTemperatureC < 7;
	const middleM = (fishFromM + fishToM) / 2;
	const blind = sluggish && visibilityM < 0.6;
	const windFeeds = bank === 'windblown' && visibilityM >= 0.3 && visibilityM <= 1.8;
	return [
		{
			holds: waterTemperatureC <= FREEZING_C,
			at: 'poor',
			because: 'Water this close to freezing: bass hardly move, least of all for a moving blade.'
		},
		{
			holds: waterTemperatureC >= TOO_HOT_C,
			at: 'poor',
			because: 'In water this hot bass go deep or shut down. Fish at first light, or leave them alone.'
		},
		{
			holds: icy && sluggish && visibilityM >= 2,
			at: 'poor',
			because: 'In icy, clear water sluggish bass look at a moving blade and turn away.'
		},
		{
			holds: icy && blind,
			at: 'poor',
			because: 'In icy, dirty water sluggish bass neither see a moving blade nor go after it.'
		},
		{
			holds: sluggish && waterTemperatureC <= 10 && middleM > 5,
			at: 'poor',
			because: 'Cold, sluggish bass this deep want something that stays in front of them.'
		},
		{
			holds: blind && middleM > 2.2,
			at: 'fair',
			because: 'Sluggish bass down there see little: a moving blade is soon gone.'
		},
		{ holds: icy, at: 'fair', because: 'Icy water: bass won’t move far for a moving lure.' },
		{
			holds: sluggish && waterTemperatureC <= 11 && !windFeeds,
			at: 'fair',
			because: 'Cold water and sluggish fish: something slower may do better.'
		},
		{
			holds: sluggish && light === 'night' && waterTemperatureC <= COLD_NIGHT_C,
			at: 'fair',
			because: 'On a cold night sluggish bass don’t hunt.'
		},
		{
			holds: middleM > 5,
			at: 'fair',
			because: 'This deep, a moving blade spends much of the cast on its way down and up.'
		}
	];
}

const ORDER: readonly Blades[] = ['poor', 'fair', 'good'];
const worse = (a: Blades, b: Blades): Blades => (ORDER.indexOf(a) <= ORDER.indexOf(b) ? a : b);

/**
 * Whether blades are a good idea at all on a reading, with what says so.
 *
 * @param best Family of the best call; one school of the sky lets a bladed jig off.
 */
export function verdictOf(
	spoken: readonly ActiveClaim[],
	reading: Reading,
	stances: Positions,
	best: Family | null
): CallAnswer['verdict'] {
	const skyLetsOff = stances.SKY === 'indifferent' && best === 'bladed-jig';
	const contra = skyLetsOff ? [] : spoken.filter(({ claim }) => claim.id === AGAINST_BLADES);
	const against = contra.reduce((total, { weight }) => total + weight, 0);
	const relieved = spoken.map((entry) =>
		entry.claim.id === RELIEF ? { ...entry, weight: Math.min(entry.weight, against) } : entry
	);
	const heard = (ids: readonly string[]): ActiveClaim | null =>
		loudest(relieved.filter(({ claim, weight }) => ids.includes(claim.id) && weight > 0));
	const pro = FOR_BLADES.map(heard).filter((entry) => entry !== null);
	const lively = livelyBecause(reading);
	const forThem = pro.reduce((total, { weight }) => total + weight, 0);
	const points = Math.round((forThem - against + (lively ? LIVELY : 0)) * 1000) / 1000;
	const poor = points <= POOR_FROM && !fallGrass(reading);
	const free: Blades = points >= GOOD_FROM ? 'good' : poor ? 'poor' : 'fair';
	const caps = capsOf(reading).filter(({ holds, at }) => holds && worse(free, at) !== free);
	const blades = caps.reduce<Blades>((verdict, { at }) => worse(verdict, at), free);
	const matted = spoken.some(({ claim }) => claim.id === 'FAM-23');
	const said = [...pro, ...contra].sort((a, b) => b.weight - a.weight).map(({ claim }) => claim.because);
	return {
		blades,
		points,
		reasons: [...caps.map(({ because }) => because), ...(lively ? [lively] : []), ...said],
		insteadTry: [...(matted ? [OVER_MATS] : []), ...(blades === 'poor' ? INSTEAD : [])]
	};
}
