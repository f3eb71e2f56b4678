import { counted } from '../../foundation/labels/counted';
import type { Positions } from '../../claims/disputes';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import type { Reading } from '../../water/reading/complete';
import { WEED } from '../../water/reading/conditions';
import type { Rig } from '../../foundation/schema/rig';
import type { Finish, HookPlace, SkirtColour } from '../../foundation/schema/words';
import { changeText, type Field } from './changed';
import type { Story } from './story';

/** What may be said after a look at the tally. */
export interface Next {
	readonly kind: 'change' | 'advice' | 'wait' | 'learned-nothing';
	readonly title: string;
	/** What it follows from, with its figures. */
	readonly because: string;
	/** The field that is changed, and the rig after it where it is a part. */
	readonly field: Field | null;
	readonly rig: Rig | null;
}

/** Strikes a cast of an angler of whom nothing is known, and how many casts that is worth; assumed. */
const USUAL = { strikes: 3, casts: 100 } as const;
/** A dry spell as rare as this at the angler's own rate is a reason to change. */
const RARE = 0.2;
/** So many follows or short strikes, fouled casts, and fish hooked in one place are a sign. */
const SIGN = 2;
const FOULED_SIGN = 3;

/** Strikes a cast, the usual angler's record counted in with the own one. */
export const rateOf = ({ casts, strikes }: { casts: number; strikes: number }): number =>
	(USUAL.strikes + strikes) / (USUAL.casts + casts);

/** From here on odds are said no finer: the rate itself is known no better. */
const ODDS_MAX = 1000;

/** How seldom something of a chance happens, in words. */
export function rarely(chance: number): string {
	const odds = Math.max(2, Math.round(1 / chance));
	return odds > ODDS_MAX ? 'less than 1 in 1,000' : `1 in ${odds}`;
}

/** Casts without a strike that come one time in five at a rate. */
export const drySpell = (rate: number): number => Math.ceil(-Math.log(RARE) / rate);

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

const refinished = (rig: Rig, position: 'front' | 'rear', reading: Reading): Rig | null => {
	const blade = rig.blades.find((one) => one.position === position);
	if (!blade || rig.family === 'buzzbait') return null;
	const finish = otherFinish(blade.finish, reading);
	return { ...rig, blades: rig.blades.map((one) => (one === blade ? { ...one, finish } : one)) };
};

function reskirted(rig: Rig): Rig | null {
	const { colour } = rig.skirt;
	return colour === 'none' ? null : { ...rig, skirt: { ...rig.skirt, colour: OTHER_SKIRT[colour] } };
}

/** A shorter trailer, or none where it is short already; an underspin's is its body, and stays. */
function smallerTrailer(rig: Rig): Rig | null {
	if (!rig.trailer) return null;
	if (rig.trailer.lengthIn > 3) return { ...rig, trailer: { ...rig.trailer, lengthIn: 3 } };
	return rig.family === 'underspin' ? null : { ...rig, trailer: null };
}

/** What a second hook hangs in. */
const SNAGS: readonly string[] = [...WEED, 'wood', 'timber'];
/** Points of a hook with a second one behind it. */
const POINTS_WITH_SECOND = 2;

/** A second hook where it is open and the local rule allows it. */
function withTrailerHook(rig: Rig, { cover, rules }: Reading): Rig | null {
	const snags = cover.some(({ kind, topM }) => SNAGS.includes(kind) && topM < 1);
	const allowed = (rules.hooksMax ?? 2) >= 2 && (rules.pointsMax ?? POINTS_WITH_SECOND) >= POINTS_WITH_SECOND;
	return rig.trailerHook === 'none' && !snags && allowed ? { ...rig, trailerHook: 'free' } : null;
}

const SLOWER = 0.8;
const FASTER = 1.25;
const paced = (rig: Rig, by: number): Rig => ({
	...rig,
	retrieve: { ...rig.retrieve, speedMps: Math.round(rig.retrieve.speedMps * by * 20) / 20 }
});
/** Whoever turns back in clear water saw too much of it: slower there, faster in short sight. */
const respeeded = (rig: Rig, { visibilityM }: Reading): Rig => paced(rig, visibilityM >= 1.5 ? SLOWER : FASTER);

const restyled = (rig: Rig): Rig | null => {
	if (rig.family === 'buzzbait') return null;
	const style = rig.retrieve.style === 'steady' ? 'burn-pause' : 'steady';
	return { ...rig, retrieve: { ...rig.retrieve, style } };
};

/** Another beat: Colorado for willow, willow for Colorado; a bladed jig's and a buzz blade's own forms likewise. */
function reblades(rig: Rig): Rig | null {
	const other = { colorado: 'willow', indiana: 'willow', willow: 'colorado' } as const;
	const blades = rig.blades.map((blade) => {
		if (blade.position !== 'rear' || !(blade.style in other)) return blade;
		return { ...blade, style: other[blade.style as keyof typeof other], size: blade.style === 'willow' ? 4 : 4.5 };
	});
	const changed = blades.some((blade, at) => blade !== rig.blades[at]);
	return changed ? { ...rig, blades: blades } : null;
}

/** Nobody is sent beyond these heads, oz, by a tally alone. */
const LIGHTEST_OZ = 0.25;
const HEAVIEST_OZ = 1;

/** The next head of the catalog, a step up or down. */
function headBy(rig: Rig, step: 1 | -1): Rig | null {
	const heads = step > 0 ? WEIGHTS_OZ : WEIGHTS_OZ.toReversed();
	const next = heads.find((oz) => step * (oz - rig.weightOz) > 0);
	return next ? { ...rig, weightOz: next } : null;
}

interface Option {
	readonly field: Field;
	readonly text?: string;
	readonly make: (rig: Rig, reading: Reading) => Rig | null;
}

