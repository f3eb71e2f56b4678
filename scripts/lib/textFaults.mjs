// Faults that no text of the interface may have.

/** Words of the code that anglers say otherwise; those that are English with their hyphen are not among them. */
const CODE_WORDS =
	/\b(silver-baitfish|golden-shiner|grass-tops|leafy-weed|late-summer|late-fall|first-turns|no-bites|burn-pause|lift-drop|baitfish-spawn|fatheads-spawn|learned-nothing)\b/;

const FAULTS = [
	['two spaces', /[ \u00a0\u202f]{2,}/],
	[
		'a plural after 1',
		/(?<![\d.,/–-])\b1 (outings|casts|bites|fish lost|rods|waters|spots|readings|calls|rigs|hours|minutes|seconds|days|checks|points|changes|locks|rules|entries|parts|lures|pieces|records|files)\b/
	],
	['the wrong article', /\b[Aa] (?!one\b|once\b)(under|[aeio][a-z])/],
	['an empty value', /\[none\]|\bundefined\b|\bNaN\b|\bInfinity\b|\[object /],
	['a word of the code', CODE_WORDS]
];

/** Names of the faults that a text has. */
export const faultsIn = (text) => FAULTS.filter(([, pattern]) => pattern.test(text)).map(([name]) => name);
