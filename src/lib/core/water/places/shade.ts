const RAD = Math.PI / 180;

/**
 * How far (m) over the water the shadow of what stands on a bank reaches, measured square to the bank: its height over the
 * tangent of the sun's, by the cosine between shadow and bank.
 *
 * @param heightM Height of bank and trees over the water.
 * @param bankBearingDeg Bearing in which one looks from the bank over the water.
 * @returns 0 where the sun shines on the bank from over the water, infinite where it is under the horizon.
 */
export function shadeM(
	heightM: number,
	bankBearingDeg: number,
	{ azimuthDeg, elevationDeg }: { readonly azimuthDeg: number; readonly elevationDeg: number }
): number {
	if (heightM <= 0) return 0;
	if (elevationDeg <= 0) return Infinity;
	const across = Math.cos((azimuthDeg + 180 - bankBearingDeg) * RAD);
	return Math.max(0, (heightM / Math.tan(elevationDeg * RAD)) * across);
}
