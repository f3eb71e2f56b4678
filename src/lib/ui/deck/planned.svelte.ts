import { onMount } from 'svelte';
import type { App, HeldSpot, HeldWater } from '$lib/client/app.svelte';
import { weatherOf, type Weather } from '$lib/core/day/weather';
import type { ChartRecord } from '$lib/core/records/chartSchema';
import { edited, hoursOf, type DayPlan, type HourEdit } from './day';
import { mapOf, spotHour, withoutThunder, type Map, type SpotHour } from './lies';

const DAY_MS = 86_400_000;
/** Each day has weather of its own. */
const daysSince = (date: string): number => Math.floor(Date.parse(date) / DAY_MS);

/** A chart as a page gets it. */
export interface HeldChart extends Pick<ChartRecord, 'waterId' | 'shores'> {
	readonly id: string;
	readonly version: number;
}

/** The day that is being planned, with its hours, weather and spots; this browser remembers what was chosen of it. */
export class PlannedDay {
	readonly #app: App;
	readonly #charts: () => readonly HeldChart[];
	plan: DayPlan = $state.raw({ date: '', from: 6, to: 18, rods: 4, seed: 0, spots: [], edits: {}, station: [] });

	constructor(app: App, charts: () => readonly HeldChart[]) {
		this.#app = app;
		this.#charts = charts;
		this.plan = { ...this.plan, date: app.record.takenAt.slice(0, 10) };
		onMount(() => this.#recall());
	}

	get #key(): string {
		return `lucernal-${this.#app.anglerId}/deck`;
	}

	#recall(): void {
		try {
			const held = localStorage.getItem(this.#key);
			if (held) this.plan = { ...this.plan, ...(JSON.parse(held) as Partial<DayPlan>) };
		} catch {
			// The day begins anew.
		}
	}

	set(more: Partial<DayPlan>): void {
		this.plan = { ...this.plan, ...more };
		try {
			localStorage.setItem(this.#key, JSON.stringify(this.plan));
		} catch {
			// It stays for this visit.
		}
	}

	edit(at: string, more: HourEdit): void {
		this.set({ edits: { ...this.plan.edits, [at]: { ...this.plan.edits[at], ...more } } });
	}

	readonly water: HeldWater | null = $derived.by(() => this.#app.spot?.water ?? this.#app.waters[0] ?? null);
	readonly zone: string = $derived.by(() => this.water?.timeZone ?? 'UTC');
	readonly spots: readonly HeldSpot[] = $derived.by(() => this.water?.spots ?? []);
	/** The spots that may be fished: those that were ticked, or all of them. */
	readonly ticked: readonly HeldSpot[] = $derived.by(() =>
		this.spots.filter(({ id }) => this.plan.spots.length === 0 || this.plan.spots.includes(id))
	);
	readonly hours: readonly string[] = $derived.by(() => hoursOf(this.plan, this.zone));
	/** The weather of every hour: from the angler's own file where that has it, else made up; then what was set by hand. */
	readonly weathers: readonly Weather[] = $derived.by(() => {
		const { date, seed, station = [], edits } = this.plan;
		const made = weatherOf(daysSince(date) + seed, this.hours, (this.water?.longitude ?? 0) / 15);
		return made.map((weather) => {
			const told = station.find(({ at }) => at === weather.at);
			return edited(told ? { ...weather, ...told } : weather, edits[weather.at]);
		});
	});
	readonly chart: HeldChart | null = $derived.by(
		() => this.#charts().find(({ waterId }) => waterId === this.water?.id) ?? null
	);
	readonly map: Map | null = $derived.by(() => this.water && mapOf(this.water, this.chart));
	/** Every spot that may be fished in every hour. */
	readonly placed: readonly SpotHour[] = $derived.by(() => {
		const { water, map } = this;
		if (!water || !map) return [];
		return this.weathers.flatMap((weather) =>
			this.ticked.map((spot) => spotHour(this.#app.reading, weather, water, spot, map))
		);
	});
	/** The same without the hours of thunder, in which nobody is on the water. */
	readonly afloat: readonly SpotHour[] = $derived.by(() => withoutThunder(this.placed, this.weathers));
}
