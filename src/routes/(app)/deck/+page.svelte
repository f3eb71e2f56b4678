<script lang="ts">
	import wasm from 'highs/runtime?url';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/app.svelte';
	import { WorkerClient } from '$lib/client/workers';
	import { ouncesText, rigName } from '$lib/core/naming/describe';
	import type { DeckAnswer, DeckApi, Worth } from '$lib/workers/deck.worker';
	import { calendarOf } from '$lib/ui/deck/calendar';
	import { bestHours, firstCast, fixedSpots, placedWorths, placesFor, staysOf, worthOf } from '$lib/ui/deck/day';
	import { awayM, withoutThunder } from '$lib/ui/deck/lies';
	import { PlannedDay } from '$lib/ui/deck/planned.svelte';
	import Views from '$lib/ui/deck/Views.svelte';
	import { download } from '$lib/ui/parts/download';
	import Curve from '$lib/ui/deck/Curve.svelte';
	import DayForm from '$lib/ui/deck/DayForm.svelte';
	import HowItWent from '$lib/ui/deck/HowItWent.svelte';
	import Packing from '$lib/ui/deck/Packing.svelte';
	import Hours, { type HourRow } from '$lib/ui/deck/Hours.svelte';
	import Rods from '$lib/ui/deck/Rods.svelte';

	const app = useApp();
	const worker = new WorkerClient<DeckApi>(
		() => new Worker(new URL('../../../lib/workers/deck.worker.ts', import.meta.url), { type: 'module' })
	);
	onMount(() => () => worker.close());

	const { data } = $props();
	const day = new PlannedDay(app, () => data.charts);
	const { water, zone, spots, ticked, hours, weathers, placed, map } = $derived(day);
	const plan = $derived(day.plan);

	let found = $state.raw<readonly Worth[]>([]);
	/** What each hour is worth at each place, the rules about places included. */
	const worths = $derived(placedWorths(placed, found));
	const spotOf = (id: string) => spots.find((spot) => spot.id === id);
	let answer = $state.raw<DeckAnswer | null>(null);
	let busy = $state(true);
	let failed = $state('');
	const chosen = $derived(
		placesFor(worths, fixedSpots(plan.edits), (from, to) => map && awayM(map, spotOf(from), spotOf(to)))
	);
	const stances = $derived(app.stand.stances);

	$effect(() => {
		const asked = placed.map(({ at, spot, reading }) => ({
			at,
			spot,
			reading: $state.snapshot(reading) as typeof reading
		}));
		const sides = { ...stances };
		if (asked.length === 0) return;
		void worker
			.latest('worth', (api) => api.worth(asked, sides) as Promise<Worth[]>)
			.then((worked) => worked && (found = worked))
			.catch(() => (failed = 'The day could not be worked out. Change something and try again.'));
	});
	const question = $derived.by(() => {
		const asked = [...chosen].flatMap(([at, { spot }]) => {
			const one = day.afloat.find((hour) => hour.at === at && hour.spot === spot);
			return one ? [{ at, spot, reading: one.reading }] : [];
		});
		return asked.length > 0 ? { hours: asked, rods: plan.rods, perHour: 4, stances: { ...stances } } : null;
	});
	$effect(() => {
		const asked = $state.snapshot(question);
		if (!asked) return;
		busy = true;
		failed = '';
		void worker
			.latest('deck', (api) => api.deck(asked, wasm) as Promise<DeckAnswer>)
			.then((found) => {
				if (!found) return;
				answer = found;
				busy = false;
			})
			.catch(() => {
				busy = false;
				failed = 'No deck could be worked out for this day.';
			});
	});

	const rows = $derived(
		weathers.map((weather): HourRow => {
			const worth = chosen.get(weather.at) ?? null;
			const rod =
				answer?.plan.rods.findIndex(({ hours: carried }) => carried.some(({ at }) => at === weather.at)) ?? -1;
			const cast = rod < 0 ? null : answer!.plan.rods[rod]!.hours.find(({ at }) => at === weather.at)!;
			return {
				at: weather.at,
				weather,
				reading: placed.find(({ at, spot }) => at === weather.at && spot === worth?.spot)?.reading ?? app.reading,
				worth,
				rod: rod < 0 ? null : rod + 1,
				lure: cast
					? `${rigName(cast.rig)}, ${ouncesText(cast.rig.weightOz)} oz`
					: busy
						? '…'
						: weather.thunder
							? ''
							: 'nothing runs',
				lie: placed.find(({ at, spot }) => at === weather.at && spot === worth?.spot) ?? null,
				edit: plan.edits[weather.at] ?? {}
			};
		})
	);
	/** What was planned for each hour, to hold the tally against. */
	const planned = $derived(
		(answer?.plan.rods ?? []).flatMap(({ hours: carried }) =>
			carried.map(({ at, spot, rig }) => ({ at, spot, family: rig.family }))
		)
	);
	const time = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }));
	const best = $derived(
		bestHours(withoutThunder([...chosen.values()], weathers).map((worth) => ({ at: worth.at, points: worthOf(worth) })))
	);
	const clock = (at: string): string => time.format(Date.parse(at));
	const coldest = $derived(Math.min(...rows.map(({ reading }) => reading.waterTemperatureC)));
	/** A fall into water under this takes the breath away, °C. */
	const COLD_C = 12;

	async function take() {
		const first = answer && firstCast(answer.plan.rods);
		if (!answer || !first || !water) return;
		const rigs = answer.plan.rods.flatMap(({ hours: carried }) => carried.map(({ rig }) => rig));
		const deck = [...new Map(rigs.map((rig) => [JSON.stringify(rig), rig])).values()].slice(0, 12);
		const spotId = chosen.get(hours[0]!)?.spot ?? app.record.spotId;
		const reading = rows[0]?.reading ?? app.reading;
		await app.tally.begin({ name: `${water.name}, ${plan.date}`, spotId, reading, rig: first, deck, trial: null });
		void goto(resolve('/tally'));
	}
	async function calendar() {
		const stays = staysOf(
			rows.flatMap(({ at, worth, rod, lure }) => (rod === null ? [] : [{ at, spot: worth?.spot ?? null, lure }]))
		);
		const text = await calendarOf(stays, (id) => app.spotOf(id)?.spot.name ?? '');
		download(`deck-${plan.date}.ics`, text, 'text/calendar');
	}
	const givesUp = ({ rods, value }: DeckAnswer['plan']): string =>
		`${rods.length} ${rods.length === 1 ? 'rod gives' : 'rods give'} up ${value.toFixed(1)}`;
