<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { recordAt } from '$lib/client/sync/server';
	import { newUuid } from '$lib/client/sync/uuid';
	import { spoken, spokenFirst } from '$lib/core/foundation/labels/spoken';
	import { ashore } from '$lib/core/water/places/bank';
	import type { Sounding } from '$lib/core/water/places/depths';
	import type { LonLat, Plane } from '$lib/core/water/places/plane';
	import type { Growth } from '$lib/core/water/places/growth';
	import type { Proposal } from '$lib/core/water/places/features';
	import type { ChartRecord } from '$lib/core/records/chartSchema';
	import { SCHEMA_VERSION } from '$lib/core/records/version';
	import { convertUnitsInText, shownIn } from '$lib/presentation/units';
	import { sunAt } from '$lib/presentation/almanac';
	import { worthOf } from '$lib/ui/deck/day';
	import { awayM, planeOf } from '$lib/ui/deck/spotConditions';
	import { depthsOf, drawingOf, drawnOn, spotAt, type Taking } from '$lib/ui/deck/mapExchange';
	import type { Drawing } from '$lib/ui/deck/sheet';
	import { locate } from '$lib/ui/places/locate';
	import type { Written } from '$lib/ui/deck/mapWrite';
	import NoSpots from '$lib/ui/places/NoSpots.svelte';
	import MapFiles from '$lib/ui/deck/MapFiles.svelte';
	import PlaceList, { type Ranked } from '$lib/ui/deck/PlaceList.svelte';
	import { PROPOSED_LOOKS } from '$lib/ui/deck/proposed';
	import PlacePlan from '$lib/ui/deck/PlacePlan.svelte';
	import RouteBar from '$lib/ui/deck/RouteBar.svelte';
	import { FetchedChart, PlannedDay } from '$lib/ui/deck/planned.svelte';
	import { routeOf } from '$lib/ui/deck/route';
	import Views from '$lib/ui/deck/Views.svelte';
	import { pointOf as compass } from '$lib/ui/tank/bank';
	import { workOut } from '$lib/ui/deck/workOut.svelte';

	const { data } = $props();
	const app = useApp();
	/** The chart of another water than the page came for, as soon as it is here. */
	const fetched = new FetchedChart(() => (held && !held.whole ? held : null));
	const day: PlannedDay = new PlannedDay(
		app,
		() => fetched.added(data.charts),
		() => data.lures
	);
	const { water, zone, hours, weathers, map } = $derived(day);
	const { worths, failed } = $derived(day.solved);
	const held = $derived(data.charts.find(({ waterId }) => waterId === water?.id) ?? null);
	const chart = $derived(held?.whole ?? fetched.of(water?.id));
	const time = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }));
	const date = $derived(
		new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: zone })
	);
	const clock = (at: string): string => time.format(Date.parse(at));

	let hour = $state(0);
	const index = $derived(Math.min(hour, hours.length - 1));
	const weather = $derived(weathers[index] ?? null);
	const sun = $derived(water && weather ? sunAt(water, weather.at) : null);
	const soundings = $derived<Sounding[]>(
		map && chart ? chart.soundings.map(([at, depthM]) => ({ ...map.plane.pointOf(at), depthM })) : []
	);

	const growths = $derived<Growth[]>(
		map && chart ? chart.growths.map(({ kind, ring }) => ({ kind, ring: ring.map((at) => map.plane.pointOf(at)) })) : []
	);

	/** `null` while they are looked for. */
	let proposals = $state.raw<readonly Proposal[] | null>(null);
	let marked = $state<string | null>(null);
	const spotOf = (id: string) => day.spots.find((spot) => spot.id === id);
	const nameOf = (id: string): string => spotOf(id)?.name ?? '';
	const here = $derived(day.placed.filter(({ at }) => at === weather?.at));
	workOut(app, day);
	$effect(() => {
		const [shores, sounded, grown] = [map?.shores ?? [], soundings, growths];
		void app.work
			?.proposals(shores, sounded, grown)
			.then((found) => found && (proposals = found))
			.catch(() => undefined);
	});

	const ranked = $derived.by((): Ranked[] => {
		const rows = here.map((one) => {
			const worth = worths.find(({ at, spot }) => at === one.at && spot === one.spot) ?? null;
			return {
				...one,
				name: nameOf(one.spot),
				blades: worth?.blades ?? null,
				value: worthOf({ points: worth?.points ?? 0, place: one.place })
			};
		});
		return rows.toSorted((a, b) => b.value - a.value).map((one, at) => ({ ...one, rank: at + 1 }));
	});
	const onPlan = $derived(
		ranked.flatMap(({ spot, name, rank, lie }) => {
			const held = spotOf(spot);
			if (!map || !held?.at) return [];
			const at = map.plane.pointOf(held.at);
			return [{ id: spot, name, at, rank, shadeM: lie.shadeM, bankBearingDeg: held.bankBearingDeg }];
		})
	);
	const route = $derived(
		routeOf(day.afloat, worths, day.plan.edits, (from, to) => {
			return map && awayM(map, spotOf(from), spotOf(to));
		})
	);
	const isSettled = $derived(Object.values(day.plan.edits).some(({ spot }) => spot !== undefined));
	const distance = $derived(shownIn(app.units, 'distance'));
	const best = $derived(ranked[0] ?? null);

	const written = $derived<Written>({
		name: water?.name ?? '',
		shores: (chart?.shores ?? []) as Written['shores'],
		soundings: (chart?.soundings ?? []) as Written['soundings'],
		growths: (chart?.growths ?? []) as Written['growths'],
		places: day.spots.flatMap(({ name, at }) => (at ? [{ name, at }] : [])),
		route: route.flatMap(({ spot, from }) => {
			const at = spotOf(spot)?.at;
			return at ? [{ name: nameOf(spot), at, from }] : [];
		})
	});

	async function take({ chart: next, moved, added }: Taking, of = water) {
		if (!of) return;
		const { sync } = app;
		if (next) {
			const stored = data.charts.find(({ waterId }) => waterId === of.id);
			const record: ChartRecord = { schemaVersion: SCHEMA_VERSION, waterId: of.id, ...next };
			await sync.put('charts', stored?.id ?? newUuid(), stored?.version ?? 0, record, `the map of ${of.name}`);
		}
		for (const { id, record } of moved) {
			const version = (await recordAt('spots', id))?.version ?? 0;
			await sync.put('spots', id, version, record, record.name);
		}
		for (const record of added) await sync.put('spots', newUuid(), 0, record, record.name);
		await sync.outbox?.flush();
		await invalidateAll();
	}
	/** The sheet that is being drawn on. It keeps what it was opened with: data that arrives meanwhile must not close it. */
	interface Sheet {
		readonly of: NonNullable<typeof water>;
		readonly plane: Plane;
		readonly before: Drawing;
		readonly spots: number;
	}
	let sheet = $state.raw<Sheet | null>(null);
	function draw() {
		if (!water) return;
		const plane = planeOf(water, chart);
		sheet = { of: water, plane, before: drawingOf(plane, chart), spots: day.spots.length };
	}
	async function drawn({ plane, of }: Sheet, next: Drawing) {
		await take(drawnOn(plane, of.id, next), of);
		sheet = null;
	}
	let located = $state('');
	async function iAmHere() {
		if (!water || !map) return;
		const found = await locate();
		if ('why' in found) {
			located = found.why;
			return;
		}
		const at: LonLat = [found.longitude, found.latitude];
		const depths = depthsOf(map.plane, chart ?? { shores: [], soundings: [] });
		const record = spotAt(map.plane, depths, water.id, { name: `Spot ${day.spots.length + 1}`, at });
		await take({ chart: null, moved: [], added: [record] });
		located = `${record.name} is where you are. Rename it under Waters and spots.`;
	}
	async function keepProposal({ eastM, northM, kind }: Proposal) {
		if (!water || !map) return;
		const name = `${PROPOSED_LOOKS[kind].name} ${day.spots.length + 1}`;
		const depths = depthsOf(map.plane, chart ?? { shores: [], soundings: [] });
		const at = map.plane.placeOf(ashore(map.shores, { eastM, northM }));
		const record = spotAt(map.plane, depths, water.id, { name, at });
		await app.sync.put('spots', newUuid(), 0, record, name);
		await app.sync.outbox?.flush();
		await invalidateAll();
	}
