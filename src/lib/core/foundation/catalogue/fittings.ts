/** Small parts of the wire and the plate, mm (assumed within 20 %). */
export const FITTINGS_MM = {
	/** Inside radius of the open line tie, of the bend behind it, and of the blade's eye. */
	tieRadius: 2.3,
	backRadius: 1.5,
	eyeRadius: 1.55,
	/** Clevis: length of its strap and radius of its ear on the wire. */
	clevis: 5.4,
	clevisEar: 1.15,
	bead: 1.6,
	/** From one bead to the next along the wire. */
	beadStep: 3.2,
	/** Swivel with its split ring, ring to ring. */
	swivel: 12.2,
	/** A smaller one on an underspin. */
	smallSwivel: 10,
	/** From a blade's end to its hole. */
	bladeHole: 2.1,
	plateHinge: 3.4,
	rivet: 1.5,
	/** A buzz blade's trailing ear to the rivet behind it. */
	rivetBehind: 3
} as const;

/** Angles below the flow at which a swivel and the blades behind it trail, degrees. */
export const TRAILS_DEG = { swivel: 10, rear: 16, front: 14, frontWillow: 6 } as const;

/** Masses of small parts, g; assumed within a third. */
export const FITTING_MASS_G = {
	clevis: 0.12,
	bead: 0.1,
	swivel: 0.45,
	splitRing: 0.15,
	keeper: 0.05,
	tubing: 0.05,
	clip: 0.3,
	rivet: 0.1,
	clacker: 0.6,
	underspinArm: 0.35,
	screwIn: 0.5,
	array: 2.2,
	arrayStop: 0.1
} as const;

/** Usual rise of the upper arm over the level, as in the running model. */
export const USUAL_RISE_DEG = 35;
/** Usual runs of the wire: head to line tie and line tie to eye (running model's arm), mm. */
export const USUAL_LOWER_MM = 33.5;
/** Farthest that a front blade's clevis usually sits from the line tie, and nearest that it may, mm; assumed. */
export const CLEVIS_MM = { usual: 36, nearest: 14 } as const;
/** Buzzbait: run from head to bend, and how far the shaft reaches behind the blade, mm. */
export const BUZZ_MM = {
	lower: 30,
	behind: 14,
	riseOverDiameter: 0.56,
	leastRise: 26,
	lengthOverDiameter: 0.72
} as const;
