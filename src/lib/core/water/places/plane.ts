/** A place on earth: degrees east and north, in the order of GeoJSON. */
export type LonLat = readonly [longitude: number, latitude: number];
/** A point of a water's own plane, m east and north of its origin. */
export interface Point {
	readonly eastM: number;
	readonly northM: number;
}

/** Mean radius of the earth, m (IUGG). */
const EARTH_M = 6_371_008.8;
const RAD = Math.PI / 180;

/** A flat map of a water, true to a thousandth over the ten kilometers that a water spans. */
export interface Plane {
	readonly pointOf: (place: LonLat) => Point;
	readonly placeOf: (point: Point) => LonLat;
}

/** The plane about a place. */
export function planeAbout([longitude, latitude]: LonLat): Plane {
	const [east, north] = [EARTH_M * RAD * Math.cos(latitude * RAD), EARTH_M * RAD];
	return {
		pointOf: ([lon, lat]) => ({ eastM: (lon - longitude) * east, northM: (lat - latitude) * north }),
		placeOf: ({ eastM, northM }) => [longitude + eastM / east, latitude + northM / north]
	};
}

/** Distance, m; a plain root, since it is asked for very often and nothing here overflows. */
export const distanceM = (a: Point, b: Point): number =>
	Math.sqrt((a.eastM - b.eastM) ** 2 + (a.northM - b.northM) ** 2);

/** The point so far (m) from another in a compass bearing (degrees). */
export const movedBy = ({ eastM, northM }: Point, bearingDeg: number, byM: number): Point => ({
	eastM: eastM + byM * Math.sin(bearingDeg * RAD),
	northM: northM + byM * Math.cos(bearingDeg * RAD)
});
