<script lang="ts">
	import { dequal } from 'dequal';
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { M_PER_IN } from '$lib/core/base/units';
	import { buildOf, measuredOf } from '$lib/core/build/fit';
	import { bandOf, snagging } from '$lib/core/choice/band';
	import { workOf } from '$lib/core/choice/fishingTime';
	import { ouncesText, plainWords, rigName } from '$lib/core/naming/describe';
	import { inchesPerTurnAt, lineDiameterM } from '$lib/core/physics/line';
	import { leanDeg } from '$lib/core/physics/roll';
	import { runningWindow } from '$lib/core/physics/window';
	import type { Build } from '$lib/core/schema/build';
	import type { Rig } from '$lib/core/schema/rig';
	import type { Tow, TowInput } from '$lib/core/schema/tow';
	import type { Change } from '$lib/core/tow/changes';
	import { bowM } from '$lib/core/tow/bow';
	import { MAP_SPEEDS_MPS, MAP_WEIGHTS_OZ, type MapCell } from '$lib/core/tow/map';
	import { WEED } from '$lib/core/reading/conditions';
	import { useApp } from '$lib/client/app.svelte';
	import { shownIn, withUnit } from '$lib/forms/units';
	import { isLamp } from '$lib/ui/frame/theme';
	import Ruler from '$lib/ui/parts/Ruler.svelte';
	import Segment from '$lib/ui/parts/Segment.svelte';
	import { frameOf } from '$lib/ui/section/geometry';
	import Section from '$lib/ui/section/Section.svelte';
	import Beat from '$lib/ui/tank/Beat.svelte';
	import Changes from '$lib/ui/tank/Changes.svelte';
	import { handOf, HANDS, PHASES, type HandName } from '$lib/ui/tank/hands';
	import Hold from '$lib/ui/tank/Hold.svelte';
	import Loupe from '$lib/ui/tank/Loupe.svelte';
	import { riseDeg, sampleAt } from '$lib/ui/tank/moments';
	import Paths from '$lib/ui/tank/Paths.svelte';
	import TankGauge from '$lib/ui/tank/TankGauge.svelte';
	import { groundOf, throwOf } from '$lib/ui/tank/throw';
	import TimeBars from '$lib/ui/tank/TimeBars.svelte';
	import WeightSpeed from '$lib/ui/tank/WeightSpeed.svelte';
	import type { PageData } from './$types';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	// svelte-ignore state_referenced_locally
	app.serve(data.answer, false);

	const build = $derived(app.bench.build);
	const rig = $derived(build?.rig ?? null);
	const reading = $derived(app.complete);
	const called = $derived(app.shown?.calls[0]?.rig ?? null);
	const kept = $derived(app.keeping.withWaiting('rigs', data.rigs));

	let hand = $state<HandName | null>(null);
	const handNow = $derived(hand ?? (rig ? handOf(rig.retrieve.style) : 'steady'));
	let countdownS = $state(2);
	let tipM = $state(0.6);
	/** What runs beside the rig in hand: the call's, a kept one, or nothing. */
	let beside = $state('called');
	const other = $derived.by((): Build | null => {
		const one = beside === 'called' ? called && buildOf(called) : kept.find(({ id }) => id === beside)?.record.build;
		// The same rig twice would only cover itself.
		return one && !dequal(one.rig, rig) ? one : null;
	});

	const ground = $derived({
		bottomM: reading.bottomM,
		ditch: reading.cover.some(({ kind }) => kind === 'ditch'),
		profile: app.spot?.spot.profile
	});
	const thrown = $derived(throwOf(reading, ground));
	const band = $derived.by(() => {
		if (!rig || rig.family === 'buzzbait') return null;
		const { fromM, toM } = workOf(reading, bandOf(reading, rig.family));
		return { fromM: Math.max(0, fromM), toM };
	});

	const castOf = (one: Rig): TowInput => ({
		rig: one,
		castM: thrown.castM,
		tipM,
		countdownS: one.family === 'buzzbait' ? 0 : countdownS,
		speedMps: one.retrieve.speedMps,
		phases: PHASES[handNow],
		...groundOf(thrown, ground, snagging(reading, one.family)),
		...(band ? { band } : {})
	});
	const cast = $derived(rig && castOf(rig));
	/** A hand's breadth over the weed that stands under the fish, or the middle of the band. */
	const OVER_M = 0.15;
	const holdM = $derived.by(() => {
		const tops = reading.cover.filter(({ kind, topM }) => WEED.includes(kind) && topM > OVER_M).map(({ topM }) => topM);
		if (tops.length > 0) return Math.min(...tops) - OVER_M;
		return band ? (band.fromM + band.toM) / 2 : 0;
	});
	let towA = $state.raw<Tow | null>(null);
	let towB = $state.raw<Tow | null>(null);
	async function run(lane: 'A' | 'B', input: TowInput, one: Build): Promise<void> {
		const tow = await app.work?.tow(lane, $state.snapshot(input) as TowInput, measuredOf(one));
		if (!tow) return;
		if (lane === 'A') towA = tow;
		else towB = tow;
	}
	$effect(() => {
		if (app.work && cast && build) void run('A', cast, build).catch(() => undefined);
	});
	$effect(() => {
		if (app.work && other) void run('B', castOf(other.rig), other).catch(() => undefined);
	});
	const watched = $derived([
		...(towA ? [{ sign: 'A' as const, tow: towA }] : []),
		...(towB && other ? [{ sign: 'B' as const, tow: towB }] : [])
	]);

	let cells = $state.raw<readonly MapCell[]>([]);
	let changes = $state.raw<readonly Change[]>([]);
	let own = $state<number | null>(null);
	let searching = $state(false);
	const done = $derived(cells.length / (MAP_SPEEDS_MPS.length * MAP_WEIGHTS_OZ.length));
	/** What the map is made of: not the weight and speed themselves, which are its axes. */
	const mapKey = $derived(
		cast &&
			JSON.stringify({ ...cast, speedMps: 0, rig: { ...cast.rig, weightOz: 0, retrieve: null, skirt: cast.rig.skirt } })
	);
	const EVERY_MS = 250;
	$effect(() => {
		if (!app.work || !mapKey || !band || !cast) return;
		const input = { ...($state.snapshot(cast) as TowInput), band: { ...band } };
		let gone = false;
		const timer = setTimeout(() => {
			let found: MapCell[] = [];
			void app.work
				?.map(input, (part) => {
					if (!gone) cells = found = [...found, ...part];
				})
				.catch(() => undefined);
		}, EVERY_MS);
		return () => {
			gone = true;
			clearTimeout(timer);
		};
	});
	$effect(() => {
		if (!app.work || !cast || !band) return;
		const input = $state.snapshot(cast) as TowInput;
		let gone = false;
		searching = true;
		const timer = setTimeout(() => {
			let found: Change[] = [];
			void app.work
				?.changes(input, (part) => {
					if (gone) return;
					for (const one of part) {
						if (one.kind === 'own') own = one.share;
						else found = [...found, one];
					}
					changes = found;
				})
				.then((ended) => {
					if (!gone) searching = !ended;
				})
				.catch(() => undefined);
		}, EVERY_MS);
		return () => {
			gone = true;
			clearTimeout(timer);
		};
	});
	$effect(() => () => app.work?.stopMaps());

	const perTurnM = $derived(
		rig ? inchesPerTurnAt(rig.reel.inchesPerTurn, thrown.castM / 2, lineDiameterM(rig.line)) * M_PER_IN : 0.7
	);
	const turnsOf = (speedMps: number): number => speedMps / perTurnM;
	const figures = $derived(rig && runningWindow({ rig, speedMps: rig.retrieve.speedMps, castM: thrown.castM, tipM }));
	const figuresB = $derived(
		other && runningWindow({ rig: other.rig, speedMps: other.rig.retrieve.speedMps, castM: thrown.castM, tipM })
	);
	const beatOf = (one: typeof figures): number =>
		one?.jigBlade?.beatHz ?? one?.surface?.turnHz ?? one?.blades.at(-1)?.turnHz ?? 0;

	/** Speeds (m/s) between which a hand winds. */
	const WIND_MPS = [0.15, 2.4] as const;
	const CRANK_STEP = 0.05;
	function wind(speedMps: number, step: string) {
		if (!build) return;
		const held = Math.min(WIND_MPS[1], Math.max(WIND_MPS[0], Math.round(speedMps * 1000) / 1000));
		app.bench.change({ ...build, rig: { ...build.rig, retrieve: { ...build.rig.retrieve, speedMps: held } } }, step);
	}
	function take(weightOz: number, speedMps: number) {
		if (!build) return;
		const retrieve = { ...build.rig.retrieve, speedMps };
		app.bench.change({ ...build, rig: { ...build.rig, weightOz, retrieve } });
	}
	function apply(change: Change) {
		if (!build) return;
		const { rig: now } = build;
		if (change.kind === 'count') countdownS = change.countdownS;
		else if (change.kind === 'tip') tipM = change.tipM;
		else if (change.kind === 'speed') wind(change.speedMps, '');
		else if (change.kind === 'weight') take(change.weightOz, now.retrieve.speedMps);
		else if (change.kind === 'line') {
			app.bench.change({ ...build, rig: { ...now, line: { ...now.line, testLb: change.testLb } } });
		} else {
			const was = now.trailer ?? {
				colour: now.skirt.colour === 'none' ? 'white' : now.skirt.colour,
				lengthIn: 3,
				mount: 'upright' as const
			};
			app.bench.change({ ...build, rig: { ...now, trailer: { ...was, kind: change.trailer } } });
		}
	}

	/** Moment of the cast that is looked at, s. */
	let atS = $state(0);
	let playing = $state(false);
	const endS = $derived(Math.max(1, ...watched.map(({ tow }) => tow.endS)));
	const FASTER = 3;
	let touched = false;
	$effect(() => {
		if (towA && !touched) atS = towA.endS * 0.55;
	});
	$effect(() => {
		if (!playing) return;
		let last = performance.now();
		let frame = requestAnimationFrame(function go(now) {
			atS = atS + ((now - last) / 1000) * FASTER;
			last = now;
			if (atS >= endS) {
				atS = endS;
				playing = false;
			} else frame = requestAnimationFrame(go);
		});
		return () => cancelAnimationFrame(frame);
	});
	function play() {
		touched = true;
		if (!playing && atS >= endS - 0.1) atS = 0;
		playing = !playing;
	}

	const speed = $derived(shownIn(app.units, 'speed'));
	const depthShown = $derived(shownIn(app.units, 'depth'));
	const depth = (metres: number): string => withUnit(app.units, 'depth', metres);
	const now = $derived(towA && sampleAt(towA.samples, atS));
	const nowB = $derived(towB && other ? sampleAt(towB.samples, atS) : null);
	/** Bow (m) of the line in the air in a crosswind: half of the way to the lure is in the air at a usual tip (assumed). */
	const IN_AIR = 0.5;
	const bow = $derived(
		rig && now && reading.windMps !== undefined && now.tensionN > 0
			? bowM(reading.windMps, IN_AIR * now.xM, now.tensionN, lineDiameterM(rig.line))
			: null
	);
	const N_PER_LB = 4.448;
	const SPAN = { speed: 2.4, thumps: 30, margin: 4, tension: 4 } as const;
	const margin = $derived(rig && figures && figures.keepMps > 0 ? rig.retrieve.speedMps / figures.keepMps : null);
	const marginB = $derived(
		other && figuresB && figuresB.keepMps > 0 ? other.rig.retrieve.speedMps / figuresB.keepMps : null
	);
	const maxM = $derived(frameOf(reading.bottomM, 800, 360, true).maxM);
	const lean = $derived(rig && figures?.rollMps ? leanDeg(figures.rollMps, rig.retrieve.speedMps) : null);
	const told = $derived(
		towA
			? `${rigName(rig!)} runs ${depth(sampleAt(towA.samples, towA.endS * 0.6).zM)} deep at the middle of the cast and works ${Math.round((towA.band?.timeShare ?? 0) * 20) * 5} % of the winding.`
			: 'The cast is being worked out.'
	);
