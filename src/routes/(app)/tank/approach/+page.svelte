<script lang="ts">
	import { plainCopy } from '$lib/client/state/plainCopy.svelte';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { soundedProfile } from '$lib/client/state/places';
	import { measuredOf } from '$lib/core/rig/build/fit';
	import { castOf, zoneOf } from '$lib/core/ranking/gate/run';
	import { USUAL_TIP_M } from '$lib/core/foundation/constants/constants';
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { castsToCover, evenBank, type Approach, type ApproachInput } from '$lib/core/simulation/cast/approach';
	import { throwOf } from '$lib/core/simulation/cast/ground';
	import { zoneWords } from '$lib/presentation/runWords';
	import { sunAt } from '$lib/presentation/almanac';
	import { shownIn, withUnit } from '$lib/presentation/units';
	import FigureField from '$lib/ui/controls/FigureField.svelte';
	import Ruler from '$lib/ui/controls/Ruler.svelte';
	import { angleOf, bearingOf, bestWay, pointOf, sunText, wayText, WIND_FROM_DEG } from '$lib/ui/tank/bank';
	import BankPlan from '$lib/ui/tank/BankPlan.svelte';
	import CountField from '$lib/ui/tank/CountField.svelte';
	import Views from '$lib/ui/tank/Views.svelte';

	const app = useApp();
	const build = $derived(app.bench.build);
	const rig = $derived(build?.rig ?? null);
	const reading = $derived(app.complete);
	const spot = $derived(app.spot?.spot ?? null);
	const sounded = $derived(soundedProfile(spot));
	/** A bank that nobody sounded falls evenly to the bottom's depth over one cast. */
	const profile = $derived(sounded ?? evenBank(reading.bottomM, reading.castM));
	/** Which way the bank faces; `null` where nobody said. */
	const facesDeg = $derived(spot?.bankBearingDeg ?? null);

	/** Boat to bank, m: as far as the call's cast wants it until it is moved. */
	let movedM = $state<number | null>(null);
	const outM = $derived(movedM ?? throwOf({ ...reading, from: 'boat' }, profile).tipOutM);
	/** As the cast is told on every screen until another count is tried. */
	let counted = $state<number | null>(null);
	const cast = $derived(rig && castOf(rig, reading, { soundings: sounded, measured: build ? measuredOf(build) : {} }));
	const countdownS = $derived(counted ?? cast?.countdownS ?? 0);
	let stretchM = $state(60);
	/** From a boat's length to as much bank as is fished in a morning, m. */
	const STRETCH_M = [5, 600] as const;
	let turnedDeg = $state<number | null>(null);
	/** Wind as an angle of a cast; as the reading says it until it is turned by hand. */
	let windTurnedDeg = $state<number | null>(null);
	const windMps = $derived(reading.windMps ?? { calm: 0, ripple: 2.5, chop: 6, heavy: 9 }[reading.wind]);
	const windDeg = $derived(windTurnedDeg ?? WIND_FROM_DEG[reading.bank]);
	/** A lane is twice as wide as one sees down, within reason (assumed). */
	const laneM = $derived(Math.min(4, Math.max(1, 2 * reading.visibilityM)));

	const input = $derived.by((): ApproachInput | null => {
		if (!rig) return null;
		const wind = windMps > 0.5 ? { mps: windMps, fromDeg: windDeg } : null;
		const { castM } = reading;
		const { speedMps } = rig.retrieve;
		const { bottomM } = reading;
		const band = zoneOf(reading, rig.family);
		return {
			rig,
			soundings: profile,
			bottomM,
			outM,
			castM,
			tipM: cast?.tipM ?? USUAL_TIP_M,
			countdownS,
			speedMps,
			band,
			wind
		};
	});
	let found = $state.raw<readonly Approach[]>([]);
	async function ask(asked: ApproachInput): Promise<void> {
		const answer = await app.work?.approaches(plainCopy(asked), build ? measuredOf(build) : {});
		if (answer) found = answer;
	}
	$effect(() => {
		if (app.work && input) void ask(input).catch(() => undefined);
	});
	/** Reeds and lanes in wind are fished from up-wind, with the wind (POS-03). */
	const fringe = $derived(
		(['stems', 'pads'] as const).find((what) => reading.cover.some(({ kind }) => kind === what)) ?? null
	);
	const lanes = $derived(windMps > 2 && fringe !== null);
	const downwindDeg = $derived((windDeg + 180) % 360);
	const LISTED = [0, 30, 60, 90, 120, 150, 180];
	/** What the table lists: what is recommended is one of its rows. */
	const listed = $derived(found.filter(({ angleDeg }) => LISTED.includes(angleDeg)));
	const best = $derived(bestWay(listed, lanes ? downwindDeg : null));
	const most = $derived(best?.way ?? null);
	const bestDeg = $derived(best?.way.angleDeg ?? 0);
	const lane = $derived(best?.lane ?? null);
	const chosen = $derived(found.find(({ angleDeg }) => angleDeg === (turnedDeg ?? bestDeg)) ?? null);
	const sun = $derived(app.spot ? sunAt(app.spot.water, app.record.takenAt) : null);
	const sunDeg = $derived(sun && facesDeg !== null && sun.elevationDeg > 0 ? angleOf(sun.azimuthDeg, facesDeg) : null);

	const depth = (metres: number): string => withUnit(app.units, 'depth', metres);
	const distance = (metres: number): string => withUnit(app.units, 'distance', metres);
	const shown = $derived(shownIn(app.units, 'distance'));
	/** A model's meters in an hour are no finer than fifty. */
	const perHour = (metres: number): string => distance(50 * Math.round(metres / 50));
	const bearing = (angleDeg: number): string =>
		facesDeg === null ? '' : `, bearing ${Math.round(bearingOf(angleDeg, facesDeg))}°`;
	const casts = $derived(input && chosen ? castsToCover(input, chosen.castM, stretchM, laneM) : 0);
	const minutes = $derived(chosen ? Math.round((casts * chosen.castS) / 60) : 0);
	const zoneText = $derived.by(() => {
		if (!input || !rig || rig.family === 'buzzbait') return 'the top of the water';
		return `from ${depth(input.band.fromM)} to ${depth(input.band.toM)}, where fish bite`;
	});
