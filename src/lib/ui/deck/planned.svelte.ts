import { dequal } from 'dequal';
import type { App } from '$lib/client/state/app.svelte';
import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
import { recordAt } from '$lib/client/sync/server';
import { without } from '$lib/core/foundation/basics/without';
import { weatherOf, type Weather } from '$lib/core/water/weather/weather';
import type { ChartRecord } from '$lib/core/records/chartSchema';
import { estimatedC, type WaterRead } from '$lib/core/water/weather/waterTemperature';
import type { Outfit } from '$lib/core/foundation/schema/outfit';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import type { Tray } from '$lib/core/foundation/schema/tray';
import { edited, hoursOf, readOn, usualDay, withEdits, type DayPlan, type HourEdit } from './day';
import { SolvedDay } from './solved.svelte';
import { mapOf, spotHour, withoutThunder, type Map, type SpotHour } from './spotConditions';

const DAY_MS = 86_400_000;
/** Each day has weather of its own. */
const daysSince = (date: string): number => Math.floor(Date.parse(date) / DAY_MS);

/** A chart as a page gets it; without shores where they are to be fetched. */
export interface HeldChart extends Pick<ChartRecord, 'waterId'> {
	readonly id: string;
	readonly version: number;
	readonly shores: ChartRecord['shores'] | null;
}

/** The chart of a water that the page did not come with, fetched as soon as that water is looked at. */
export class FetchedChart {
	record = $state.raw<ChartRecord | null>(null);

	/** @param wanted The chart that is looked at; `null` where it is here already. */
	constructor(wanted: () => HeldChart | null) {
		$effect(() => {
			const chart = wanted();
			if (chart) void recordAt<ChartRecord>('charts', chart.id).then((one) => (this.record = one?.record ?? null));
		});
	}

	of(waterId: string | undefined): ChartRecord | null {
		return this.record?.waterId === waterId ? this.record : null;
	}

	/** Charts with the shores of the one that was fetched. */
	added(charts: readonly HeldChart[]): HeldChart[] {
		return charts.map((chart) => ({ ...chart, shores: chart.shores ?? this.of(chart.waterId)?.shores ?? null }));
	}
}

/** The day that is being planned, with its hours, weather and spots: what is chosen of it is a document like the others. */
export class PlannedDay {
	readonly #app: App;
	readonly #charts: () => readonly HeldChart[];
	readonly #lures: () => Tray;
	readonly #reads: () => readonly WaterRead[];
	/** What was worked out for it. */
	readonly solved = new SolvedDay();

	/**
	 * @param lures Rigs that are kept, as finished lures.
	 * @param reads What was read of the water's temperature.
	 */
	constructor(
		app: App,
		charts: () => readonly HeldChart[],
		lures: () => Tray,
		reads: () => readonly WaterRead[] = () => []
	) {
		this.#app = app;
		this.#reads = reads;
		this.#charts = charts;
		this.#lures = lures;
	}

