/**
 * Constants of the running model, SI unless the name says otherwise. "Assumed" marks engineering judgment: chosen
 * inside plausible bounds so that known orderings of the craft hold, never measured.
 */

/** Fresh water: density kg/m3 and kinematic viscosity m2/s; gravity m/s2. */
export const WATER_KGM3 = 998;
/** Half the density of water: pressure of a flow over the square of its speed. */
export const HALF_DENSITY = 0.5 * WATER_KGM3;
export const VISCOSITY_M2S = 1.0e-6;
export const GRAVITY_MPS2 = 9.81;

/** Densities, kg/m3. */
export const DENSITY_KGM3 = {
	lead: 11340,
	tungsten: 16500,
	bismuth: 9780,
	steel: 7850,
	wire: 7900,
	brass: 8500,
	aluminium: 2700,
	skirt: 1150,
	trailer: 1080
} as const;

/** Line: diameter coefficient (mm per root pound, fits label diameters) and density kg/m3. */
export const LINES = {
	fluorocarbon: { mmPerRootLb: 0.084, densityKgM3: 1780 },
	mono: { mmPerRootLb: 0.09, densityKgM3: 1140 },
	braid: { mmPerRootLb: 0.0505, densityKgM3: 975 }
} as const;

/** Turning blades: share of the outline's box that is metal, and angle to the shaft in degrees (assumed). */
export const BLADE_FORMS = {
	colorado: { areaShare: 0.8, angleDeg: 50 },
	indiana: { areaShare: 0.76, angleDeg: 40 },
	willow: { areaShare: 0.68, angleDeg: 25 }
} as const;

/** A bladed jig's plate: sizes mm, density kg/m3, peak-to-peak amplitude over width, and its coefficients. */
export interface Plate {
	readonly widthMm: number;
	readonly heightMm: number;
	readonly thickMm: number;
	readonly densityKgM3: number;
	readonly sweep: number;
	readonly cd: number;
	readonly cl: number;
	readonly cf: number;
}

/** Bladed-jig plates: width, height, thickness mm; density; peak-to-peak amplitude over width; Cd, Cl, C_F (assumed). */
export const PLATES: Readonly<Record<'standard' | 'oversized' | 'clear', Plate>> = {
	standard: { widthMm: 33, heightMm: 38, thickMm: 0.8, densityKgM3: 7900, sweep: 0.45, cd: 1.0, cl: 0.3, cf: 0.6 },
	oversized: { widthMm: 40, heightMm: 46, thickMm: 0.8, densityKgM3: 7900, sweep: 0.45, cd: 1.0, cl: 0.3, cf: 0.6 },
	clear: { widthMm: 33, heightMm: 38, thickMm: 1.2, densityKgM3: 1200, sweep: 0.32, cd: 0.75, cl: 0.2, cf: 0.3 }
};

/** Share of a plate's box that is plate (docs/TANK.md). */
export const PLATE_SHARE = 0.8;

/** Skirts and soft bodies: drag and lift areas cm2, mass g (assumed). */
export const SKIRTS = {
	none: { dragCm2: 0, liftCm2: 0, massG: 0 },
	thin: { dragCm2: 2.5, liftCm2: 0.03, massG: 1.5 },
	full: { dragCm2: 4.5, liftCm2: 0.05, massG: 2.5 }
} as const;
export const TRAILERS = {
	none: { dragCm2: 0, liftCm2: 0, massG: 0 },
	'split-tail': { dragCm2: 0.8, liftCm2: 0.05, massG: 4 },
	grub: { dragCm2: 1.4, liftCm2: 0.2, massG: 5 },
	'paddle-tail': { dragCm2: 2.4, liftCm2: 0.6, massG: 8 },
	craw: { dragCm2: 3.0, liftCm2: 0.8, massG: 10 },
	'flat-craw': { dragCm2: 3.0, liftCm2: 0.8, massG: 10 },
	'flat-toad': { dragCm2: 2.6, liftCm2: 2.2, massG: 9 },
	swimbait: { dragCm2: 3.0, liftCm2: 0.25, massG: 11 },
	'slim-swimmer': { dragCm2: 1.2, liftCm2: 0.12, massG: 5 },
	minnow: { dragCm2: 1.0, liftCm2: 0.08, massG: 6 }
} as const;

/** Hook mass by family, g. */
export const HOOK_MASS_G = { spinnerbait: 1.6, 'bladed-jig': 1.9, buzzbait: 1.8, underspin: 1.5 } as const;

/** Wire arm: whole length m, usual diameter in, lever of the blade arm m. */
export const WIRE_LENGTH_M = 0.15;
export const USUAL_WIRE_IN = 0.035;
export const USUAL_ARM_M = 0.07;
/** The same of a compact spinnerbait: an arm about a sixth shorter, which shortens the whole wire as much (assumed). */
export const COMPACT_WIRE_M = 0.138;
export const COMPACT_ARM_M = 0.058;
/** How far (m) the head's weight lies under the line of pull: the model's, and of a keel low along the shank (assumed). */
export const KEEL_LEVER_M = { usual: 0.03, low: 0.034 } as const;

/**
 * Nobody has measured the drag of these lures well: a turning blade may have half as much again as the model says. Depths
 * are shown for both ends of that range; rigs are compared at its middle.
 */
export const DRAG_MOST = 1.5;
export const DRAG_MIDDLE = (1 + DRAG_MOST) / 2;

/** Rod tip above the water m, distance at which depth is told m, cast and countdown m and s, when nothing is said. */
export const USUAL_TIP_M = 0.6;
/** How far anglers raise the rod tip over the usual to keep a lure up, m (assumed: a rod held at ten o'clock). */
export const TIP_LIFT_M = 1.4;
export const USUAL_DISTANCE_M = 16;
export const USUAL_CAST_M = 27;
export const USUAL_COUNTDOWN_S = 2;
export const USUAL_BUZZ_MM = 45;

/** Mass (g) of a buzz blade by its diameter (docs/TANK.md). */
export const buzzMassG = (diameterMm: number): number => 1.2 * (diameterMm / USUAL_BUZZ_MM) ** 2;

/** Diameter of a full spool, m (docs/TANK.md). */
export const SPOOL_M = 0.034;
