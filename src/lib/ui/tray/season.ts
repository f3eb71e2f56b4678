import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import type { TrayPart, PartKind, Tray } from '$lib/core/foundation/schema/tray';

/** What each kind of part costs on average, of those with a price. */
export function usualPrices(tray: Tray): Partial<Record<PartKind, number>> {
	const priced = tray.filter((part): part is TrayPart & { price: number } => part.price !== undefined);
	const kinds = [...new Set(priced.map(({ part }) => part))];
	return Object.fromEntries(
		kinds.map((kind) => {
			const prices = priced.filter(({ part }) => part === kind).map(({ price }) => price);
			return [kind, Math.round((100 * prices.reduce((sum, price) => sum + price, 0)) / prices.length) / 100];
		})
	);
}

/** Most readings of a season that a device is asked to weigh. */
const SEASON_MAX = 24;

/** The readings that stand for a season: spread evenly over all that were saved. */
export function spread(readings: readonly ParsedReading[]): readonly ParsedReading[] {
	if (readings.length <= SEASON_MAX) return readings;
	return Array.from({ length: SEASON_MAX }, (_, at) => readings[Math.floor((at * readings.length) / SEASON_MAX)]!);
}
