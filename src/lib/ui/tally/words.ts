import type { Hit, HookPlace, Hookset } from '$lib/core/foundation/schema/words';
import type { UnitSystem } from '$lib/core/records/schemas';
import { dequal } from 'dequal';
import type { FishSpecies } from '$lib/core/foundation/schema/words';
import type { Rig } from '$lib/core/foundation/schema/rig';
import { counted } from '$lib/core/foundation/labels/counted';
import { rigName } from '$lib/core/foundation/labels/describe';
import type { Entry } from '$lib/core/foundation/schema/tally';
import type { Story, Stretch } from '$lib/core/trips/tally/story';
import { withUnit } from '$lib/presentation/units';

export const HIT_WORDS: Readonly<Record<Hit, string>> = {
	entry: 'at the splash',
	fall: 'on the fall',
	'first-turns': 'in the first turns',
	steady: 'on a steady retrieve',
	pop: 'on a pop',
	deflection: 'after hitting cover',
	'boat-side': 'at the boat'
};

export const HOOK_WORDS: Readonly<Record<HookPlace, string>> = {
	skin: 'skin of the lip',
	corner: 'corner of the mouth',
	roof: 'roof of the mouth',
	deep: 'deep',
	unknown: 'not seen'
};

export const SPECIES_WORDS: Readonly<Record<FishSpecies, string>> = {
	largemouth: 'largemouth',
	smallmouth: 'smallmouth',
	spotted: 'spotted bass',
	striped: 'striped or white bass',
	pike: 'pike',
	pickerel: 'pickerel',
	walleye: 'walleye',
	other: 'another fish'
};

export const SET_WORDS: Readonly<Record<Hookset, string>> = {
	sweep: 'swept',
	strike: 'struck hard',
	wind: 'kept reeling'
};

/** An answer of the fish, or of the weed, as a button says it. */
export const ANSWERS = [
	['bite', 'Bite'],
	['follow', 'Follow'],
	['short', 'Short strike'],
	['landed', 'Landed'],
	['lost', 'Fish lost'],
	['fouled', 'Fouled']
] as const;
export type Answer = (typeof ANSWERS)[number][0];

/** What was counted with a lure over all of an outing, however often it was changed meanwhile. */
export type Counts = Pick<Stretch, 'casts' | 'follows' | 'shorts' | 'bites' | 'landed' | 'lost' | 'fouled'>;

const COUNTED = [
	'casts',
	'follows',
	'shorts',
	'bites',
	'landed',
	'lost',
	'fouled'
] as const satisfies readonly (keyof Counts)[];

/** Counts of every stretch that was fished with a rig. */
export function countsWith({ stretches }: Pick<Story, 'stretches'>, rig: Rig): Counts {
	const sum: Record<keyof Counts, number> = {
		casts: 0,
		follows: 0,
		shorts: 0,
		bites: 0,
		landed: 0,
		lost: 0,
		fouled: 0
	};
	for (const stretch of stretches) {
		if (dequal(stretch.rig, rig)) for (const key of COUNTED) sum[key] += stretch[key];
	}
	return sum;
}

/** How often each answer came: every fish that bit is a bite, landed, lost or not. */
export const countOf = (now: Counts, answer: Answer): number =>
	({
		bite: now.bites + now.landed + now.lost,
		follow: now.follows,
		short: now.shorts,
		landed: now.landed,
		lost: now.lost,
		fouled: now.fouled
	})[answer];

/** What a lure did, in a few words: "40 casts, 3 bites". */
export function countsText(counts: Counts): string {
	const told = [
		counted(counts.casts, 'cast'),
		countOf(counts, 'bite') > 0 ? counted(countOf(counts, 'bite'), 'bite') : '',
		counts.landed > 0 ? `${counts.landed} landed` : ''
	];
	return told.filter(Boolean).join(', ');
}

const CM_PER_IN = 2.54;
const lengthText = (cm: number, units: UnitSystem): string =>
	units === 'metric' ? `${Math.round(cm * 2) / 2} cm` : `${Math.round((cm / CM_PER_IN) * 4) / 4} in`;

/** What happened, in a line. */
export function happeningText(what: Entry, units: UnitSystem, spotName: (id: string | null) => string): string {
	switch (what.kind) {
		case 'cast':
			return what.count === 1 ? 'Cast' : `${what.count} casts`;
		case 'follow':
			return what.turnedM === null ? 'Follow' : `Follow, turned at ${withUnit(units, 'distance', what.turnedM)}`;
		case 'short':
			return `Short strike${what.hit ? `, ${HIT_WORDS[what.hit]}` : ''}`;
		case 'bite':
			return `Bite${what.hit ? `, ${HIT_WORDS[what.hit]}` : ''}`;
		case 'landed':
		case 'lost': {
			const length = what.kind === 'landed' && what.lengthCm !== null ? lengthText(what.lengthCm, units) : null;
			const said = [
				length,
				what.hook && HOOK_WORDS[what.hook],
				what.hit && HIT_WORDS[what.hit],
				what.set && SET_WORDS[what.set]
			].filter(Boolean);
			const kind = what.species ? SPECIES_WORDS[what.species] : null;
			const kept = what.kind === 'landed' && what.kept ? 'kept' : null;
			return [what.kind === 'landed' ? 'Landed' : 'Fish lost', kind, ...said, kept].filter(Boolean).join(', ');
		}
		case 'fouled':
			return what.seconds > 0 ? `Fouled, ${what.seconds} s` : 'Fouled';
		case 'lure-lost':
			return 'Lure lost';
		case 'damage':
			return `Damaged: ${what.part}`;
		case 'sonar':
			return `Sonar: ${what.text}`;
		case 'note':
			return what.text;
		case 'rig':
			return `Now ${rigName(what.rig).toLowerCase()}`;
		case 'spot':
			return `Now at ${spotName(what.spotId)}`;
		case 'reading':
			return `Water: ${withUnit(units, 'temperature', what.reading.waterTemperatureC)}, you see down to ${withUnit(units, 'depth', what.reading.visibilityM)}`;
		case 'turn':
			return `Trial, turn ${what.turn + 1}`;
		case 'broken':
			return 'Turn stopped early';
		case 'pause':
			return 'Pause';
		case 'resume':
			return 'Resumed';
		case 'end':
			return 'End';
	}
}

/** Seconds as a clock: 0:07, 12:40, 1:05:09. */
export function clockText(seconds: number): string {
	const whole = Math.floor(seconds);
	const [h, m, s] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
	const two = (figure: number): string => String(figure).padStart(2, '0');
	return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** Casts of the whole outing. */
export const castsOf = ({ stretches }: Story): number => stretches.reduce((sum, { casts }) => sum + casts, 0);
