<script lang="ts">
	import { plainCopy } from '$lib/client/state/plainCopy.svelte';
	import { dequal } from 'dequal';
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { buildOf } from '$lib/core/rig/build/buildOf';
	import { measuredOf } from '$lib/core/rig/build/fit';
	import { castOf, zoneOf } from '$lib/core/ranking/gate/run';
	import { USUAL_TIP_M } from '$lib/core/foundation/constants/constants';
	import type { MeasuredParts } from '$lib/core/simulation/physics/measured';
	import { throwOf } from '$lib/core/simulation/cast/ground';
	import { levelWater } from '$lib/core/simulation/cast/soundings';
	import { depthRange, stateWords, zoneWords } from '$lib/presentation/runWords';
	import { RunningHere } from '$lib/ui/rig/running.svelte';
	import { ouncesText, plainWords, rigName } from '$lib/core/foundation/labels/describe';
	import { lineDiameterM, perTurnM } from '$lib/core/simulation/physics/line';
	import { leanDeg } from '$lib/core/simulation/physics/roll';
	import { runningWindow } from '$lib/core/simulation/physics/window';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { Tow, TowInput } from '$lib/core/foundation/schema/tow';
	import type { Change } from '$lib/core/simulation/cast/changes';
	import { withRearSize, type HoldOffer } from '$lib/core/simulation/cast/hold';
	import { WEED } from '$lib/core/water/reading/conditions';
	import { useApp } from '$lib/client/state/app.svelte';
	import { soundedProfile } from '$lib/client/state/places';
	import { withUnit } from '$lib/presentation/units';
	import { isLamp } from '$lib/ui/frame/theme';
	import Crank from '$lib/ui/tank/Crank.svelte';
	import Segment from '$lib/ui/controls/Segment.svelte';
	import Section from '$lib/ui/section/Section.svelte';
	import Changes from '$lib/ui/tank/Changes.svelte';
	import { HANDS, PHASES, type HandName } from '$lib/ui/tank/hands';
	import Hold from '$lib/ui/tank/Hold.svelte';
	import Loupe from '$lib/ui/tank/Loupe.svelte';
	import {
		BESIDE,
		riseDeg,
		sampleAt,
		SIGNS,
		type Beside,
		type Sign,
		type Watched,
		type WorkBand
	} from '$lib/ui/tank/moments';
	import Paths from '$lib/ui/tank/Paths.svelte';
	import { Player } from '$lib/ui/tank/player.svelte';
	import { beatsOf } from '$lib/ui/tank/beat';
	import Readings from '$lib/ui/tank/Readings.svelte';
	import { rigWith } from '$lib/ui/tank/changed';
	import { Searches } from '$lib/ui/tank/searches.svelte';
	import StayUp from '$lib/ui/tank/StayUp.svelte';
	import TimeBars from '$lib/ui/tank/TimeBars.svelte';
	import Views from '$lib/ui/tank/Views.svelte';
	import WeightSpeed from '$lib/ui/tank/WeightSpeed.svelte';
	import type { PageData } from './$types';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	// svelte-ignore state_referenced_locally
	app.serve(data.answer, false);

	const build = $derived(app.bench.build);
	const rig = $derived(build?.rig ?? null);
	/** What was measured of the current rig. */
	const measured = $derived(build ? measuredOf(build) : {});
	const reading = $derived(app.complete);
	const called = $derived(app.shown?.calls[0]?.rig ?? null);
	const kept = $derived(app.sync.withWaiting('rigs', data.rigs));

	/** Steady to begin with, as the cast is told on every screen. */
	let handNow = $state<HandName>('steady');
	/** As the cast is told on every screen, until the hand does otherwise here. */
	let counted = $state<number | null>(null);
	let heldM = $state<number | null>(null);
	/** How far off a path is where nothing was measured, m. */
	const MODEL_OFF_M = 0.15;
	/** What runs beside the current rig, by its sign: the call's, a kept one, or nothing. */
	let beside = $state<Record<Beside, string>>({ B: 'called', C: '' });
	const choiceOf = (id: string): Build | null =>
		(id === 'called' ? called && buildOf(called) : kept.find((one) => one.id === id)?.record.build) ?? null;
	/** The same rig twice would only cover itself. */
	const others = $derived.by((): Record<Beside, Build | null> => {
		const [b, c] = [choiceOf(beside.B), choiceOf(beside.C)];
		const isOwn = b !== null && dequal(b.rig, rig);
		const isDouble = c !== null && (dequal(c.rig, rig) || dequal(c.rig, b?.rig));
		return { B: isOwn ? null : b, C: isDouble ? null : c };
	});
	const other = $derived(others.B);

	const soundings = $derived(soundedProfile(app.spot?.spot) ?? levelWater(reading.bottomM));
	const thrown = $derived(throwOf(reading, soundings));
	const bandFor = ({ family }: Rig): WorkBand => (family === 'buzzbait' ? null : zoneOf(reading, family));
	const band = $derived(rig && bandFor(rig));

	/** Each rig is held against where it is to work itself. */
	const castFor = (one: Rig, parts: MeasuredParts): TowInput => ({
		rig: one,
		...castOf(one, reading, {
			soundings,
			measured: parts,
			tipM: heldM ?? undefined,
			countdownS: counted ?? undefined
		}),
		phases: handNow === 'steady' ? undefined : PHASES[handNow]
	});
	const cast = $derived(rig && castFor(rig, measured));
	const countdownS = $derived(cast?.countdownS ?? 0);
	const tipM = $derived(cast?.tipM ?? USUAL_TIP_M);
	/** A hand's breadth over the weed that stands over or among the fish, or the middle of the fish. */
	const OVER_M = 0.15;
	const holdM = $derived.by(() => {
		const tops = reading.cover
			.filter(({ kind, topM }) => WEED.includes(kind) && topM > 2 * OVER_M && topM < reading.fishToM)
			.map(({ topM }) => topM);
		const middleM = (reading.fishFromM + reading.fishToM) / 2;
		return Math.min(middleM, ...tops.map((topM) => topM - OVER_M));
	});
	const runningHere = new RunningHere(
		app,
		'tank',
		() => rig,
		() => measured
	);
	let tows = $state.raw<Partial<Record<Sign, Tow>>>({});
	const towA = $derived(tows.A ?? null);
	async function run(sign: Sign, input: TowInput, one: Build): Promise<void> {
		const tow = await app.work?.tow(sign, plainCopy(input), measuredOf(one));
		if (tow) tows = { ...tows, [sign]: tow };
	}
	$effect(() => {
		if (app.work && cast && build) void run('A', cast, build).catch(() => undefined);
	});
	for (const sign of BESIDE) {
		$effect(() => {
			const one = others[sign];
			if (app.work && one) void run(sign, castFor(one.rig, measuredOf(one)), one).catch(() => undefined);
		});
	}
	const watched = $derived(
		SIGNS.flatMap((sign): Watched[] => {
			const tow = tows[sign];
			const one = sign === 'A' ? rig : others[sign]?.rig;
			return tow && one ? [{ sign, tow, band: bandFor(one) }] : [];
		})
	);

	const searches = new Searches();
	/** What the map is made of: not the weight and speed themselves, which are its axes. */
	const mapKey = $derived(
		cast && JSON.stringify([{ ...cast, speedMps: 0, rig: { ...cast.rig, weightOz: 0, retrieve: null } }, measured])
	);
	$effect(() => {
		if (!app.work || !mapKey || !band) return;
		const present = untrack(() => cast);
		if (present) return searches.map(app.work, { ...plainCopy(present), band: { ...band } }, measured);
	});
	$effect(() => {
		if (app.work && cast && band) return searches.look(app.work, plainCopy(cast), measured);
	});
	$effect(() => () => app.work?.stopMaps());

	const turnM = $derived(rig ? perTurnM(rig.reel.inchesPerTurn, thrown.castM / 2, lineDiameterM(rig.line)) : 1);
	const turnsOf = (speedMps: number): number => speedMps / turnM;
	const figuresOf = (one: Build) =>
		runningWindow({ rig: one.rig, speedMps: one.rig.retrieve.speedMps, castM: thrown.castM, tipM }, measuredOf(one));
	const figures = $derived(build && figuresOf(build));
	const figuresB = $derived(other && figuresOf(other));
	/** Speeds (m/s) between which a hand winds. */
	const WIND_MPS = [0.15, 2.4] as const;
	function put(next: Rig, step = '') {
		if (build) app.bench.change({ ...build, rig: next }, step);
	}
	function wind(speedMps: number, step = '') {
		if (!rig) return;
		const held = Math.min(WIND_MPS[1], Math.max(WIND_MPS[0], Math.round(speedMps * 1000) / 1000));
		put({ ...rig, retrieve: { ...rig.retrieve, speedMps: held } }, step);
	}
	function take(weightOz: number, speedMps: number) {
		if (rig) put({ ...rig, weightOz, retrieve: { ...rig.retrieve, speedMps } });
	}
	function apply(change: Change) {
		if (change.kind === 'count') counted = change.countdownS;
		else if (change.kind === 'tip') heldM = change.tipM;
		const next = rig && rigWith(rig, change);
		if (next) put(next);
	}

	function takeOffer(offer: HoldOffer) {
		if (!rig) return;
		if (offer.kind === 'tip') {
			heldM = offer.tipM;
			return wind(offer.speedMps);
		}
		const retrieve = { ...rig.retrieve, speedMps: offer.speedMps };
		if (offer.kind === 'weight') put({ ...rig, weightOz: offer.weightOz, retrieve });
		else if (offer.kind === 'line') put({ ...rig, line: { ...rig.line, testLb: offer.testLb }, retrieve });
		else put({ ...rig, blades: withRearSize(rig, offer.size), retrieve });
	}

	const player = new Player();
	const endS = $derived(Math.max(1, ...watched.map(({ tow }) => tow.endS)));
	$effect(() => {
		if (towA) player.show(towA.endS);
	});
	$effect(() => {
		if (player.playing) return player.run(() => endS);
	});

	const depth = (metres: number): string => withUnit(app.units, 'depth', metres);
	const lean = $derived(rig && figures?.rollMps ? leanDeg(figures.rollMps, rig.retrieve.speedMps) : null);
	const own = $derived(runningHere.now?.run ?? null);
	/** Whether the hand does just what is told of this rig on every screen. */
	const asTold = $derived(
		own !== null && tipM === own.cast.tipM && countdownS === own.cast.countdownS && handNow === 'steady'
	);
	const told = $derived.by(() => {
		if (!towA || !rig) return 'Working out the cast …';
		const zone = zoneWords(towA.band?.distanceShare ?? 0, rig.family);
		if (!own || rig.family === 'buzzbait') return `Runs ${zone}.`;
		const deep = asTold ? `${depthRange(own, app.units)} deep, ` : '';
		return `Runs ${deep}${zone}. ${own.state === 'runs' ? '' : stateWords(own)}`;
	});
