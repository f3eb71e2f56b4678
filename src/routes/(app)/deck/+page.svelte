<script lang="ts">
	import { plainCopy } from '$lib/client/state/plainCopy.svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { soundedProfile } from '$lib/client/state/places';
	import type { CallInput } from '$lib/core/foundation/schema/call';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import { scenariosOf } from '$lib/core/trips/plan/scenarios';
	import { enoughText } from '$lib/ui/deck/rodWords';
	import { counted } from '$lib/core/foundation/labels/counted';
	import {
		bladesText,
		finishText,
		ouncesText,
		plainWords,
		rigName,
		skirtText
	} from '$lib/core/foundation/labels/describe';
	import type { Outfit } from '$lib/core/foundation/schema/outfit';
	import { withUnit } from '$lib/presentation/units';
	import { outfitText } from '$lib/ui/deck/lures';
	import { workOut } from '$lib/ui/deck/workOut.svelte';
	import { calendarOf } from '$lib/ui/deck/calendar';
	import { bestHours, firstCast, fixedSpots, placedWorths, placesFor, staysOf, worthOf } from '$lib/ui/deck/day';
	import { awayM, withoutThunder } from '$lib/ui/deck/spotConditions';
	import { FetchedChart, PlannedDay } from '$lib/ui/deck/planned.svelte';
	import { deckText } from '$lib/ui/deck/shareText';
	import Views from '$lib/ui/deck/Views.svelte';
	import { download, share } from '$lib/ui/controls/download';
	import Curve from '$lib/ui/deck/Curve.svelte';
	import DayForm from '$lib/ui/deck/DayForm.svelte';
	import DeckCard from '$lib/ui/deck/DeckCard.svelte';
	import HowItWent from '$lib/ui/deck/HowItWent.svelte';
	import NoSpots from '$lib/ui/places/NoSpots.svelte';
	import Packing from '$lib/ui/deck/Packing.svelte';
	import Hours, { type HourRow } from '$lib/ui/deck/Hours.svelte';
	import Rods from '$lib/ui/deck/Rods.svelte';
	import TraySwitch from '$lib/ui/tray/TraySwitch.svelte';

	const app = useApp();
	const { data } = $props();
	const fetched = new FetchedChart(() => {
		const held = data.charts.find(({ waterId }) => waterId === day.water?.id);
		return held && !held.shores ? held : null;
	});
	const day: PlannedDay = new PlannedDay(
		app,
		() => fetched.added(data.charts),
		() => data.lures,
		() => data.reads
	);
	const { water, zone, spots, ticked, hours, weathers, placed, map } = $derived(day);
	const plan = $derived(day.plan);

	/** What each hour is worth at each place, the rules about places included. */
	const worths = $derived(placedWorths(placed, day.solved.worths));
	const spotOf = (id: string) => spots.find((spot) => spot.id === id);
	const { plan: answer, curve, called, busy, failed } = $derived(day.solved);
	workOut(app, day);
	const chosen = $derived(
		placesFor(worths, fixedSpots(plan.edits), (from, to) => map && awayM(map, spotOf(from), spotOf(to)))
	);
	const stances = $derived(app.views.stances);

	const question = $derived.by(() => {
		const asked = [...chosen].flatMap(([at, { spot }]) => {
			const one = day.afloat.find((hour) => hour.at === at && hour.spot === spot);
			if (!one) return [];
			const scenarios = scenariosOf(one.reading).map(({ odds, patch }) => ({ odds, patch }));
			return [{ at, spot, reading: one.reading, scenarios }];
		});
		const fixed = plan.owned.slice(0, plan.rods);
		const bounds = { stances: { ...stances }, tray: day.tray };
		return asked.length > 0 ? { hours: asked, rods: plan.rods, ...bounds, fixed } : null;
	});
	// As text, so that the same question is not worked out twice; and not while its places are still being weighed.
	const asked = $derived(day.solved.weighing ? 'null' : JSON.stringify(question));
	$effect(() => {
		const deck = JSON.parse(asked) as typeof question;
		if (deck && app.work) return day.solved.choose(app.work, deck);
	});

	const rows = $derived(
		weathers.map((weather): HourRow => {
			const worth = chosen.get(weather.at) ?? null;
			const rod = answer?.rods.findIndex(({ hours: carried }) => carried.some(({ at }) => at === weather.at)) ?? -1;
			const cast = rod < 0 ? null : answer!.rods[rod]!.hours.find(({ at }) => at === weather.at)!;
			return {
				at: weather.at,
				weather,
				reading: placed.find(({ at, spot }) => at === weather.at && spot === worth?.spot)?.reading ?? day.read,
				worth,
				rod: rod < 0 ? null : rod + 1,
				lure: cast
					? `${rigName(cast.rig)}, ${ouncesText(cast.rig.weightOz)} oz`
					: busy
						? '…'
						: weather.thunder
							? ''
							: 'nothing works',
				lie: placed.find(({ at, spot }) => at === weather.at && spot === worth?.spot) ?? null,
				edit: plan.edits[weather.at] ?? {}
			};
		})
	);
	/** What was planned for each hour, to hold the tally against. */
	const planned = $derived(
		(answer?.rods ?? []).flatMap(({ hours: carried }) =>
			carried.map(({ at, spot, rig }) => ({ at, spot, family: rig.family }))
		)
	);
	const time = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }));
	const dayText = $derived(
		new Intl.DateTimeFormat('en-GB', { dateStyle: 'full', timeZone: 'UTC' }).format(Date.parse(plan.date) || 0)
	);
	const best = $derived(
		bestHours(withoutThunder([...chosen.values()], weathers).map((worth) => ({ at: worth.at, points: worthOf(worth) })))
	);
	const clock = (at: string): string => time.format(Date.parse(at));
	const coldest = $derived(Math.min(...rows.map(({ reading }) => reading.waterTemperatureC)));
	/** A fall into water under this takes the breath away, °C. */
	const COLD_C = 12;

	const COLD = 'Cold water: wear a life jacket, tell somebody where you are, and stay low in the boat.';
	const THUNDER = 'Thunder is likely: get off the water before it comes, and stay off for half an hour after.';
	const cautions = $derived([
		...(coldest < COLD_C ? [{ text: COLD, grave: false }] : []),
		...(rows.some(({ weather }) => weather.thunder) ? [{ text: THUNDER, grave: true }] : [])
	]);
	const LEAD = 'Lead: wash your hands and keep it from children; rules on small weights differ.';
	const questionAt = (at: string, spot: string | null): CallInput | null => {
		const reading = placed.find((one) => one.at === at && one.spot === spot)?.reading;
		return reading ? { ...app.question, reading } : null;
	};

	async function take() {
		const first = answer && firstCast(answer.rods);
		if (!answer || !first || !water) return;
		const rigs = answer.rods.flatMap(({ hours: carried }) => carried.map(({ rig }) => rig));
		const deck = [...new Map(rigs.map((rig) => [JSON.stringify(rig), rig])).values()].slice(0, 12);
		const spotId = chosen.get(hours[0]!)?.spot ?? app.record.spotId;
		const reading = rows[0]?.reading ?? app.reading;
		await app.tally.begin({ name: `${water.name}, ${plan.date}`, spotId, reading, rig: first, deck, trial: null });
		void goto(resolve('/tally'));
	}
	/** A stretch of the day in a calendar: the lure with its color, the rod, and how it is fished. */
	const stayText = (rod: number, outfit: Outfit, rig: Rig) => ({
		lure: `${rigName(rig)}, ${ouncesText(rig.weightOz)} oz, ${skirtText(rig)}`,
		note: `Rod ${rod}: ${outfitText(outfit)}. ${bladesText(rig)}, ${finishText(rig)}. ${plainWords(rig.retrieve.style)} at ${withUnit(app.units, 'speed', rig.retrieve.speedMps)}.`
	});
	async function calendar() {
		const stays = staysOf(
			rows.flatMap(({ at, worth, rod }) => {
				const carried = rod === null ? undefined : answer!.rods[rod - 1]!;
				const cast = carried?.hours.find((hour) => hour.at === at);
				return carried && cast ? [{ at, spot: worth?.spot ?? null, ...stayText(rod!, carried.outfit, cast.rig) }] : [];
			})
		);
		const text = await calendarOf(stays, (id) => app.spotOf(id)?.spot.name ?? '');
		download(`deck-${plan.date}.ics`, text, 'text/calendar');
	}
	const told = $derived({
		title: water ? `${water.name}, ${dayText}` : dayText,
		best: best ? `Best hours ${clock(best.from)} to ${clock(best.to)}.` : '',
		clock,
		spotName: (id: string) => app.spotOf(id)?.spot.name ?? '',
		units: app.units,
		cautions: [...cautions.map(({ text }) => text), LEAD]
	});
	const handOn = () => answer && share(`deck-${plan.date}.txt`, deckText(answer.rods, told), 'text/plain');
	/** Which way of turning out a scenario of an hour is. */
	const kindAt = (at: string, scenario: number) => {
		const spot = chosen.get(at)?.spot;
		const reading = placed.find((one) => one.at === at && one.spot === spot)?.reading;
		return reading ? (scenariosOf(reading)[scenario]?.kind ?? null) : null;
	};
