import { spoken } from '../../foundation/labels/spoken';
import { FAMILIES, FINISHES, PHASES, RETRIEVES, SKIES, SKIRT_COLOURS, WINDS } from '../../foundation/schema/words';
import type { Fact } from './facts';

/** A side of the fishing by which the record is looked at. */
export interface ProofFacet {
	readonly id: string;
	readonly title: string;
	/** The value of a stretch, in words. */
	readonly of: (fact: Fact) => string;
	/** Every value that there is, so that what was never tried can be named; none where there is no end to them. */
	readonly all: readonly string[];
	/** Whether it is something that the angler chooses, and so can be compared within an outing. */
	readonly chosen: boolean;
}

/** Ends of the classes: pace m/s, sight m. */
const PACES = [
	['slow, to 0.6 m/s', 0.6],
	['middling', 0.95],
	['fast', 1.3],
	['burned', Infinity]
] as const;
const SIGHTS = [
	['to 0.6 m', 0.6],
	['0.6 to 1.2 m', 1.2],
	['1.2 to 2.5 m', 2.5],
	['over 2.5 m', Infinity]
] as const;
const TEMPERATURES = [
	['to 10 °C', 10],
	['10 to 15 °C', 15],
	['15 to 20 °C', 20],
	['20 to 25 °C', 25],
	['over 25 °C', Infinity]
] as const;

const classOf = (classes: readonly (readonly [string, number])[], value: number): string =>
	classes.find(([, to]) => value <= to)![0];
const names = (classes: readonly (readonly [string, number])[]): string[] => classes.map(([name]) => name);
const words = (values: readonly string[], field = ''): string[] => values.map((value) => spoken(value, field));
const rear = ({ rig }: Fact) => rig.blades.find(({ position }) => position === 'rear') ?? rig.blades[0]!;

export const PROOF_FACETS: readonly ProofFacet[] = [
	{
		id: 'family',
		title: 'Family',
		of: ({ rig }) => spoken(rig.family),
		all: words(FAMILIES),
		chosen: true
	},
	{ id: 'finish', title: 'Rear finish', of: (fact) => spoken(rear(fact).finish), all: words(FINISHES), chosen: true },
	{ id: 'blade', title: 'Rear blade', of: (fact) => spoken(rear(fact).style), all: [], chosen: true },
	{
		id: 'skirt',
		title: 'Skirt',
		of: ({ rig }) => spoken(rig.skirt.colour),
		all: words(SKIRT_COLOURS),
		chosen: true
	},
	{
		id: 'retrieve',
		title: 'Retrieve',
		of: ({ rig }) => spoken(rig.retrieve.style),
		all: words(RETRIEVES),
		chosen: true
	},
	{
		id: 'pace',
		title: 'Pace',
		of: ({ rig }) => classOf(PACES, rig.retrieve.speedMps),
		all: names(PACES),
		chosen: true
	},
	{ id: 'trailer', title: 'Trailer', of: ({ rig }) => spoken(rig.trailer?.kind ?? 'none'), all: [], chosen: true },
	{ id: 'phase', title: 'Season', of: ({ reading }) => spoken(reading.phase), all: words(PHASES), chosen: false },
	{ id: 'sky', title: 'Sky', of: ({ reading }) => spoken(reading.sky, 'sky'), all: words(SKIES, 'sky'), chosen: false },
	{ id: 'wind', title: 'Wind', of: ({ reading }) => spoken(reading.wind), all: words(WINDS), chosen: false },
	{
		id: 'sight',
		title: 'See down to',
		of: ({ reading }) => classOf(SIGHTS, reading.visibilityM),
		all: names(SIGHTS),
		chosen: false
	},
	{
		id: 'temperature',
		title: 'Water',
		of: ({ reading }) => classOf(TEMPERATURES, reading.waterTemperatureC),
		all: names(TEMPERATURES),
		chosen: false
	}
];

/** The values of a facet that a record has: in the order of what there is, the least first; the rest by name. */
export function valuesIn({ of, all }: ProofFacet, facts: readonly Fact[]): string[] {
	const had = new Set(facts.map(of));
	const known = all.filter((value) => had.has(value));
	return [...known, ...[...had].filter((value) => !all.includes(value)).toSorted()];
}

/** The facet of an id. */
export const proofFacetOf = (id: string): ProofFacet => PROOF_FACETS.find((facet) => facet.id === id)!;