</script>

<svelte:head><title>Where to sit · Lucernal</title></svelte:head>

<div class="screen [--beside:420px]">
	<div class="screen-title">
		<h1 class="sr-only">Where to sit, and how to cast</h1>
		<Views />
	</div>
	{#if !rig}
		<p class="p-16">You have no rig yet. Pick one on <a class="underline" href={resolve('/call')}>Call</a> first.</p>
	{:else}
		<div class="screen-main">
			{#if chosen && most}
				<p class="px-16 pt-6 pb-8" role="status">
					<strong
						>{turnedDeg === null ? 'Cast' : 'As turned:'} {wayText(chosen.angleDeg)}{bearing(chosen.angleDeg)}.</strong
					>
					It is {zoneWords(chosen.inZone, rig.family)}, {perHour(chosen.zoneMPerH)} an hour{#if perHour(most.zoneMPerH) !== perHour(chosen.zoneMPerH)},
						against {perHour(most.zoneMPerH)}
						{wayText(most.angleDeg)}{/if}.
					{#if lane && turnedDeg === null}{fringe === 'pads' ? 'Pads' : 'Reeds'} open into lanes with this wind: {lane ===
						chosen
							? 'cast from upwind into the gaps.'
							: `Call says to fish them with the wind. That cast, ${wayText(lane.angleDeg)}, is in the zone for ${perHour(lane.zoneMPerH)} an hour.`}{/if}
				</p>
				<BankPlan
					approaches={found}
					chosenDeg={chosen.angleDeg}
					{bestDeg}
					{outM}
					{profile}
					bottomM={reading.bottomM}
					windDeg={windMps > 0.5 ? windDeg : null}
					{sunDeg}
					northDeg={facesDeg === null ? null : angleOf(0, facesDeg)}
					{fringe}
					{depth}
					onchoose={(angle) => (turnedDeg = angle)}
				/>
			{:else}<p class="px-16 pt-6 pb-8" role="status">Working out the casts …</p>{/if}
			<div class="flex flex-wrap items-center gap-x-18 gap-y-6 border-t border-t-rule px-14 py-4">
				<label class="flex flex-[1_1_14rem] items-center gap-8"
					>Turn the cast
					<input
						class="min-h-40 flex-1"
						type="range"
						min="0"
						max="180"
						step="15"
						value={chosen?.angleDeg ?? 0}
						aria-valuetext={chosen ? wayText(chosen.angleDeg) : ''}
						oninput={({ currentTarget }) => (turnedDeg = Number(currentTarget.value))}
					/></label
				>
				<label class="flex flex-[1_1_14rem] items-center gap-8"
					>Turn the wind
					<input
						class="min-h-40 flex-1"
						type="range"
						min="0"
						max="345"
						step="15"
						value={windDeg}
						aria-valuetext={facesDeg === null ? `${windDeg} degrees` : `from ${pointOf(bearingOf(windDeg, facesDeg))}`}
						oninput={({ currentTarget }) => (windTurnedDeg = Number(currentTarget.value))}
					/></label
				>
				<button
					class="button"
					disabled={turnedDeg === null && windTurnedDeg === null}
					onclick={() => (turnedDeg = windTurnedDeg = null)}>Reset</button
				>
			</div>
		</div>
		<div class="screen-side">
			<section class="passage" aria-label="The boat">
				<h2>{rigName(rig)}, {ouncesText(rig.weightOz)} oz</h2>
				<p class="pt-6">Boat to bank <strong class="figure">{distance(outM)}</strong></p>
				<Ruler
					scale={{ low: shown.show(4), high: shown.show(Math.max(12, reading.castM)) }}
					value={shown.show(outM)}
					label="Boat to bank"
					valueText={distance(outM)}
					step={1}
					onvalue={(value) => (movedM = Math.max(2, shown.read(Math.round(value))))}
				/>
				<p class="flex flex-wrap items-center gap-x-18 gap-y-6">
					<CountField seconds={countdownS} oncount={(seconds) => (counted = seconds)} />
					<span
						>Stretch <FigureField
							label="Stretch of bank, {shown.spokenUnit}"
							value={Math.round(shown.show(stretchM))}
							low={Math.ceil(shown.show(STRETCH_M[0]))}
							high={Math.floor(shown.show(STRETCH_M[1]))}
							unit={shown.unit}
							onvalue={(figure) => (stretchM = shown.read(figure))}>{shown.unit}</FigureField
						></span
					>
				</p>
			</section>
			<section class="passage" aria-label="Ways to cast">
				<table class="listed text-s">
					<thead
						><tr
							><th scope="col">Cast</th><th scope="col">far</th><th scope="col">an hour</th><th scope="col"
								>in the zone an hour</th
							></tr
						></thead
					>
					<tbody>
						{#each listed as one (one.angleDeg)}
							<tr class:chosen={one === chosen}>
								<th scope="row"><button onclick={() => (turnedDeg = one.angleDeg)}>{wayText(one.angleDeg)}</button></th>
								<td class="figure">{distance(one.castM)}</td>
								<td class="figure">{Math.round(one.castsPerH)}</td>
								<td
									><span class="bar" style:width="{(60 * one.zoneMPerH) / Math.max(1, most?.zoneMPerH ?? 1)}%"></span>
									<span class="figure">{perHour(one.zoneMPerH)}</span></td
								>
							</tr>
						{/each}
					</tbody>
				</table>
				{#if chosen}
					<p>
						<strong class="figure">{casts}</strong> casts, about <strong class="figure">{minutes}</strong> minutes,
						cover {distance(stretchM)} of this bank once, in lanes {depth(laneM)} wide.
					</p>
					{#if chosen.lineBowM > 0.05}
						<p>
							The wind bows this line by {depth(chosen.lineBowM)}: that lifts the lure, and you feel the bite later.
							Lower the tip or cast downwind to avoid it.
						</p>
					{/if}
				{/if}
				{#if sun && sunDeg !== null}<p>{sunText(sunDeg, sun.elevationDeg)}</p>{/if}
				<p class="quiet">
					Model: still water, ± 25 %. The strike zone is {zoneText}.
					{#if !sounded}This bank has no soundings, so an even slope is assumed here. Call and Tank assume level water,
						so their numbers differ.{/if}
				</p>
			</section>
		</div>
	{/if}
</div>

<style>
	th button {
		text-align: left;
		text-decoration: underline;
		cursor: pointer;
	}
	.chosen {
		background: var(--amber-wash);
	}
	.bar {
		display: inline-block;
		height: 9px;
		background: repeating-linear-gradient(-45deg, var(--ink) 0 1.5px, transparent 1.5px 4px);
		border: 1px solid var(--rule-2);
	}
	.screen-side p {
		padding: 5px 0;
	}
	@media (width < 56rem) {
		th button {
			min-height: 48px;
		}
	}
</style>
