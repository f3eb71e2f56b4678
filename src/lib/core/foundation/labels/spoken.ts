/** The one table from the contract's words to the angler's: what a screen says for a value. */
const SPOKEN: Readonly<Record<string, string>> = {
	rising: 'warming',
	falling: 'cooling',
	sheltered: 'sheltered',
	windblown: 'windblown',
	cross: 'crosswind',
	/** A sky without cloud, at whatever hour: the sun stands high in it only by day. */
	sun: 'cloudless',
	'silver-baitfish': 'silver baitfish',
	'golden-shiner': 'golden shiner',
	'bottom-fish': 'bottom fish',
	'leafy-weed': 'leafy weed',
	'grass-tops': 'grass tops',
	wood: 'wood',
	stems: 'stems and reeds',
	shell: 'shell bed',
	'pre-spawn': 'pre-spawn',
	'post-spawn': 'post-spawn',
	'late-summer': 'late summer',
	'late-fall': 'late fall',
	'baitfish-spawn': 'baitfish spawn',
	'sunfish-spawn': 'sunfish spawn',
	'front-coming': 'front coming',
	'front-passed': 'front passed',
	'short-strikes': 'short strikes',
	'lift-drop': 'lift and drop',
	'white-chartreuse': 'white-chartreuse',
	'black-blue': 'black-blue',
	big: 'big fish',
	full: 'full size'
};

/** Words that differ where the same value means something else: pressure and level rise, they do not warm. */
const BY_FIELD: Readonly<Record<string, Readonly<Record<string, string>>>> = {
	pressureTrend: { rising: 'rising', falling: 'falling' },
	level: { rising: 'rising', falling: 'falling' },
	cover: { open: 'open water' }
};

/** What the screen says for a value, in the field where it stands. */
export function spoken(value: string, field = ''): string {
	// The contract spells the word so; the screen spells it as anglers here do.
	return BY_FIELD[field]?.[value] ?? SPOKEN[value] ?? value.replaceAll('-', ' ').replace('colour', 'color');
}

/** A spoken word at the beginning of a line. */
export function spokenFirst(value: string, field = ''): string {
	const word = spoken(value, field);
	return word.charAt(0).toUpperCase() + word.slice(1);
}