</script>

<svelte:head><title>Places · Deck · Lucernal</title></svelte:head>

<div class="screen [--beside:420px]">
	<div class="screen-title">
		<h1 class="phone-voiced">Where to fish, hour by hour</h1>
		<Views />
		<p class="flex-1" role="status">
			{#if failed}{failed}
			{:else if weather?.thunder}Thunder at {clock(weather.at)}: off the water.
			{:else if best && weather}<strong>{best.name}</strong> at {clock(weather.at)}, wind from the {compass(
					weather.windFromDeg
				)}
			{/if}
		</p>
	</div>
	<div class="screen-main">
		{#if sheet}
			{@const open = sheet}
			{#await import('$lib/ui/deck/DrawSheet.svelte') then { default: DrawSheet }}
				<DrawSheet
					drawing={open.before}
					spots={open.spots}
					units={app.units}
					onsave={(next) => drawn(open, next)}
					onclose={() => (sheet = null)}
				/>
			{/await}
		{/if}
		{#if water && weather}
			<div class="flex items-center gap-12 px-14 py-6">
				<label class="flex flex-1 items-center gap-10"
					>Hour <input
						class="min-h-44 flex-1 accent-amber"
						type="range"
						min="0"
						max={hours.length - 1}
						bind:value={hour}
					/></label
				>
				<output class="figure">{clock(weather.at)}</output>
				<span class="quiet">{date.format(Date.parse(weather.at))}, {spoken(weather.sky, 'sky')}</span>
			</div>
			{#if !sheet && (onPlan.length > 0 || (map?.shores.length ?? 0) > 0)}
				<PlacePlan
					shores={map?.shores ?? []}
					{soundings}
					{growths}
					spots={onPlan}
					proposals={proposals ?? []}
					windFromDeg={weather.windFromDeg}
					windMps={weather.windMps}
					{sun}
					{marked}
					units={app.units}
					text="Plan of {water.name}, north up, with its spots in the order of the hour"
					onmark={(id) => (marked = marked === id ? null : id)}
				/>
			{:else if !sheet && day.spots.length > 0}
				<p class="px-14 py-8 text-s">
					{water.name} has no map yet: draw it, import a file, or
					<a href={resolve('/waters')}>give your spots a position</a>.
				</p>
			{/if}
			<section class="passage" aria-label="Today’s route">
				<h2 class="passage-title">Today’s route</h2>
				<RouteBar stops={route} {nameOf} {clock} onmove={(spots) => day.settle(spots)} />
				<ol class="flex flex-wrap gap-x-22 gap-y-4">
					{#each route as { spot, from, to, travelMin } (from)}
						<li>
							<strong class="figure">{clock(from)}–{clock(to)}</strong>
							<span>{nameOf(spot)}</span>
							{#if travelMin !== null && travelMin >= 0.5}
								<span class="quiet">{Math.max(1, Math.round(travelMin))} min of travel</span>{/if}
						</li>
					{/each}
				</ol>
				{#if isSettled}
					<button class="button" onclick={() => day.unsettle()}>Let the plan choose the spots again</button>
				{/if}
			</section>
		{/if}
		{#if !water || day.spots.length === 0}
			<NoSpots
				shows="This screen ranks your spots for every hour by wind, waves and shade, and draws them on a map of the water."
			/>
		{/if}
	</div>
	<div class="screen-side">
		<section class="passage" aria-label="Your spots at this hour">
			<h2>Your spots at this hour</h2>
			<PlaceList {ranked} units={app.units} {marked} onmark={(id) => (marked = marked === id ? null : id)} />
		</section>
		{#if chart}
			<section class="passage" aria-label="Worth a look">
				<h2>Worth a look <span class="quiet">by shoreline, soundings, weed and timber</span></h2>
				<ul>
					{#each proposals ?? [] as one (`${one.kind}${one.eastM}`)}
						<li class="flex items-center justify-between gap-8 border-b border-rule py-4 text-s">
							<span class="w-[1.4rem] flex-none text-center text-l" aria-hidden="true"
								>{PROPOSED_LOOKS[one.kind].sign}</span
							>
							<span class="flex-1"
								>{convertUnitsInText(app.units, one.because)} <span class="quiet">{spokenFirst(one.sure)}.</span></span
							>
							<button class="button flex-none" onclick={() => keepProposal(one)}>Make it a spot</button>
						</li>
					{:else}
						<li class="quiet border-b border-rule py-4 text-s">
							{proposals ? 'No drop-off, point, ditch, bend, arm or edge found.' : 'Searching …'}
						</li>
					{/each}
				</ul>
			</section>
		{/if}
		{#if water && (chart || !held)}
			<section class="passage" aria-label="Draw">
				<h2>Map of {water.name}</h2>
				<p class="flex flex-wrap gap-6 py-6">
					<button class="button button-amber" onclick={draw}>{chart ? 'Draw on the map' : 'Draw the shore'}</button>
					<button class="button" onclick={iAmHere}>I am here</button>
				</p>
				{#if located}<p role="status" class="text-s">{located}</p>{/if}
			</section>
		{/if}
		{#if water && (chart || !held)}<MapFiles {water} {chart} {written} ontake={(taking) => take(taking)} />{/if}
		<p class="quiet px-14 py-8 text-s">
			Depths and distances in {distance.unit}. Fetch is measured straight into the wind to the first shore, waves use a
			deep-water formula, shade comes from bank height and sun. A chart for fishing, not for finding your way.
		</p>
	</div>
</div>