/** After follows and short strikes, in the craft's order. */
const TURNED_BACK: readonly Option[] = [
	{ field: 'rear finish', make: (rig, reading) => refinished(rig, 'rear', reading) },
	{ field: 'front finish', make: (rig, reading) => refinished(rig, 'front', reading) },
	{ field: 'skirt', make: reskirted },
	{ field: 'trailer', make: smallerTrailer },
	{ field: 'trailer hook', make: withTrailerHook },
	{ field: 'speed', make: respeeded },
	{ field: 'retrieve', make: restyled }
];

/** After nothing at all: retrieve, color, blades, depth, place. */
const NOTHING: readonly Option[] = [
	{ field: 'retrieve', make: restyled },
	{ field: 'skirt', make: reskirted },
	{ field: 'blades', make: reblades },
	{ field: 'weight', make: (rig) => (rig.weightOz < HEAVIEST_OZ ? headBy(rig, 1) : null) },
	{
		field: 'place',
		make: () => null,
		text: 'Another spot: the same kind of water with a turn, a depth or shade that this one lacks'
	}
];

/** After weed on the hook; faster is the last thing, as on the bench. */
const FOULED: readonly Option[] = [
	{ field: 'trailer hook', make: (rig) => (rig.trailerHook === 'none' ? null : { ...rig, trailerHook: 'none' }) },
	{ field: 'blades', make: (rig) => (rig.blades.some(({ style }) => style === 'colorado') ? reblades(rig) : null) },
	{ field: 'weight', make: (rig) => (rig.weightOz > LIGHTEST_OZ ? headBy(rig, -1) : null) },
	{ field: 'speed', make: (rig) => paced(rig, FASTER) },
	{ field: 'place', make: () => null, text: 'Cast along the weed instead of into it' }
];

const ADVICE: Readonly<Record<HookPlace, string>> = {
	skin: 'Hooked in the lip: the rod is too fast or you set too soon. Let it load, then sweep.',
	corner: 'Hooked in the corner and lost: leverage. Use a longer shank and keep the line tight.',
	roof: 'A good hold that was lost: check point, hook size and line.',
	deep: 'Hooked deep: they want it. Go easy, and cut the line rather than tear.',
	unknown: 'Lost fish: check the point, then look where the next one is hooked.'
};

const triedOf = ({ stretches }: Story): Set<Field> => new Set(stretches.flatMap(({ changed }) => changed));

function firstOf(options: readonly Option[], story: Story, reading: Reading, because: string): Next | null {
	const tried = triedOf(story);
	const { rig } = story.now;
	for (const { field, make, text } of options) {
		if (tried.has(field)) continue;
		const made = make(rig, reading);
		if (!made && !text) continue;
		const title = made ? changeText(field, rig, made) : text!;
		return { kind: 'change', title, because, field, rig: made };
	}
	return null;
}

/** Hook places that came twice among the lost ones of an outing. */
function badlyHooked({ stretches }: Story): HookPlace | null {
	const lost = stretches.flatMap(({ happened }) =>
		happened.flatMap(({ what }) => (what.kind === 'lost' ? [what.hook ?? 'unknown'] : []))
	);
	return lost.find((place) => lost.filter((one) => one === place).length >= SIGN) ?? null;
}

/**
 * The one next thing to do: after what was answered, what was tried on this outing, and how long a dry spell is usual.
 *
 * @param record The angler's casts and strikes on other outings.
 */
export function nextOf(
	story: Story,
	record: { readonly casts: number; readonly strikes: number },
	reading: Reading,
	stances: Positions
): Next {
	const { now } = story;
	const wait = (because: string): Next => ({ kind: 'wait', title: 'Keep going', because, field: null, rig: null });
	if (now.turn !== null) return wait('A trial is running: change nothing until this turn is over.');
	if (now.changed.length > 1 && now.casts === 0) {
		const both = now.changed.join(' and ');
		return {
			kind: 'learned-nothing',
			title: 'Two things changed at once',
			because: `${both} changed together, so the result won’t tell you which one did it.`,
			field: null,
			rig: null
		};
	}
	const place = badlyHooked(story);
	if (place && now.lost > 0) {
		return {
			kind: 'advice',
			title: ADVICE[place],
			because: 'Two fish were lost the same way.',
			field: null,
			rig: null
		};
	}
	const turned = now.follows + now.shorts;
	const came = turned >= SIGN && now.landed + now.lost === 0;
	const soFar = `${counted(now.follows, 'follow')}, ${counted(now.shorts, 'short strike')} in ${counted(now.casts, 'cast')}`;
	if (came) {
		const next = firstOf(TURNED_BACK, story, reading, `${soFar}: they come and turn away.`);
		if (next) return next;
	}
	if (now.fouled >= FOULED_SIGN) {
		const weedy = `${counted(now.fouled, 'fouled cast')} of ${now.casts}. First hold the tip up and twitch it free.`;
		const next = firstOf(FOULED, story, reading, weedy);
		if (next) return next;
	}
	// The other outings': a rate that falls with this dry spell would never find it long.
	const rate = rateOf(record);
	const spell = drySpell(rate);
	if (now.dry < spell) {
		return wait(`${now.dry} of ${spell} casts without a bite: at your rate that means nothing yet.`);
	}
	const because = `At your usual rate, the odds of ${now.dry} casts without a bite are ${rarely(Math.exp(-rate * now.dry))}.`;
	const options = stances.VARY === 'steady' ? NOTHING.filter(({ field }) => field !== 'retrieve') : NOTHING;
	return (
		firstOf(options, story, reading, because) ??
		wait('You tried all the usual changes here: move, or come back at another hour.')
	);
}