</script>

<div class="tank">
	<div class="title">
		<h1>Where does it run?</h1>
		{#if rig}
			<Segment
				name="hand"
				legend="What the hand does"
				options={HANDS}
				value={handNow}
				onvalue={(value) => (hand = value as HandName)}
			/>
			<span class="quiet">A dot every two seconds. Model, ± 0.15 m.</span>
			<span class="doing">
				<button class="button" disabled={!app.canUndo} onclick={() => app.undo()}>Undo</button>
				<Beat turnsPerS={turnsOf(rig.retrieve.speedMps)} />
				<button class="button button-amber" disabled={!towA} onclick={play}>{playing ? 'Hold' : 'Run'}</button>
			</span>
		{/if}
	</div>
	{#if !rig || !build}
		<div class="empty">
			<p>
				No rig is in hand. Take one from <a href={resolve('/call')}>Call</a> or build one on
				<a href={resolve('/bench')}>Bench</a>, and see here where it runs.
			</p>
			{#if called}
				<button class="button button-amber" onclick={() => called && app.bench.take(called)}
					>Take the called {rigName(called).toLowerCase()}, {ouncesText(called.weightOz)} oz</button
				>
			{/if}
		</div>
	{:else}
		<div class="main">
			<p class="sr-only" role="status">{told}</p>
			<div class="picture">
				<Section
					{reading}
					profile={app.spot?.spot.profile}
					units={app.units}
					lamp={isLamp(page.data.theme)}
					height={360}
				>
					{#snippet over(frame, bed)}
						<Paths {frame} {bed} {thrown} {watched} {band} {tipM} {atS} {depth} />
					{/snippet}
				</Section>
				{#if towA}
					<Loupe {rig} riseDeg={riseDeg(towA.samples, atS)} leanDeg={lean} beatHz={beatOf(figures)} {atS} />
				{/if}
			</div>
			<label class="scrub"
				><span>Moment</span>
				<input
					type="range"
					min="0"
					max={endS}
					step="0.1"
					value={atS}
					aria-valuetext="{atS.toFixed(1)} seconds"
					oninput={({ currentTarget }) => {
						touched = true;
						playing = false;
						atS = Number(currentTarget.value);
					}}
				/><span class="figure">{atS.toFixed(1)} s</span></label
			>
			<div class="below">
				<section aria-label="Weight and speed">
					{#if band}
						<WeightSpeed
							{cells}
							{done}
							weightOz={rig.weightOz}
							speedMps={rig.retrieve.speedMps}
							units={app.units}
							ontake={take}
						/>
					{:else}<p class="quiet">A buzzbait runs on top: what counts is whether it stays up there.</p>{/if}
				</section>
				<section aria-label="Time and changes">
					<TimeBars {watched} {band} />
					{#if cast}<Hold
							{cast}
							usualM={holdM}
							units={app.units}
							{turnsOf}
							onspeed={(speedMps) => wind(speedMps, '')}
						/>{/if}
					{#if band}<Changes {changes} busy={searching} {own} units={app.units} {turnsOf} onapply={apply} />{/if}
				</section>
			</div>
		</div>
		<div class="side">
			<div class="rigs">
				<p>
					<strong>A {rigName(rig)}, {ouncesText(rig.weightOz)} oz</strong><br /><span class="quiet"
						>in hand, {plainWords(rig.retrieve.style)}</span
					>
				</p>
				<label
					><strong>B</strong>
					<select class="field" bind:value={beside}>
						<option value="">nothing beside it</option>
						{#if called}<option value="called"
								>the call’s {rigName(called).toLowerCase()}, {ouncesText(called.weightOz)} oz</option
							>{/if}
						{#each kept as { id, record } (id)}<option value={id}>{record.name}</option>{/each}
					</select></label
				>
			</div>
			<div class="crank">
				<p>
					<span class="label">Crank</span>
					<strong class="figure big">{turnsOf(rig.retrieve.speedMps).toFixed(2)}</strong> turns a second
				</p>
				<Ruler
					scale={{ low: 0, high: 3 }}
					value={turnsOf(rig.retrieve.speedMps)}
					label="Crank, turns a second"
					valueText="{turnsOf(rig.retrieve.speedMps).toFixed(2)} turns a second"
					step={CRANK_STEP}
					onvalue={(turns) => wind(turns * perTurnM, 'crank')}
				/>
				<p class="hold">
					<label>Count <input class="field" type="number" min="0" max="60" bind:value={countdownS} /> s</label>
					<label>Tip <input class="field" type="number" min="0" max="3" step="0.1" bind:value={tipM} /> m up</label>
					<span class="quiet">{Math.round(perTurnM / M_PER_IN)} in a turn, {rig.reel.ratio}:1, half the cast out</span>
				</p>
			</div>
			{#if figures}
				<TankGauge
					label="Lure speed"
					text={withUnit(app.units, 'speed', rig.retrieve.speedMps)}
					low={0}
					high={speed.show(SPAN.speed)}
					a={speed.show(rig.retrieve.speedMps)}
					b={other ? speed.show(other.rig.retrieve.speedMps) : null}
					forbidden={[
						{ from: 0, to: speed.show(figures.keepMps), word: 'stalls' },
						...(figures.rollMps === null
							? []
							: [{ from: speed.show(figures.rollMps), to: speed.show(SPAN.speed), word: 'rolls' }])
					]}
					note={rig.retrieve.speedMps < figures.keepMps
						? 'blades stall'
						: figures.rollMps !== null && rig.retrieve.speedMps > figures.rollMps
							? 'rolls over'
							: 'turns and stands'}
					fails={rig.retrieve.speedMps < figures.keepMps ||
						(figures.rollMps !== null && rig.retrieve.speedMps > figures.rollMps)}
				/>
				<TankGauge
					label="Beat"
					text="{beatOf(figures).toFixed(1)} a second"
					low={0}
					high={SPAN.thumps}
					a={beatOf(figures)}
					b={figuresB ? beatOf(figuresB) : null}
					note={figuresB ? `B ${beatOf(figuresB).toFixed(1)}` : ''}
				/>
				{#if margin !== null}
					<TankGauge
						label="Over stalling"
						text="× {margin.toFixed(1)}"
						low={0.5}
						high={SPAN.margin}
						a={margin}
						b={marginB}
						forbidden={[{ from: 0.5, to: 1, word: 'stalls' }]}
						note={margin < 1.15 ? 'thin' : ''}
					/>
				{/if}
				{#if figures.surface}
					<TankGauge
						label="Stays up from"
						text={withUnit(app.units, 'speed', figures.surface.planeMps)}
						low={0}
						high={speed.show(SPAN.speed)}
						a={speed.show(figures.surface.planeMps)}
						note={rig.retrieve.speedMps < figures.surface.planeMps ? 'sinks at this speed' : 'planes'}
						fails={rig.retrieve.speedMps < figures.surface.planeMps}
					/>
				{/if}
				{#if now}
					<TankGauge
						label="Depth now"
						text={depth(now.zM)}
						low={0}
						high={depthShown.show(maxM)}
						a={depthShown.show(now.zM)}
						b={nowB ? depthShown.show(nowB.zM) : null}
						forbidden={[{ from: depthShown.show(reading.bottomM), to: depthShown.show(maxM), word: 'bottom' }]}
						note={now.where === 'running'
							? `${Math.round(shownIn(app.units, 'distance').show(now.xM))} ${shownIn(app.units, 'distance').unit} from the tip`
							: now.where === 'cover'
								? 'in the cover'
								: `${now.where}`}
						fails={now.where === 'cover'}
					/>
					<TankGauge
						label="At the hand"
						text="{(now.tensionN / N_PER_LB).toFixed(2)} lb"
						low={0}
						high={SPAN.tension / N_PER_LB}
						a={now.tensionN / N_PER_LB}
						b={nowB ? nowB.tensionN / N_PER_LB : null}
						note={towA ? `most ${(towA.peakTensionN / N_PER_LB).toFixed(2)} lb` : ''}
					/>
				{/if}
				<p class="quiet small">
					Still water, a line without vibration.{#if bow !== null}
						A wind of {withUnit(app.units, 'wind', reading.windMps ?? 0)} across the cast bows the line in the air by about
						{depth(bow)}; the path is drawn without that.{/if}
				</p>
			{/if}
		</div>
	{/if}
</div>

<style>
	.tank {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 372px;
		grid-template-rows: 40px 1fr;
		height: calc(100vh - 66px);
	}
	.title {
		grid-column: 1 / -1;
		display: flex;
		gap: 14px;
		align-items: center;
		padding: 0 14px 0 16px;
		border-bottom: 1px solid var(--ink);
	}
	.title > .quiet {
		flex: 1;
	}
	.doing {
		display: flex;
		gap: 6px;
		margin-left: auto;
	}
	.quiet {
		color: var(--ink-2);
	}
	.small {
		padding-top: 6px;
		font-size: var(--t-xs);
	}
	.main {
		min-width: 0;
		overflow-y: auto;
	}
	.picture {
		position: relative;
	}
	.scrub {
		display: flex;
		gap: 10px;
		align-items: center;
		padding: 2px 16px;
		border-block: 1px solid var(--rule);
	}
	.scrub input {
		flex: 1;
	}
	.below {
		display: grid;
		grid-template-columns: minmax(0, 1.45fr) minmax(0, 1fr);
	}
	.below section {
		padding: 6px 14px;
	}
	.below section + section {
		border-left: 1px solid var(--ink);
	}
	.side {
		padding: 4px 16px 10px;
		border-left: 1px solid var(--ink);
		overflow-y: auto;
	}
	.rigs {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 10px;
		padding-bottom: 4px;
	}
	.rigs select {
		width: 100%;
	}
	.crank {
		padding: 4px 10px;
		background: var(--panel);
		border-block: 1px solid var(--ink);
	}
	.crank .label {
		display: inline-block;
		min-width: 60px;
		font-weight: 640;
	}
	.big {
		font-size: var(--t-xl);
	}
	.hold {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 12px;
		align-items: center;
	}
	.hold input {
		width: 4.6rem;
	}
	.empty {
		grid-column: 1 / -1;
		display: grid;
		gap: 12px;
		align-content: start;
		justify-items: start;
		padding: 16px;
	}
	.empty a {
		text-decoration: underline;
	}
	@media (width < 56rem) {
		.tank {
			display: flex;
			flex-direction: column;
			height: auto;
		}
		.title {
			flex-wrap: wrap;
			padding: 6px 10px;
		}
		.title h1,
		.title > .quiet {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
		.main,
		.side {
			display: contents;
		}
		.picture {
			order: 1;
		}
		.scrub {
			order: 2;
		}
		.crank {
			order: 3;
			padding: 8px 16px;
		}
		.below {
			order: 5;
			grid-template-columns: 1fr;
		}
		.below section + section {
			border-left: 0;
			order: -1;
		}
		.rigs {
			order: 4;
			padding: 8px 16px;
		}
		.side > :global(.gauge),
		.small {
			order: 6;
			margin: 0 16px;
		}
	}
</style>
