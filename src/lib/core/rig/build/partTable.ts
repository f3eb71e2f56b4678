import { keysOf } from '../../foundation/basics/typed';
import {
	BLADE_FORMS,
	buzzMassG,
	DENSITY_KGM3,
	HOOK_MASS_G,
	LINES as LINE_FORMS,
	PLATE_SHARE,
	PLATES,
	SPOOL_M,
	SKIRTS,
	TRAILERS,
	WIRE_LENGTH_M
} from '../../foundation/constants/constants';
import { FAMILIES, HEAD_MATERIALS, HOOK_GAUGES, HOOK_SHANKS, type Family } from '../../foundation/schema/words';
import { feetText, KG_PER_OZ, MM_PER_IN } from '../../foundation/basics/units';
import { bladeThickMm } from '../../simulation/physics/blade';
import { BLADE_SIZES } from '../../foundation/catalogue/bladeSizes';
import { SKIRT_CUTS, SOFT_BODIES, STRAND_MM } from '../../foundation/catalogue/dress';
import { FITTING_MASS_G, FITTINGS_MM } from '../../foundation/catalogue/fittings';
import { HEAD_FORM, headSize } from '../../foundation/catalogue/heads';
import { HOOK_SIZES, HOOK_WIRE_MM, hookMeasures } from '../../foundation/catalogue/hooks';
import {
	BUZZ_DIAMETERS_MM,
	LINES,
	REELS,
	RODS,
	TRAILER_LENGTHS_IN,
	WEIGHTS_OZ,
	WIRES_IN
} from '../../foundation/catalogue/parts';

/** Where a figure comes from: worked out from a formula, a trade or mathematical standard, or assumed. */
export type Basis = 'formula' | 'standard' | 'assumed';

/** A figure with its basis and the range in which parts on sale lie. */
export interface Figure {
	readonly value: number;
	readonly low: number;
	readonly high: number;
	readonly basis: Basis;
}

export type FigureName =
	| 'lengthMm'
	| 'widthMm'
	| 'heightMm'
	| 'thickMm'
	| 'diameterMm'
	| 'gapeMm'
	| 'shankMm'
	| 'strands'
	| 'keelMm'
	| 'eyeMm'
	| 'dragCm2'
	| 'massG'
	| 'ratio'
	| 'spoolMm'
	| 'inchesPerTurn'
	| 'inchesPerTurnHalf';

export type PartKind =
	| 'head'
	| 'hook'
	| 'wire'
	| 'blade'
	| 'clevis'
	| 'bead'
	| 'swivel'
	| 'skirt'
	| 'trailer'
	| 'trailer-hook'
	| 'keeper'
	| 'tubing'
	| 'jig-blade'
	| 'clip'
	| 'buzz-blade'
	| 'rivet'
	| 'clacker'
	| 'underspin-arm'
	| 'screw-in'
	| 'array'
	| 'array-stop'
	| 'line'
	| 'leader'
	| 'rod'
	| 'reel';

/** A generic part. Its version is raised when a figure changes, so that a kept rig can tell. */
export interface CataloguePart {
	readonly id: string;
	readonly version: number;
	readonly kind: PartKind;
	readonly name: string;
	readonly figures: Readonly<Partial<Record<FigureName, Figure>>>;
	/** Price class 1 to 3; 0 for tackle that is not used up with the lure. */
	readonly price: 0 | 1 | 2 | 3;
}

/** Version of the table as a whole. */
export const CATALOGUE_VERSION = 1;

const figure = (value: number, basis: Basis, within: number): Figure => ({
	value,
	low: value * (1 - within),
	high: value * (1 + within),
	basis
});
const formula = (value: number, within = 0.1): Figure => figure(value, 'formula', within);
const standard = (value: number, within = 0.03): Figure => figure(value, 'standard', within);
const assumed = (value: number, within = 0.2): Figure => figure(value, 'assumed', within);

/** A part of the table, or one's own as the table would hold it. */
export const makePart = (
	kind: PartKind,
	key: string,
	name: string,
	price: CataloguePart['price'],
	figures: CataloguePart['figures']
): CataloguePart => ({
	id: key === '' ? kind : `${kind}-${key}`,
	version: CATALOGUE_VERSION,
	kind,
	name,
	figures,
	price
});

/** Keel lies this share of a head's height below its middle, and the eye this share of its length behind the nose. */
const KEEL_SHARE = 0.18;
const EYE_SHARE = 0.44;

