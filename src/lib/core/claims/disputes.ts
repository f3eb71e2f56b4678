import type { Reading } from '../water/reading/complete';
import type { DisputeSide } from './claim';
import { all, any, holds, not, type When } from '../water/reading/conditions';
import type { SetAside } from '../foundation/schema/failure';

/** A disagreement among good anglers: its sides and which one is the default, and why. */
export interface Dispute {
	readonly topic: string;
	readonly schools: readonly string[];
	/** What the disagreement is about, in neutral words. */
	readonly about: string;
	/** The default school, the first whose condition at least half holds; `null` for no school at all. */
	readonly auto: readonly (readonly [When, string | null])[];
	readonly because: string;
}

const plain = (
	topic: string,
	schools: readonly string[],
	auto: string | null,
	about: string,
	because: string
): Dispute => ({ topic, schools, about, auto: [['always', auto]], because });

/** Every split of the craft with its default. */
export const DISPUTES: readonly Dispute[] = [
	plain(
		'SKY',
		['exceptions', 'strict', 'indifferent'],
		'exceptions',
		'How much a bright sky forbids blades',
		'Exceptions are common enough to weigh.'
	),
	plain(
		'HEAT',
		['jig', 'fast-spinner'],
		'jig',
		'What hot water asks for',
		'Most change lure before they change speed.'
	),
	plain(
		'WEED-FAMILY',
		['spinner', 'either'],
		'spinner',
		'Which family comes through weed',
		'Wire sheds leaf by its shape.'
	),
	plain(
		'CLARITY-FAMILY',
		['both', 'divide'],
		'both',
		'Whether clarity chooses between spinnerbait and bladed jig',
		'Both are caught on both in both.'
	),
	{
		topic: 'FALL-SPEED',
		schools: ['burn', 'slow'],
		about: 'How fast to fish in fall',
		auto: [
			[any('front passed', 'sluggish'), 'slow'],
			['always', 'burn']
		],
		because: 'Fast while they chase, slow after a front or when sluggish.'
	},
	plain('MUD-BLADE', ['thump', 'knock'], 'thump', 'What blade for mud', 'A slow hard beat is found from farther.'),
	plain(
		'FINISH',
		['common', 'reversed', 'mixed', 'forage'],
		'common',
		'What decides the finish of a blade',
		'The common rule is the most widely held.'
	),
	plain('WIRE', ['by-use', 'thin', 'heavy'], 'by-use', 'Thin wire or heavy', 'Use decides between life and strength.'),
	plain(
		'THIN-WIRE-LINE',
		['match', 'strong'],
		'match',
		'Strong line on thin wire',
		'A line that opens the wire loses the fish.'
	),
	plain(
		'WEIGHT',
		['one', 'two', 'goal', 'burn'],
		null,
		'How many head weights one needs',
		'None by default: physics decides.'
	),
	{
		topic: 'DIRTY-COLOUR',
		schools: ['bright', 'dark'],
		about: 'Bright or dark in dirty water',
		auto: [
			[any('not day', 'thick'), 'dark'],
			['always', 'bright']
		],
		because: 'Dark where there is little light to reflect, bright where there is.'
	},
	plain(
		'SKIRT-MATERIAL',
		['silicone', 'fine'],
		'silicone',
		'Silicone or fine strands',
		'Silicone keeps its shape and comes in every colour.'
	),
	plain(
		'BUZZ-SKIRT',
		['bare', 'skirted'],
		'bare',
		'A buzzbait with or without its skirt',
		'Bare lifts more and can be slowed.'
	),
	plain('BJ-TRAILER', ['always', 'bare'], 'always', 'A trailer on a bladed jig', 'It steadies and fills the lure.'),
	plain('SB-TRAILER', ['bare', 'dressed'], 'bare', 'A trailer on a spinnerbait', 'Bare runs truest.'),
	plain(
		'TRAILER-HOOK',
		['conditional', 'always', 'rarely', 'never'],
		'conditional',
		'When to add a trailer hook',
		'It pays where strikes fall short and nothing snags.'
	),
	plain(
		'UNDERSPIN-HOOK',
		['light', 'strong'],
		'light',
		'Hook wire of an underspin',
		'Light wire goes home on a slow sweep.'
	),
	plain(
		'BJ-LINE',
		['medium', 'heavy', 'by-season'],
		'medium',
		'Line for a bladed jig',
		'Medium line lets the blade work and the lure go down.'
	),
	{
		topic: 'BUZZ-LINE',
		schools: ['braid', 'nylon'],
		about: 'Line for a buzzbait',
		auto: [
			['weed', 'braid'],
			['always', 'nylon']
		],
		because: 'Braid where it must cut weed, nylon elsewhere.'
	},
	plain(
		'BJ-ROD',
		['composite', 'graphite', 'short'],
		'composite',
		'Rod for a bladed jig',
		'A soft rod lets them keep it.'
	),
	{
		topic: 'SB-ROD',
		schools: ['short', 'long'],
		about: 'Rod length for a spinnerbait',
		auto: [
			[any('wood', 'dock'), 'short'],
			['always', 'long']
		],
		because: 'Short for accuracy at wood and docks, long for distance elsewhere.'
	},
	plain('SB-ACTION', ['deep', 'fast'], 'deep', 'Rod action for a spinnerbait', 'A deep bend forgives.'),
	plain('GEAR', ['casting', 'spinning'], 'casting', 'Baitcasting or spinning gear', 'Baitcasting winches better.'),
	plain('REEL', ['by-use', 'quick'], 'by-use', 'Which reel ratio', 'Length per turn follows the speed wanted.'),
	{
		topic: 'BJ-RETRIEVE',
		schools: ['lift-drop', 'steady'],
		about: 'How to work a bladed jig',
		auto: [
			[any('weed pockets', 'weed edge'), 'lift-drop'],
			['always', 'steady']
		],
		because: 'Lift and drop in pockets and beside weed, steady elsewhere.'
	},
	plain('WEED-PULL', ['reel', 'rip'], 'reel', 'How to free a hung lure', 'Leaning with the reel keeps it fishing.'),
	plain('VARY', ['vary', 'steady'], 'vary', 'Whether to vary the retrieve', 'A change is what tells you something.'),
	{
		topic: 'HOOKSET',
		schools: ['sweep', 'strike'],
		about: 'How to set the hook',
		auto: [
			[all(any('warm', 'chasing'), not('cold')), 'sweep'],
			['always', 'strike']
		],
		because: 'Sweep when fast or on thin wire, else strike.'
	},
	plain('AFTER-MISS', ['keep', 'stop', 'recast'], 'keep', 'What to do after a miss', 'A missed fish often comes back.'),
	plain('ROD-ANGLE', ['off', 'pointed'], 'off', 'Where to point the rod', 'Off to the side cushions the take.'),
	plain(
		'CLEAR-BLADE',
		['plastic', 'compact'],
		'plastic',
		'How to quieten a bladed jig in clear water',
		'The clear blade beats tight and shows nothing.'
	),
	plain(
		'ALLROUND',
		['colorado-willow', 'indiana', 'double-willow'],
		'colorado-willow',
		'The all-round pair of blades over grass',
		'A thump ahead and a flash behind serve most days.'
	),
	plain(
		'BJ-TAIL',
		['quiet', 'swimmer'],
		'quiet',
		'How much tail a bladed jig carries',
		'A tail that kicks against the blade kills its beat.'
	),
	plain(
		'WOOD-LINE',
		['heavy', 'light'],
		'heavy',
		'How strong a line at wood',
		'Wood saws a line, and the fish knows the way into it.'
	)
];

