// Limits of what can be held, apart from the schemas that keep them: a screen knows them without the schema library.

/**
 * Ranges that a measured figure of a reading may take, SI. Outside them the figure is a slip of the pen, not water:
 * fresh water freezes at 0 C and bass leave no record above 40 C; the rest bounds the scales that the models cover.
 */
export const READING_RANGES = {
	waterTemperatureC: [0, 40],
	dayLengthH: [0, 24],
	visibilityM: [0.05, 20],
	sunElevationDeg: [-90, 90],
	moon: [0, 1],
	windMps: [0, 30],
	bottomM: [0.2, 60],
	fishFromM: [0, 60],
	fishToM: [0, 60],
	castM: [4, 60]
} as const satisfies Record<string, readonly [number, number]>;
export type RangedKey = keyof typeof READING_RANGES;

/** Depth (m) of the top of cover. */
export const COVER_TOP_M = [0, 60] as const;
/** Length (in) of what is eaten. */
export const FORAGE_IN = [0.2, 14] as const;
/** Hooks, and points of hooks, that a local rule may allow at most. */
export const RULE_RANGES = { hooksMax: [1, 20], pointsMax: [1, 60] } as const;
/** Largest number of cover, forage or event entries in one reading. */
export const LIST_MAX = 12;

/** Most letters of a name, and what is said where there are more, or none. */
export const NAME_MAX = 120;
export const NAME_LONG = `Use at most ${NAME_MAX} letters for a name.`;
export const NAME_MISSING = 'Give it a name.';
/** Most rules of one's own that are weighed together. */
export const HOUSE_RULES_MAX = 50;
/** Most rods of a day. */
export const RODS_MAX = 8;
/** Most hours that a file of weather has, and hours that are held as they were changed by hand. */
export const STATION_HOURS_MAX = 24 * 31;
export const EDITED_HOURS_MAX = 200;