</script>

<svelte:head><title>Deck · Lucernal</title></svelte:head>

<div class="screen deck">
	<div class="screen-title">
		<h1 class="phone-voiced">Which rods, when, and where?</h1>
		<Views />
		<p class="say" role="status">
			{#if failed}{failed}{:else if best}<strong>Best hours {clock(best.from)} to {clock(best.to)}</strong>{#if answer}; {givesUp(
						answer.plan
					)} points, {answer.plan.reties}
					{answer.plan.reties === 1 ? 'knot' : 'knots'}{answer.plan.exact ? ', proven' : ''}{/if}{:else}The day is being
				worked out.{/if}
		</p>
		<span class="doing">
			<button class="button" disabled={!answer} onclick={calendar}>Calendar</button>
			<button class="button" onclick={() => print()}>Print</button>
			<button class="button button-amber" disabled={!answer} onclick={take}>Take to the tally</button>
		</span>
	</div>
	<div class="screen-main">
		{#if !water}
			<p class="pad">No water with spots is kept yet: a day is planned over spots.</p>
		{:else}
			<DayForm day={plan} {spots} {ticked} waterName={water.name} onset={(more) => day.set(more)} />
			<div class="pad">
				<Hours {rows} spots={ticked} {zone} units={app.units} onedit={(at, more) => day.edit(at, more)} />
				<p class="quiet">
					The weather is made up by the station that ships with the application, no forecast: set sky and wind as yours
					says. The water is the one in hand, warmed by the day. A blue edge: pressure falls before a front.
				</p>
				{#if coldest < COLD_C}
					<p class="notice">Cold water: wear the vest, tell somebody where you are, and keep low in the boat.</p>
				{/if}
				{#if rows.some(({ weather }) => weather.thunder)}
					<p class="notice notice-fails">
						Thunder is about on this day: off the water before it, and stay off for half an hour after.
					</p>
				{/if}
			</div>
		{/if}
	</div>
	<div class="screen-side" aria-busy={busy}>
		<section class="part" aria-label="The deck">
			<h2>The deck</h2>
			{#if answer}
				<Rods rods={answer.plan.rods} {zone} />
				<Curve curve={answer.curve} rods={plan.rods} />
				<Packing rods={answer.plan.rods} />
				<HowItWent {clock} plan={planned} />
			{:else}<p class="quiet">The rods are being chosen.</p>{/if}
		</section>
	</div>
</div>

<style>
	.deck {
		--beside: 400px;
	}
	.say {
		flex: 1;
	}
	.doing {
		display: flex;
		gap: 6px;
	}
	.pad {
		padding: 6px 14px;
	}
	.quiet {
		padding-top: 4px;
		color: var(--ink-2);
	}
	/* On a phone the deck itself comes first, the hours behind it. */
	@media (width < 56rem) {
		.deck {
			display: flex;
			flex-direction: column;
		}
		.deck > .screen-main {
			order: 1;
		}
	}
	@media print {
		.doing {
			display: none;
		}
	}
</style>