</script>

<div class="screen tank [--beside:372px] phone:flex phone:flex-col">
	<div class="screen-title">
		<h1 class="sr-only">Where it runs</h1>
		<Views />
		{#if rig}
			<Segment
				name="hand"
				legend="Retrieve"
				options={HANDS}
				value={handNow}
				onvalue={(value) => (handNow = value as HandName)}
			/>
			<span class="quiet phone-voiced flex-1">One dot every two seconds. Model, ± {depth(MODEL_OFF_M)}.</span>
		{/if}
	</div>
	{#if !rig || !build}
		<div class="col-span-full grid content-start justify-items-start gap-12 p-16">
			<p>
				You have no rig yet. Pick one on <a class="underline" href={resolve('/call')}>Call</a> or build one on
				<a class="underline" href={resolve('/bench')}>Bench</a>, and see here where it runs.
			</p>
			{#if called}
				<button class="button button-amber" onclick={() => called && app.useRig(called)}
					>Use the first choice, a {rigName(called).toLowerCase()}, {ouncesText(called.weightOz)} oz</button
				>
			{/if}
		</div>
	{:else}
		<div class="screen-main">
			<p class="px-16 py-4" role="status">{told}</p>
			<div class="relative phone:order-1">
				<Section {reading} profile={soundings} units={app.units} lamp={isLamp(page.data.theme)} height={360}>
					{#snippet over(frame, bed)}
						<Paths {frame} {bed} {thrown} {watched} {band} {tipM} atS={player.atS} {depth} />
					{/snippet}
				</Section>
				{#if towA && build}
					<Loupe
						{build}
						riseDeg={riseDeg(towA.samples, player.atS)}
						leanDeg={lean}
						beats={beatsOf(figures)}
						atS={player.atS}
					/>
				{/if}
			</div>
			<div class="flex items-center gap-10 border-y border-y-rule px-16 py-2 phone:order-2">
				<button class="button button-amber" disabled={!towA} onclick={() => player.toggle(endS)}
					>{player.playing ? 'Pause' : 'Play'}</button
				>
				<label class="flex min-w-0 flex-1 items-center gap-10"
					><span class="phone-voiced">Moment</span>
					<input
						class="min-w-0 flex-1"
						type="range"
						min="0"
						max={endS}
						step="0.1"
						value={player.atS}
						aria-valuetext="{player.atS.toFixed(1)} seconds"
						oninput={({ currentTarget }) => player.scrub(Number(currentTarget.value))}
					/><span class="figure">{player.atS.toFixed(1)} s</span></label
				>
				<button class="button" disabled={!app.canUndo} onclick={() => app.undo()}>Undo</button>
			</div>
			<div class="below grid grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)] phone:order-5 phone:grid-cols-[minmax(0,1fr)]">
				<section aria-label="Weight and speed">
					{#if band}
						<WeightSpeed
							cells={searches.cells}
							done={searches.done}
							weightOz={rig.weightOz}
							speedMps={rig.retrieve.speedMps}
							units={app.units}
							ontake={take}
						/>
					{:else}<p class="quiet">A buzzbait runs on top: what matters is whether it stays up.</p>{/if}
				</section>
				<section aria-label="Time and changes">
					<TimeBars {watched} />
					{#if cast && band}<Hold
							{cast}
							{measured}
							usualM={holdM}
							units={app.units}
							{turnsOf}
							onspeed={wind}
							onoffer={takeOffer}
						/>{:else if figures?.surface}<StayUp
							planeMps={figures.surface.planeMps}
							units={app.units}
							{turnsOf}
							onspeed={wind}
						/>{/if}
					{#if band}<Changes
							changes={searches.changes}
							busy={searches.busy}
							own={searches.own}
							units={app.units}
							{turnsOf}
							onapply={apply}
						/>{/if}
				</section>
			</div>
		</div>
		<div class="screen-side side px-16 pt-4 pb-10">
			<div class="grid gap-3 pb-4 phone:order-4 phone:px-16 phone:py-8">
				<p>
					<strong>A {rigName(rig)}, {ouncesText(rig.weightOz)} oz</strong>,
					<span class="quiet">{plainWords(rig.retrieve.style)}</span>
				</p>
				{#each BESIDE as sign (sign)}
					<label class="flex items-center gap-8"
						><strong>{sign}</strong>
						<select class="field min-w-0 flex-1" aria-label="{sign}, compared" bind:value={beside[sign]}>
							<option value="">compare with nothing</option>
							{#if called}<option value="called"
									>first choice: {rigName(called).toLowerCase()}, {ouncesText(called.weightOz)} oz</option
								>{/if}
							{#each kept as { id, record } (id)}<option value={id}>{record.name}</option>{/each}
						</select></label
					>
				{/each}
			</div>
			<Crank
				{rig}
				{turnM}
				{countdownS}
				oncount={(seconds) => (counted = seconds)}
				bind:tipM={() => tipM, (upM) => (heldM = upM)}
				units={app.units}
				onspeed={(speedMps) => wind(speedMps, 'crank')}
			/>
			<Readings
				{rig}
				{figures}
				other={other?.rig ?? null}
				{figuresB}
				now={towA && sampleAt(towA.samples, player.atS)}
				nowB={tows.B && other ? sampleAt(tows.B.samples, player.atS) : null}
				peakN={towA?.peakTensionN ?? 0}
				{reading}
				units={app.units}
			/>
		</div>
	{/if}
</div>

<style>
	.below section {
		padding: 6px 14px;
	}
	.below section + section {
		border-left: 1px solid var(--ink);
	}
	@media (width < 56rem) {
		.tank > :global(.screen-main),
		.side {
			display: contents;
		}
		/* What the hand does in one row: the water begins where the thumb does not hide it. */
		.tank :global(.segment) {
			flex-wrap: nowrap;
			width: 100%;
			font-size: var(--t-s);
		}
		.tank :global(.segment span) {
			padding-inline: 2px;
		}
		.side > :global(.crank) {
			order: 3;
			padding: 8px 16px;
		}
		.below section + section {
			border-left: 0;
			order: -1;
		}
		.side > :global(.readings) {
			order: 6;
			padding: 0 16px;
		}
	}
</style>
