import type { Cover, Forage, ReadingInput } from '../../core/foundation/schema/reading';
import type { SpotRecord } from '../../core/records/schemas';

/** The invented angler of the demo. */
export const ANGLER = { id: '6f1a3c52-0d4e-4b7a-9c11-2e5d8a7b4f01', name: 'Maren Vossel' } as const;

export interface DemoSpot {
	readonly name: string;
	readonly bankBearingDeg: number;
	/** Height (m) of bank and trees over the water. */
	readonly bankHeightM: number;
	readonly profile: SpotRecord['profile'];
	readonly cover: readonly Cover[];
}

export interface DemoWater {
	readonly name: string;
	readonly place: 'reservoir' | 'lake' | 'pond';
	readonly latitude: number;
	readonly longitude: number;
	/** What its readings have in common. */
	readonly water: Partial<ReadingInput>;
	/** Usual visibility (m) and how much it swings as a share. */
	readonly visibilityM: number;
	readonly swing: number;
	readonly forage: readonly Forage[];
	readonly spots: readonly DemoSpot[];
}

const growth = (kind: Cover['kind'], density: Cover['density'], topM: number, form: Cover['form'] = 'even'): Cover => ({
	kind,
	density,
	form,
	topM
});

const slope = (...points: [number, number][]): SpotRecord['profile'] =>
	points.map(([outM, depthM]) => ({ outM, depthM }));

/** The three invented waters with their eight spots, in rolling country near 44.1 N, 0.6 E. */
export const WATERS: readonly DemoWater[] = [
	{
		name: 'Hollin Reach',
		place: 'reservoir',
		latitude: 44.12,
		longitude: 0.58,
		water: { stain: 'clear', place: 'reservoir', from: 'boat', castM: 28 },
		visibilityM: 3.4,
		swing: 0.3,
		forage: [{ kind: 'silver-baitfish', lengthIn: 2.5, amount: 'plenty' }],
		spots: [
			{
				name: 'Long Ditch',
				bankBearingDeg: 200,
				bankHeightM: 9,
				profile: slope([0, 0], [8, 2], [20, 6.5], [32, 8]),
				cover: [growth('ditch', 'medium', 8), growth('timber', 'sparse', 5)]
			},
			{
				name: 'Drowned Orchard',
				bankBearingDeg: 95,
				bankHeightM: 6,
				profile: slope([0, 0], [10, 3], [30, 5]),
				cover: [growth('timber', 'medium', 1.5)]
			},
			{
				name: 'Stone Point',
				bankBearingDeg: 250,
				bankHeightM: 2,
				profile: slope([0, 0], [6, 1.6], [18, 3.4]),
				cover: [growth('rock', 'sparse', 2.6)]
			}
		]
	},
	{
		name: 'Tallow Mere',
		place: 'lake',
		latitude: 44.09,
		longitude: 0.63,
		water: { stain: 'tannic', place: 'lake', from: 'boat', castM: 24 },
		visibilityM: 1.1,
		swing: 0.2,
		forage: [
			{ kind: 'perch', lengthIn: 2.5, amount: 'some' },
			{ kind: 'sunfish', lengthIn: 3, amount: 'some' }
		],
		spots: [
			{
				name: 'Alder Bank',
				bankBearingDeg: 45,
				bankHeightM: 5,
				profile: slope([0, 0], [5, 0.7], [15, 1.6], [26, 2.1]),
				cover: [growth('grass-tops', 'medium', 0.8), growth('wood', 'medium', 0), growth('stems', 'thick', 0, 'edge')]
			},
			{
				name: 'Pad Bay',
				bankBearingDeg: 140,
				bankHeightM: 3,
				profile: slope([0, 0], [12, 0.9], [24, 1.3]),
				cover: [growth('pads', 'thick', 0), growth('grass-tops', 'thick', 0.2)]
			},
			{
				name: 'Old Landing',
				bankBearingDeg: 310,
				bankHeightM: 7,
				profile: slope([0, 0], [8, 1.4], [20, 2.8]),
				cover: [growth('dock', 'medium', 0), growth('shell', 'sparse', 2.7)]
			}
		]
	},
	{
		name: 'Brickfield Pits',
		place: 'pond',
		latitude: 44.15,
		longitude: 0.61,
		water: { stain: 'mud', place: 'pond', from: 'bank', castM: 20 },
		visibilityM: 0.45,
		swing: 0.4,
		forage: [
			{ kind: 'crayfish', lengthIn: 2.5, amount: 'some' },
			{ kind: 'fry', lengthIn: 1, amount: 'some' }
		],
		spots: [
			{
				name: 'East Pit',
				bankBearingDeg: 180,
				bankHeightM: 4,
				profile: slope([0, 0], [3, 1], [12, 1.8]),
				cover: [growth('wood', 'thick', 0)]
			},
			{
				name: 'Kiln Corner',
				bankBearingDeg: 20,
				bankHeightM: 11,
				profile: slope([0, 0], [4, 1.2], [16, 2.6]),
				cover: [growth('leafy-weed', 'medium', 0.9, 'pockets')]
			}
		]
	}
];