const BY_TOPIC = new Map(DISPUTES.map((split) => [split.topic, split]));

/** What an angler may say to a split: a school, the default, or all sides at once. */
export type Position = string;
export type Positions = Readonly<Record<string, Position>>;

/** The split of a topic, or `undefined` when there is none of that name. */
export function disputeOf(topic: string): Dispute | undefined {
	return BY_TOPIC.get(topic);
}

/** The default school of a split on a reading; `null` when the default takes no side. */
export function autoSchool(split: Dispute, reading: Reading): string | null {
	return split.auto.find(([when]) => holds(when, reading) >= 0.5)![1];
}

/**
 * Which sides of splits may speak under the angler's stances; each split is looked up once.
 *
 * @returns Whether a side, "SKY/strict", may speak.
 */
export function activeSides(stances: Positions, reading: Reading): (side: DisputeSide) => boolean {
	const heard = new Set<string>();
	for (const split of DISPUTES) {
		const { topic, schools } = split;
		const stance = stances[topic] ?? 'auto';
		// A school may itself be called "both" (clarity): the school's own word comes first.
		const alone = schools.includes(stance) ? stance : autoSchool(split, reading);
		const speaking = stance === 'both' && !schools.includes('both') ? schools : [alone];
		speaking.forEach((school) => heard.add(`${topic}/${school}`));
	}
	return (side) => heard.has(side);
}

/** Whether the angler himself takes a claim's side: a school by its name, neither the default nor both. */
export function sideChosen(side: string | undefined, stances: Positions): boolean {
	if (side === undefined) return false;
	const slash = side.indexOf('/');
	return stances[side.slice(0, slash)] === side.slice(slash + 1);
}

/** Positions that name a split and one of its schools, and those that do not, with why. */
export function knownPositions(given: Positions): { stances: Record<string, Position>; ignored: SetAside[] } {
	const ignored: SetAside[] = [];
	const known = Object.entries(given).filter(([topic, school]) => {
		const split = disputeOf(topic);
		const path = `stances.${topic}`;
		if (!split) ignored.push({ path, why: `There is no split ${topic}.` });
		else if (school === 'auto' || school === 'both' || split.schools.includes(school)) return true;
		else ignored.push({ path, why: `${topic} knows ${split.schools.join(', ')}, auto and both, saw ${school}.` });
		return false;
	});
	return { stances: Object.fromEntries(known), ignored };
}