</script>

<svelte:head><title>Deck · Lucernal</title></svelte:head>

<div class="screen deck phone:flex phone:flex-col">
	<div class="screen-title">
		<h1 class="phone-voiced">Which rods, when and where</h1>
		<Views />
		<p class="flex-1 phone:basis-full" role="status">
			{#if failed}{failed}{:else if best}<strong>Best hours {clock(best.from)} to {clock(best.to)}</strong>{#if answer}; {counted(
						answer.rods.length,
						'rod'
					)},
					{counted(answer.reties, 'lure change')}{/if}{:else if spots.length > 0}Planning the day …{/if}
		</p>
		<span class="flex gap-6">
			<button class="button" disabled={!answer} onclick={calendar}>Calendar</button>
			<button class="button" disabled={!answer} onclick={handOn}>Share</button>
			<button class="button" onclick={() => print()}>Print</button>
			<button class="button button-amber" disabled={!answer} onclick={take}>Start this outing</button>
		</span>
	</div>
	<div class="screen-main">
		{#if !water || spots.length === 0}
			<NoSpots
				shows="This screen plans a day over your spots: which rods to take, when to be where, and with what lure."
			/>
		{:else}
			<DayForm
				day={plan}
				{spots}
				{ticked}
				waterName={water.name}
				lures={data.lures.length}
				temperature={day.temperature}
				units={app.units}
				onset={(more) => day.set(more)}
				>{#if !plan.kept}<TraySwitch />{/if}</DayForm
			>
			<div class="px-14 py-6">
				<Hours {rows} spots={ticked} {zone} units={app.units} onedit={(at, more) => day.edit(at, more)} />
				<p class="quiet pt-4 text-ink-2">
					Example weather, not a forecast. Change it to your forecast, or load a weather file. The water is your
					reading, at the temperature expected that day. A blue edge marks falling pressure before a front.
				</p>
				{#each cautions as { text, grave } (text)}
					<p class={['notice', grave && 'notice-fails']}>{text}</p>
				{/each}
			</div>
		{/if}
	</div>
	<div class="screen-side" aria-busy={busy}>
		<section class="passage" aria-label="Today’s rods">
			<h2>Today’s rods</h2>
			{#if busy && spots.length > 0}
				<p class="working flex min-h-48 items-center justify-between gap-10">
					<label>
						{called ? `Working out hour ${called.called + 1} of ${called.of} …` : 'Choosing the rods …'}
						<progress max={called?.of ?? 1} value={called?.called}></progress>
					</label>
					<button class="button" onclick={() => app.work && day.solved.stop(app.work)}>Stop</button>
				</p>
			{:else if !answer && !failed && spots.length > 0}<p class="quiet pt-4 text-ink-2">
					Stopped. Change anything about the day to start again.
				</p>{/if}
			{#if answer}
				{#if enoughText(answer.rods.length, plan.rods)}<p class="pt-4">
						{enoughText(answer.rods.length, plan.rods)}
					</p>{/if}
				<Rods
					rods={answer.rods}
					{kindAt}
					{zone}
					units={app.units}
					owned={plan.owned}
					inHand={app.rig}
					most={plan.rods}
					onown={(outfit, isOwned) => day.own(outfit, isOwned)}
				/>
				<Curve {curve} rods={plan.rods} whole={day.solved.whole} />
				<Packing rods={answer.rods} />
				<HowItWent {clock} plan={planned} />
			{/if}
		</section>
	</div>
</div>
{#if answer && water}
	<DeckCard
		{...told}
		rods={answer.rods}
		{questionAt}
		measure={async (rig, question, spot) =>
			app.work?.running(
				'deck',
				plainCopy(rig),
				plainCopy(question),
				soundedProfile(spots.find(({ id }) => id === spot))
			)}
	/>
{/if}

<style>
	.deck {
		--beside: 400px;
	}
	progress {
		display: block;
		width: 100%;
		height: 8px;
		accent-color: var(--ink);
	}
	/* On a phone the deck itself comes first, the hours behind it. */
	@media (width < 56rem) {
		.deck > .screen-main {
			order: 1;
		}
	}
	/* Paper gets the card. */
	@media print {
		.deck {
			display: none;
		}
	}
</style>
