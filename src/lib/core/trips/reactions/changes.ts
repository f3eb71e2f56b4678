import type { Positions } from '../../claims/disputes';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import type { Reading } from '../../water/reading/complete';
import { followersSeeWell, noSecondHook } from '../../rig/bench/faults/finder';
import type { Rig } from '../../foundation/schema/rig';
import type { Finish, SkirtColour } from '../../foundation/schema/words';

const OTHER_FINISH: Readonly<Record<Finish, Finish>> = {
	gold: 'nickel',
	nickel: 'gold',
	copper: 'gold',
	white: 'nickel',
	black: 'gold',
	chartreuse: 'white',
	'green-pumpkin': 'gold',
	clear: 'nickel'
};
/** A skirt that is told apart from the one worn: light to natural, natural to light, dark to bright. */
const OTHER_SKIRT: Readonly<Record<Exclude<SkirtColour, 'none'>, SkirtColour>> = {
	white: 'shad',
	pearl: 'sunfish',
	shad: 'white',
	'white-chartreuse': 'white',
	chartreuse: 'white-chartreuse',
	orange: 'white-chartreuse',
	sunfish: 'white-chartreuse',
	perch: 'white-chartreuse',
	'green-pumpkin': 'white-chartreuse',
	watermelon: 'white',
	'brown-craw': 'black-blue',
	'red-craw': 'brown-craw',
	black: 'white-chartreuse',
	'black-blue': 'white-chartreuse',
	purple: 'white-chartreuse'
};

/** Silver does not show in tannic water or mud (FIN-15): there copper stands in for it. */
function otherFinish(worn: Finish, { stain }: Reading): Finish {
	const other = OTHER_FINISH[worn];
	return other === 'nickel' && (stain === 'tannic' || stain === 'mud')
		? worn === 'copper'
			? 'gold'
			: 'copper'
		: other;
}

/** The other finish on one blade. */
export const refinished = (rig: Rig, position: 'front' | 'rear', reading: Reading): Rig | null => {
	const blade = rig.blades.find((one) => one.position === position);
	if (!blade || rig.family === 'buzzbait') return null;
	const finish = otherFinish(blade.finish, reading);
	return { ...rig, blades: rig.blades.map((one) => (one === blade ? { ...one, finish } : one)) };
};

/** A skirt that is told apart from the one worn. */
export function reskirted(rig: Rig): Rig | null {
	const { colour } = rig.skirt;
	return colour === 'none' ? null : { ...rig, skirt: { ...rig.skirt, colour: OTHER_SKIRT[colour] } };
}

/** A shorter trailer, or none where it is short already; an underspin's is its body, and stays. */
export function smallerTrailer(rig: Rig): Rig | null {
	if (!rig.trailer) return null;
	if (rig.trailer.lengthIn > 3) return { ...rig, trailer: { ...rig.trailer, lengthIn: 3 } };
	return rig.family === 'underspin' ? null : { ...rig, trailer: null };
}

/** A second hook, where the bench advises one too. */
export const withTrailerHook = (rig: Rig, reading: Reading, stances: Positions): Rig | null =>
	noSecondHook(rig, reading, stances) === null ? { ...rig, trailerHook: 'free' } : null;

const SLOWER = 0.8;
export const FASTER = 1.25;
/** Reeled so many times as fast. */
export const paced = (rig: Rig, by: number): Rig => ({
	...rig,
	retrieve: { ...rig.retrieve, speedMps: Math.round(rig.retrieve.speedMps * by * 20) / 20 }
});
/** Whoever turns back in clear water saw too much of it: slower there, faster in short sight. */
export const respeeded = (rig: Rig, reading: Reading): Rig => paced(rig, followersSeeWell(reading) ? SLOWER : FASTER);

/** Another retrieve at the same pace. */
export const restyled = (rig: Rig): Rig | null => {
	if (rig.family === 'buzzbait') return null;
	const style = rig.retrieve.style === 'steady' ? 'burn-pause' : 'steady';
	return { ...rig, retrieve: { ...rig.retrieve, style } };
};

/** Another beat: Colorado for willow, willow for Colorado; a bladed jig's and a buzz blade's own forms likewise. */
export function reblades(rig: Rig): Rig | null {
	const other = { colorado: 'willow', indiana: 'willow', willow: 'colorado' } as const;
	const blades = rig.blades.map((blade) => {
		if (blade.position !== 'rear' || !(blade.style in other)) return blade;
		return { ...blade, style: other[blade.style as keyof typeof other], size: blade.style === 'willow' ? 4 : 4.5 };
	});
	const changed = blades.some((blade, at) => blade !== rig.blades[at]);
	return changed ? { ...rig, blades } : null;
}

/** Nobody is sent beyond these heads, oz, by a tally alone. */
export const LIGHTEST_OZ = 0.25;
export const HEAVIEST_OZ = 1;

/** The next head of the catalog, a step up or down. */
export function headBy(rig: Rig, step: 1 | -1): Rig | null {
	const heads = step > 0 ? WEIGHTS_OZ : WEIGHTS_OZ.toReversed();
	const next = heads.find((oz) => step * (oz - rig.weightOz) > 0);
	return next ? { ...rig, weightOz: next } : null;
}
