import type { Reading } from '../water/reading/complete';
import type { DisputeSide } from './claim';
import { all, any, holds, type When } from '../water/reading/conditions';
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
		'Whether a bright sky rules out blades',
		'There are enough exceptions to count them.'
	),
	plain(
		'HEAT',
		['jig', 'fast-spinner'],
		'jig',
		'What to throw in hot water',
		'Most anglers change the lure before they change speed.'
	),
	plain(
		'WEED-FAMILY',
		['spinner', 'either'],
		'spinner',
		'Which family comes through weed',
		'The wire sheds leaves by its shape.'
	),
	plain(
		'CLARITY-FAMILY',
		['both', 'divide'],
		'both',
		'Whether clarity chooses between spinnerbait and bladed jig',
		'Both catch fish in clear and dirty water.'
	),
	{
		topic: 'FALL-SPEED',
		schools: ['burn', 'slow'],
		about: 'How fast to fish in fall',
		auto: [
			[any('front passed', 'sluggish'), 'slow'],
			['always', 'burn']
		],
		because: 'Fast while they chase; slow after a front or for sluggish fish.'
	},
	plain(
		'MUD-BLADE',
		['thump', 'knock'],
		'thump',
		'What blade for mud',
		'Bass find a slow, hard thump from farther away.'
	),
	plain(
		'FINISH',
		['common', 'reversed', 'mixed', 'forage'],
		'common',
		'What decides the finish of a blade',
		'Most anglers go by this rule.'
	),
	plain(
		'WIRE',
		['by-use', 'thin', 'heavy'],
		'by-use',
		'Thin wire or heavy',
		'It depends on how you fish it: thin is livelier, heavy is stronger.'
	),
	plain(
		'THIN-WIRE-LINE',
		['match', 'strong'],
		'match',
		'Strong line on thin wire',
		'Line that bends the wire open loses the fish.'
	),
	plain('WEIGHT', ['one', 'two', 'goal', 'burn'], null, 'How many head weights you need', 'The running model decides.'),
	{
		topic: 'DIRTY-COLOUR',
		schools: ['bright', 'dark'],
		about: 'Bright or dark in dirty water',
		auto: [
			['not day', 'dark'],
			[all('thick', 'no silver bait'), 'dark'],
			['always', 'bright']
		],
		because: 'Dark where there is little light to reflect, bright where there is more.'
	},
	{
		topic: 'BUZZ-TONE',
		schools: ['white', 'black'],
		about: 'White or black on a buzzbait',
		auto: [
			[any('silver bait', 'golden shiner', 'fry'), 'white'],
			['always', 'black']
		],
		because: 'White where bass eat bait, black where they don’t.'
	},
	plain(
		'BJ-FINISH',
		['dull', 'plain', 'gold-under-cloud'],
		null,
		'Finish of a bladed jig',
		'Body, bait and clarity decide.'
	),
	plain(
		'CLEAR-TONE',
		['natural', 'dark'],
		'natural',
		'Natural or dark in clear water',
		'What looks like food is hard to refuse.'
	),
	plain(
		'SKIRT-MATERIAL',
		['silicone', 'fine'],
		'silicone',
		'Silicone or fine strands',
		'Silicone keeps its shape and comes in every color.'
	),
	plain(
		'BUZZ-SKIRT',
		['bare', 'skirted'],
		'bare',
		'A buzzbait with or without its skirt',
		'Without a skirt it lifts more and can go slower.'
	),
	plain(
		'BJ-TRAILER',
		['always', 'bare'],
		'always',
		'A trailer on a bladed jig',
		'A trailer steadies the lure and fills it out.'
	),
	plain('SB-TRAILER', ['bare', 'dressed'], null, 'A trailer on a spinnerbait', 'Pace and bait decide.'),
	plain(
		'TRAILER-HOOK',
		['conditional', 'always', 'rarely', 'never'],
		'conditional',
		'When to add a trailer hook',
		'It helps where bass strike short and nothing snags.'
	),
	plain(
		'UNDERSPIN-HOOK',
		['light', 'strong'],
		'light',
		'Hook wire of an underspin',
		'Light wire goes home with a slow sweep.'
	),
	plain(
		'BJ-LINE',
		['medium', 'heavy', 'by-season'],
		'medium',
		'Line for a bladed jig',
		'Medium line lets the blade work and the lure get down.'
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
		'A soft rod gives the fish time to take it.'
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
	plain('SB-ACTION', ['deep', 'fast'], 'deep', 'Rod action for a spinnerbait', 'A deep bend is forgiving.'),
	plain(
		'GEAR',
		['casting', 'spinning'],
		'casting',
		'Baitcasting or spinning gear',
		'Casting gear has more power to pull fish out.'
	),
	plain('REEL', ['by-use', 'quick'], 'by-use', 'Which reel ratio', 'Pick inches per turn by the speed you want.'),
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
	plain('WEED-PULL', ['reel', 'rip'], 'reel', 'How to free a hung lure', 'Pulling with the reel keeps it fishing.'),
	plain('VARY', ['vary', 'steady'], 'vary', 'Whether to vary the retrieve', 'You only learn something from a change.'),
	{
		topic: 'HOOKSET',
		schools: ['sweep', 'strike'],
		about: 'How to set the hook',
		auto: [['always', 'sweep']],
		because: 'A sweep is enough; strike with a quick rod or a thick single hook.'
	},
	plain('AFTER-MISS', ['keep', 'stop', 'recast'], 'keep', 'What to do after a miss', 'A missed fish often comes back.'),
	plain('ROD-ANGLE', ['off', 'pointed'], 'off', 'Where to point the rod', 'Off to the side cushions the bite.'),
	plain(
		'CLEAR-BLADE',
		['plastic', 'compact'],
		'plastic',
		'How to quiet a bladed jig in clear water',
		'A clear blade has a tight beat and nothing to see.'
	),
	plain(
		'ALLROUND',
		['colorado-willow', 'indiana', 'double-willow'],
		'colorado-willow',
		'The all-round pair of blades over grass',
		'A thump in front and a flash behind work most days.'
	),
	plain(
		'BJ-TAIL',
		['quiet', 'swimmer'],
		'quiet',
		'How much tail to put on a bladed jig',
		'A tail that kicks against the blade kills its beat.'
	),
	plain(
		'WOOD-LINE',
		['heavy', 'light'],
		'heavy',
		'How strong a line at wood',
		'Wood cuts line, and a hooked fish heads right into it.'
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
