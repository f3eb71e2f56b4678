import { keysOf } from '../basics/typed';
import type { TurningStyle } from '../schema/words';
import { BLADE_SIZES } from './bladeSizes';

/** Blade layouts of a spinnerbait. */
export const LAYOUTS = [
	'single',
	'colorado-willow',
	'colorado-indiana',
	'indiana-willow',
	'double-colorado',
	'double-willow'
] as const;
export type Layout = (typeof LAYOUTS)[number];

/** Styles and trade sizes of the blades on one wire; `front` is `null` for a single. */
export interface BladeSet {
	readonly front: { readonly style: TurningStyle; readonly size: number } | null;
	readonly rear: { readonly style: TurningStyle; readonly size: number };
}

const TANDEMS: Readonly<Record<Exclude<Layout, 'single' | 'double-willow'>, readonly [TurningStyle, TurningStyle]>> = {
	'colorado-willow': ['colorado', 'willow'],
	'colorado-indiana': ['colorado', 'indiana'],
	'indiana-willow': ['indiana', 'willow'],
	'double-colorado': ['colorado', 'colorado']
};

/** Double willows that are sold as pairs: the front blade is up to one size below the rear. */
const DOUBLE_WILLOWS: readonly (readonly [number, number])[] = [
	[3, 4],
	[3.5, 4],
	[3.5, 4.5],
	[4, 4.5],
	[4, 5],
	[4.5, 5],
	[5, 6],
	[6, 7]
];

function singles(): BladeSet[] {
	const styles = keysOf(BLADE_SIZES);
	return styles.flatMap((style) => BLADE_SIZES[style].map(({ size }) => ({ front: null, rear: { style, size } })));
}

/** Largest front blade of two different styles, and the rear size from which any front will do: larger ones clash. */
const FRONT_MAX = 4;
const FREE_FROM_REAR = 7;

/** How many times as long as the front blade the rear one is: two of a kind, two kinds (the craft's figures). */
const REAR_OVER_FRONT = { alike: [1.15, 1.5], mixed: [1.35, 2.4] } as const;

/** Every tandem whose rear blade is the larger by as much as looks and runs right. */
function tandems([front, rear]: readonly [TurningStyle, TurningStyle]): BladeSet[] {
	const [least, most] = REAR_OVER_FRONT[front === rear ? 'alike' : 'mixed'];
	const clash = (small: number, large: number): boolean =>
		front !== rear && small > FRONT_MAX && large < FREE_FROM_REAR;
	return BLADE_SIZES[front].flatMap((small) =>
		BLADE_SIZES[rear]
			.filter(({ size }) => !clash(small.size, size))
			.filter(({ lengthMm }) => lengthMm >= least * small.lengthMm && lengthMm <= most * small.lengthMm)
			.map((large) => ({ front: { style: front, size: small.size }, rear: { style: rear, size: large.size } }))
	);
}

/** Every set of blades that a layout allows. */
export function bladeSets(layout: Layout): BladeSet[] {
	if (layout === 'single') return singles();
	if (layout !== 'double-willow') return tandems(TANDEMS[layout]);
	return DOUBLE_WILLOWS.map(([front, rear]) => ({
		front: { style: 'willow', size: front },
		rear: { style: 'willow', size: rear }
	}));
}

/** The layout that a rig's blades make. */
export function layoutOf(blades: readonly { readonly position: string; readonly style: string }[]): Layout {
	const front = blades.find((blade) => blade.position === 'front')?.style;
	const rear = blades.find((blade) => blade.position === 'rear')?.style;
	if (!front) return 'single';
	const named = LAYOUTS.find((layout) => layout === (front === rear ? `double-${front}` : `${front}-${rear}`));
	return named ?? 'colorado-willow';
}