function heads(): CataloguePart[] {
	const price = { lead: 1, bismuth: 2, tungsten: 3 } as const;
	return FAMILIES.flatMap((family) =>
		HEAD_MATERIALS.flatMap((material) =>
			WEIGHTS_OZ.map((weightOz) => {
				const [length, height] = headSize(family, weightOz, material);
				return makePart(
					'head',
					`${family}-${material}-${weightOz}`,
					`${HEAD_FORM[family]} head, ${material}`,
					price[material],
					{
						massG: standard(weightOz * KG_PER_OZ * 1000, 0.05),
						lengthMm: assumed(length, 0.15),
						heightMm: assumed(height, 0.15),
						keelMm: assumed(height * KEEL_SHARE, 0.4),
						eyeMm: assumed(length * EYE_SHARE)
					}
				);
			})
		)
	);
}

function hooks(): CataloguePart[] {
	return FAMILIES.flatMap((family) =>
		HOOK_SIZES.flatMap((size) =>
			HOOK_GAUGES.flatMap((gauge) =>
				HOOK_SHANKS.map((shank) => {
					const { gapeMm, shankMm } = hookMeasures({ size, shank });
					return makePart(
						'hook',
						`${family}-${size}-${gauge}-${shank}`,
						`${size} hook, ${gauge} wire, ${shank} shank`,
						1,
						{
							massG: assumed(HOOK_MASS_G[family], 0.3),
							diameterMm: assumed(HOOK_WIRE_MM[gauge], 0.1),
							gapeMm: formula(gapeMm),
							shankMm: formula(shankMm)
						}
					);
				})
			)
		)
	);
}

const wires = (): CataloguePart[] =>
	WIRES_IN.map((wireIn) => {
		const diameterMm = wireIn * MM_PER_IN;
		const massG = (Math.PI / 4) * diameterMm ** 2 * WIRE_LENGTH_M * (DENSITY_KGM3.wire / 1000);
		const figures = {
			diameterMm: standard(diameterMm),
			lengthMm: assumed(WIRE_LENGTH_M * 1000),
			massG: formula(massG, 0.05)
		};
		return makePart('wire', String(wireIn), `stainless wire ${wireIn.toFixed(3)} in`, 1, figures);
	});

function turningBlades(): CataloguePart[] {
	return keysOf(BLADE_SIZES).flatMap((style) =>
		BLADE_SIZES[style].map(({ size, lengthMm, widthMm }) => {
			const thickMm = bladeThickMm(size);
			const massG = (DENSITY_KGM3.brass / 1e6) * BLADE_FORMS[style].areaShare * lengthMm * widthMm * thickMm;
			const figures = {
				lengthMm: formula(lengthMm),
				widthMm: formula(widthMm),
				thickMm: assumed(thickMm),
				massG: formula(massG)
			};
			return makePart('blade', `${style}-${size}`, `${style} blade ${size}`, 1, figures);
		})
	);
}

function plates(): CataloguePart[] {
	return Object.entries(PLATES).map(([style, plate]) => {
		const { widthMm, heightMm, thickMm, densityKgM3 } = plate;
		const massG = (PLATE_SHARE * widthMm * heightMm * thickMm * densityKgM3) / 1e6;
		const figures = {
			widthMm: assumed(widthMm),
			heightMm: assumed(heightMm),
			lengthMm: assumed(heightMm),
			thickMm: assumed(thickMm),
			massG: formula(massG)
		};
		return makePart('jig-blade', style, `${style} plate`, 2, figures);
	});
}

const buzzBlades = (): CataloguePart[] =>
	(['prop-2', 'prop-3', 'prop-4'] as const).flatMap((style) =>
		BUZZ_DIAMETERS_MM.map((diameterMm) =>
			makePart('buzz-blade', `${style}-${diameterMm}`, `${style.slice(-1)}-winged buzz blade ${diameterMm} mm`, 1, {
				diameterMm: standard(diameterMm),
				lengthMm: standard(diameterMm),
				massG: formula(buzzMassG(diameterMm), 0.2)
			})
		)
	);

function skirts(): CataloguePart[] {
	return keysOf(SKIRT_CUTS).flatMap((length) =>
		keysOf(STRAND_MM).map((material) => {
			const { lengthMm, strands } = SKIRT_CUTS[length];
			const dress = SKIRTS[length === 'short' ? 'thin' : 'full'];
			return makePart('skirt', `${material}-${length}`, `${material} skirt, ${length}`, 1, {
				lengthMm: assumed(lengthMm),
				strands: assumed(strands),
				diameterMm: assumed(STRAND_MM[material]),
				dragCm2: assumed(dress.dragCm2, 0.4),
				massG: assumed(dress.massG, 0.3)
			});
		})
	);
}

function trailers(): CataloguePart[] {
	return keysOf(SOFT_BODIES).flatMap((kind) =>
		[...TRAILER_LENGTHS_IN].map((lengthIn) =>
			makePart('trailer', `${kind}-${lengthIn}`, `${kind.replaceAll('-', ' ')} ${lengthIn} in`, 1, {
				lengthMm: standard(lengthIn * MM_PER_IN, 0.05),
				massG: assumed(TRAILERS[kind].massG, 0.4),
				dragCm2: assumed(TRAILERS[kind].dragCm2, 0.4)
			})
		)
	);
}

