import { spotDocumentSchema, type SpotDocument } from '../../core/schema/records';
import { database } from '../db/connection';

/** A spot as the screens see it. */
export interface SpotView extends SpotDocument {
	readonly id: string;
	readonly name: string;
	readonly bankBearingDeg: number;
}

/** A water with its spots. */
export interface WaterView {
	readonly id: string;
	readonly name: string;
	readonly timeZone: string;
	readonly place: string;
	readonly latitude: number;
	readonly longitude: number;
	readonly spots: readonly SpotView[];
}

/** An angler's waters and spots, by name. */
export async function listWaters(anglerId: string): Promise<WaterView[]> {
	const { Water, Spot } = database().models;
	const order: [string, string][] = [['name', 'ASC']];
	const [waters, spots] = await Promise.all([
		Water.findAll({ where: { anglerId }, order }),
		Spot.findAll({ where: { anglerId }, order })
	]);
	return waters.map(({ id, name, timeZone, place, latitude, longitude }) => ({
		id,
		name,
		timeZone,
		place,
		latitude,
		longitude,
		spots: spots
			.filter((spot) => spot.waterId === id)
			.map((spot) => ({
				id: spot.id,
				name: spot.name,
				bankBearingDeg: spot.bankBearingDeg,
				...spotDocumentSchema.parse(spot.document)
			}))
	}));
}
