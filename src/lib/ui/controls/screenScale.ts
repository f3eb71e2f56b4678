const KEY = 'lucernal.px-per-mm';
/** Scales (pixels per mm) that a screen can have. */
export const SCALE_RANGE = [2, 12] as const;
/** Pixels per mm at 96 to the inch, until the screen is calibrated. */
export const USUAL_PX_PER_MM = 96 / 25.4;

/** The scale that this screen was calibrated to. */
export function heldScale(): number {
	const held = Number(localStorage.getItem(KEY));
	return held >= SCALE_RANGE[0] && held <= SCALE_RANGE[1] ? held : USUAL_PX_PER_MM;
}

/** Remembers the scale of this screen; where that is not allowed it stays for this visit. */
export function keepScale(pxPerMm: number): void {
	try {
		localStorage.setItem(KEY, String(pxPerMm));
	} catch {
		// The scale stays for this visit.
	}
}
