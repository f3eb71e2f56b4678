/**
 * The closed vocabularies of readings, rigs and outings. One table: schemas, claims, forms and the word table of the
 * interface all read it, so a word exists everywhere or nowhere.
 */
export const TRENDS = ['rising', 'steady', 'falling'] as const;
export const PHASES = [
	'winter',
	'pre-spawn',
	'spawn',
	'post-spawn',
	'summer',
	'late-summer',
	'fall',
	'late-fall'
] as const;
export const DAY_LENGTHS = ['growing', 'steady', 'shrinking'] as const;
export const STAINS = ['clear', 'green', 'tannic', 'mud', 'mixed'] as const;
export const SKIES = ['sun', 'broken', 'overcast', 'dark'] as const;
export const LIGHTS = ['day', 'low', 'night'] as const;
export const WINDS = ['calm', 'ripple', 'chop', 'heavy'] as const;
export const BANKS = ['windblown', 'cross', 'sheltered'] as const;
export const CURRENTS = ['none', 'some', 'strong'] as const;
export const COVER_KINDS = [
	'stems',
	'leafy-weed',
	'pads',
	'grass-tops',
	'wood',
	'timber',
	'rock',
	'dock',
	'shell',
	'ditch',
	'open'
] as const;
export const DENSITIES = ['sparse', 'medium', 'thick', 'matted'] as const;
export const COVER_FORMS = ['even', 'edge', 'pockets'] as const;
export const SHADES = ['none', 'some', 'line'] as const;
export const ANSWERS = ['short-strikes', 'follows', 'misses'] as const;
export const OTHERS = ['full', 'compact', 'few'] as const;
export const FORAGE_KINDS = [
	'silver-baitfish',
	'sunfish',
	'perch',
	'golden-shiner',
	'bottom-fish',
	'crayfish',
	'fry'
] as const;
export const AMOUNTS = ['none', 'few', 'some', 'plenty'] as const;
export const EVENTS = ['baitfish-spawn', 'sunfish-spawn', 'front-coming', 'front-passed', 'schooling'] as const;
export const SPECIES = ['largemouth', 'smallmouth', 'spotted'] as const;
export const GOALS = ['numbers', 'balance', 'big'] as const;
export const MOODS = ['chasing', 'neutral', 'sluggish'] as const;
export const PRESSURES = ['low', 'medium', 'high'] as const;
export const PLACES = ['lake', 'reservoir', 'river', 'pond'] as const;
export const STANDS = ['boat', 'bank'] as const;

export const FAMILIES = ['spinnerbait', 'bladed-jig', 'buzzbait', 'underspin'] as const;
export const TURNING_STYLES = ['colorado', 'indiana', 'willow'] as const;
export const JIG_BLADES = ['standard', 'oversized', 'clear'] as const;
export const BUZZ_BLADES = ['prop-2', 'prop-3', 'prop-4'] as const;
export const FINISHES = ['nickel', 'gold', 'copper', 'white', 'black', 'chartreuse', 'green-pumpkin', 'clear'] as const;
export const TEXTURES = ['smooth', 'hammered'] as const;
export const THICKNESSES = ['standard', 'thin'] as const;
export const HEAD_MATERIALS = ['lead', 'tungsten', 'bismuth'] as const;
export const HEAD_SHAPES = ['plain', 'grass', 'deflect', 'palate', 'low-keel'] as const;
export const BODIES = ['full', 'compact'] as const;
export const NOISES = ['quiet', 'squeak', 'clack'] as const;
export const HOOK_GAUGES = ['light', 'standard', 'heavy'] as const;
export const HOOK_SHANKS = ['standard', 'long'] as const;
/** A single hook, a treble, or a treble dressed with hair. */
export const HOOK_STYLES = ['single', 'treble', 'dressed'] as const;
export const SKIRT_COLOURS = [
	'white',
	'pearl',
	'shad',
	'white-chartreuse',
	'chartreuse',
	'orange',
	'sunfish',
	'perch',
	'green-pumpkin',
	'watermelon',
	'brown-craw',
	'red-craw',
	'black',
	'black-blue',
	'purple',
	'none'
] as const;
export const SKIRT_MATERIALS = ['silicone', 'fine', 'hair'] as const;
export const SKIRT_LENGTHS = ['standard', 'short', 'long'] as const;
export const ACCENTS = ['none', 'chartreuse', 'red', 'orange'] as const;
export const TRAILER_KINDS = [
	'split-tail',
	'paddle-tail',
	'slim-swimmer',
	'grub',
	'craw',
	'flat-craw',
	'minnow',
	'flat-toad',
	'swimbait'
] as const;
export const MOUNTS = ['upright', 'crosswise'] as const;
export const TRAILER_HOOKS = ['none', 'free', 'stiff'] as const;
export const LINE_TYPES = ['fluorocarbon', 'mono', 'braid'] as const;
export const ROD_POWERS = ['medium', 'medium-heavy', 'heavy'] as const;
export const ROD_ACTIONS = ['slow', 'moderate', 'moderate-fast', 'fast'] as const;
export const ROD_MATERIALS = ['composite', 'graphite'] as const;
export const REEL_KINDS = ['casting', 'spinning'] as const;
export const RETRIEVES = [
	'steady',
	'slow-roll',
	'burn',
	'burn-pause',
	'lift-drop',
	'deflect',
	'wake',
	'surface'
] as const;

/** Places on a rig that a part of one's own can take. */
export const OWN_SLOTS = ['head', 'hook', 'front', 'rear', 'skirt', 'trailer'] as const;

export type OwnSlot = (typeof OWN_SLOTS)[number];
export type Family = (typeof FAMILIES)[number];
export type TurningStyle = (typeof TURNING_STYLES)[number];
export type JigBlade = (typeof JIG_BLADES)[number];
export type BuzzBlade = (typeof BUZZ_BLADES)[number];
export type Phase = (typeof PHASES)[number];
export type Retrieve = (typeof RETRIEVES)[number];
export type Finish = (typeof FINISHES)[number];
export type HeadShape = (typeof HEAD_SHAPES)[number];
export type HookStyle = (typeof HOOK_STYLES)[number];
export type SkirtColour = (typeof SKIRT_COLOURS)[number];
export type ForageKind = (typeof FORAGE_KINDS)[number];

/** When in a cast a fish struck. */
export const HITS = ['entry', 'fall', 'first-turns', 'steady', 'pop', 'deflection', 'boat-side'] as const;
export type Hit = (typeof HITS)[number];

/** Where the hook sat. */
export const HOOK_PLACES = ['skin', 'corner', 'roof', 'deep', 'unknown'] as const;
export type HookPlace = (typeof HOOK_PLACES)[number];

/** How the hook was set: swept with the rod, struck hard, or by nothing but winding on. */
export const HOOKSETS = ['sweep', 'strike', 'wind'] as const;
export type Hookset = (typeof HOOKSETS)[number];

/** What broke or bent. */
export const DAMAGES = ['line', 'wire', 'skirt', 'hook', 'blade'] as const;

/** What is landed: the bass of a reading, and what else takes the same lures. */
export const FISH = [...SPECIES, 'striped', 'pike', 'pickerel', 'walleye', 'other'] as const;
export type FishSpecies = (typeof FISH)[number];

/** The two rigs of a trial. */
export const ARMS = ['a', 'b'] as const;
export type Arm = (typeof ARMS)[number];