	/** What was chosen, for tomorrow or today unless another day was. */
	readonly plan: DayPlan = $derived.by(() => {
		const day = this.#app.dayDocument.value;
		return { ...day, date: day.date ?? usualDay(this.#app.now, this.zone) };
	});

	/** What bounds the calls of the day: the kept rigs or the tray, where nothing else shall be cast. */
	readonly tray: Tray | undefined = $derived.by(() => (this.plan.kept ? this.#lures() : this.#app.ownParts));

	set(more: Partial<DayPlan>, step = ''): void {
		this.#app.planDay(more, step);
	}

	edit(at: string, more: HourEdit): void {
		this.set({ edits: withEdits(this.plan.edits, { [at]: more }) }, `hour ${at}`);
	}

	/** Fixes hours to spots, as by hand. */
	settle(spots: Readonly<Record<string, string>>): void {
		const more = Object.fromEntries(Object.entries(spots).map(([at, spot]) => [at, { spot }]));
		this.set({ edits: withEdits(this.plan.edits, more) }, 'way');
	}

	/** Leaves the places of all hours to the plan again; what else was changed of them stays. */
	unsettle(): void {
		const edits = Object.entries(this.plan.edits).map(([at, edit]) => [at, without(edit, 'spot')]);
		this.set({ edits: Object.fromEntries(edits) });
	}

	/** Puts a rod among those that are owned, or takes it out. */
	own(outfit: Outfit, isOwned: boolean): void {
		const others = this.plan.owned.filter((one) => !dequal(one, outfit));
		this.set({ owned: isOwned ? [...others, outfit] : others });
	}

	readonly water: ListedWater | null = $derived.by(() => this.#app.spot?.water ?? this.#app.waters[0] ?? null);
	readonly zone: string = $derived.by(() => this.water?.timeZone ?? 'UTC');
	readonly spots: readonly ListedSpot[] = $derived.by(() => this.water?.spots ?? []);
	/** The spots that may be fished: those that were ticked, or all of them. */
	readonly ticked: readonly ListedSpot[] = $derived.by(() =>
		this.spots.filter(({ id }) => this.plan.spots.length === 0 || this.plan.spots.includes(id))
	);
	readonly hours: readonly string[] = $derived.by(() => hoursOf(this.plan, this.zone));
	/** The weather of every hour: from the angler's own file where that has it, else made up; then what was set by hand. */
	readonly weathers: readonly Weather[] = $derived.by(() => {
		const { date, seed, station, edits } = this.plan;
		const made = weatherOf(daysSince(date) + seed, this.hours, (this.water?.longitude ?? 0) / 15);
		return made.map((weather) => {
			const told = station.find(({ at }) => at === weather.at);
			return edited(told ? { ...weather, ...told } : weather, edits[weather.at]);
		});
	});
	readonly chart: HeldChart | null = $derived.by(
		() => this.#charts().find(({ waterId }) => waterId === this.water?.id) ?? null
	);
	readonly map: Map | null = $derived.by(() => {
		const shores = this.chart?.shores;
		return this.water && mapOf(this.water, shores ? { shores } : null);
	});
	/** Temperature (°C) of the water on the day: as it was set by hand or read that day, else estimated. */
	readonly temperature: { readonly waterTemperatureC: number; readonly from: 'set' | 'read' | 'estimate' } =
		$derived.by(() => {
			const { date, waterTemperatureC } = this.plan;
			if (waterTemperatureC !== undefined) return { waterTemperatureC, from: 'set' };
			const { takenAt } = this.#app.record;
			const { reading } = this.#app;
			if (takenAt.slice(0, 10) === date) return { waterTemperatureC: reading.waterTemperatureC, from: 'read' };
			const own = this.#app.isSaid('waterTemperatureC')
				? [{ at: takenAt, waterTemperatureC: reading.waterTemperatureC }]
				: [];
			const estimate = estimatedC(`${date}T12:00:00.000Z`, this.water?.latitude ?? null, [...own, ...this.#reads()]);
			return { waterTemperatureC: estimate.waterTemperatureC, from: 'estimate' };
		});
	/** The water of the day, before its hours. */
	readonly read: ParsedReading = $derived.by(() =>
		readOn(this.#app.reading, this.#app.record.takenAt, this.plan.date, this.temperature.waterTemperatureC)
	);
	/** Every spot that may be fished in every hour. */
	readonly placed: readonly SpotHour[] = $derived.by(() => {
		const { water, map } = this;
		if (!water || !map) return [];
		return this.weathers.flatMap((weather) =>
			this.ticked.map((spot) =>
				spotHour(this.read, weather, { water, spot, map }, this.plan.record ? this.solved.record[spot.id] : undefined)
			)
		);
	});
	/** The same without the hours of thunder, in which nobody is on the water. */
	readonly afloat: readonly SpotHour[] = $derived.by(() => withoutThunder(this.placed, this.weathers));
}