const fitting = (kind: PartKind, name: string, massG: number, lengthMm: number, price: 1 | 2 = 1): CataloguePart =>
	makePart(kind, '', name, price, { massG: assumed(massG, 0.33), lengthMm: assumed(lengthMm) });

const fittings = (): CataloguePart[] => [
	fitting('clevis', 'stirrup clevis', FITTING_MASS_G.clevis, FITTINGS_MM.clevis),
	fitting('bead', 'bead, bearing and spacer', FITTING_MASS_G.bead, FITTINGS_MM.bead * 2),
	fitting('swivel', 'ball-bearing, split ring', FITTING_MASS_G.swivel + FITTING_MASS_G.splitRing, FITTINGS_MM.swivel),
	fitting('trailer-hook', 'trailer hook', HOOK_MASS_G.spinnerbait, 24),
	fitting('tubing', 'tubing that holds a trailer hook', FITTING_MASS_G.tubing, 5),
	fitting('keeper', 'wire keeper', FITTING_MASS_G.keeper, 6),
	fitting('clip', 'clip to tie to', FITTING_MASS_G.clip, 12),
	fitting('rivet', 'rivet behind the blade', FITTING_MASS_G.rivet, FITTINGS_MM.rivet * 2),
	fitting('clacker', 'flap that the blade strikes', FITTING_MASS_G.clacker, 15),
	fitting('underspin-arm', 'blade arm, molded in', FITTING_MASS_G.underspinArm, 22),
	fitting('screw-in', 'screw-in blade arm', FITTING_MASS_G.screwIn, 20),
	fitting('array', 'clip-on array of tiny blades', FITTING_MASS_G.array, 22, 2),
	fitting('array-stop', 'stop for the array', FITTING_MASS_G.arrayStop, 3)
];

function lines(): CataloguePart[] {
	const main = LINES.filter(({ leader }) => leader === null).map(({ type, testLb }) =>
		makePart('line', `${type}-${testLb}`, `${testLb} lb ${type}`, 0, {
			diameterMm: formula(LINE_FORMS[type].mmPerRootLb * Math.sqrt(testLb), 0.15)
		})
	);
	const leaders = (['fluorocarbon', 'mono'] as const).flatMap((type) =>
		[12, 15, 17, 20].map((testLb) =>
			makePart('leader', `${type}-${testLb}`, `${testLb} lb ${type} leader`, 1, {
				diameterMm: formula(LINE_FORMS[type].mmPerRootLb * Math.sqrt(testLb), 0.15)
			})
		)
	);
	return [...main, ...leaders];
}

const rodKey = ({ lengthIn, power, action, material }: (typeof RODS)[number]): string =>
	`${lengthIn}-${power}-${action}-${material}`;

const rods = (): CataloguePart[] =>
	RODS.map((rod) =>
		makePart('rod', rodKey(rod), `${rod.power} ${rod.action} ${rod.material} rod, ${feetText(rod.lengthIn)}`, 0, {
			lengthMm: standard(rod.lengthIn * MM_PER_IN, 0.01)
		})
	);

/** How much a half-filled spool winds of a full one's turn (docs/TANK.md). */
const HALF_FILL = Math.sqrt(0.5);

const reels = (): CataloguePart[] =>
	REELS.map(({ ratio, inchesPerTurn, kind }) =>
		makePart('reel', `${kind}-${ratio}`, `${kind} reel ${ratio}:1`, 0, {
			ratio: standard(ratio, 0.01),
			spoolMm: assumed(SPOOL_M * 1000),
			inchesPerTurn: standard(inchesPerTurn),
			inchesPerTurnHalf: formula(inchesPerTurn * HALF_FILL, 0.08)
		})
	);

/** Every generic part that the bench knows, by its key. */
export const PART_TABLE: ReadonlyMap<string, CataloguePart> = new Map(
	[
		...heads(),
		...hooks(),
		...wires(),
		...turningBlades(),
		...plates(),
		...buzzBlades(),
		...skirts(),
		...trailers(),
		...fittings(),
		...lines(),
		...rods(),
		...reels()
	].map((entry) => [entry.id, entry])
);

/** Lowest and highest cost of each price class, in whatever the angler pays with; assumed, for adding up only. */
export const PRICE_RANGE: Readonly<Record<CataloguePart['price'], readonly [number, number]>> = {
	0: [0, 0],
	1: [0.2, 1],
	2: [1, 3],
	3: [3, 8]
};

/** Key of a head, a hook or a wire in the table. */
export const headId = (family: Family, material: string, weightOz: number): string =>
	`head-${family}-${material}-${weightOz}`;
export const hookId = (family: Family, size: string, gauge: string, shank: string): string =>
	`hook-${family}-${size}-${gauge}-${shank}`;
