<script lang="ts">
	import { plainCopy } from '$lib/client/state/plainCopy.svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import type { MeasuredParts } from '$lib/core/simulation/physics/measured';
	import { ouncesText } from '$lib/core/foundation/labels/describe';
	import type { HoldOffer } from '$lib/core/simulation/cast/hold';
	import type { SpeedFor, SpeedForInput, TowInput } from '$lib/core/foundation/schema/tow';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, shownIn, withUnit } from '$lib/presentation/units';
	import FigureField from '../controls/FigureField.svelte';

	interface Props {
		cast: TowInput;
		measured: MeasuredParts;
		/** Depth (m) that is asked for until another is typed: a little over the weed, or among the fish. */
		usualM: number;
		units: UnitSystem;
		turnsOf: (speedMps: number) => number;
		onspeed: (speedMps: number) => void;
		onoffer: (offer: HoldOffer) => void;
	}
	const { cast, measured, usualM, units, turnsOf, onspeed, onoffer }: Props = $props();
	const app = useApp();
	const depth = $derived(shownIn(units, 'depth'));
	const distance = $derived(shownIn(units, 'distance'));
	/** What can be asked for, m: depths of a reading, and distances at which a cast still has line out. */
	const [DEEPEST_M, NEAREST_M, FARTHEST_M] = [60, 1, 60] as const;
	let typedM = $state<number | null>(null);
	let atM = $state(12);
	const holdM = $derived(typedM ?? usualM);
	let found = $state.raw<SpeedFor | null>(null);

	let offers = $state.raw<readonly HoldOffer[]>([]);
	async function ask(input: SpeedForInput): Promise<void> {
		const answer = await app.work?.speedFor(input, measured);
		if (!answer) return;
		found = answer;
		offers = [];
		if (answer.why) offers = (await app.work?.holdOffers(input, measured)) ?? [];
	}
	$effect(() => {
		if (!app.work) return;
		const { rig, castM, tipM, countdownS, bottom } = plainCopy(cast);
		const input = { rig, castM, tipM, countdownS, bottom, holdM, atM };
		const timer = setTimeout(() => void ask(input).catch(() => undefined), 200);
		return () => clearTimeout(timer);
	});
	const WHY: Readonly<Record<NonNullable<SpeedFor['why']>, string>> = {
		'never that deep': 'It never gets that deep there.',
		'deeper even at most': 'It runs deeper than that at any speed.',
		'stalls at that speed': 'No safe speed: that slow, its blades don’t turn.',
		'leans at that speed': 'No safe speed: that fast, it leans over.'
	};
	function offerText(offer: HoldOffer): string {
		const at = `, ${turnsOf(offer.speedMps).toFixed(2)} turns a second`;
		if (offer.kind === 'tip') return `Rod tip at ${withUnit(units, 'depth', offer.tipM)}${at}`;
		if (offer.kind === 'weight') return `${ouncesText(offer.weightOz)} oz head${at}`;
		if (offer.kind === 'line') return `${offer.testLb} lb line${at}`;
		return `No. ${offer.size} blade${at}`;
	}
</script>

<h2>To hold a depth</h2>
<p class="flex flex-wrap items-center gap-4">
	<FigureField
		label="Depth to hold, {depth.spokenUnit}"
		value={figureText(units, 'depth', holdM)}
		low={0}
		high={Math.round(depth.show(DEEPEST_M))}
		unit={depth.unit}
		onvalue={(figure) => (typedM = depth.read(figure))}>{depth.unit} at</FigureField
	>
	<FigureField
		label="Distance from the tip, {distance.spokenUnit}"
		value={figureText(units, 'distance', atM)}
		low={Math.ceil(distance.show(NEAREST_M))}
		high={Math.floor(distance.show(FARTHEST_M))}
		unit={distance.unit}
		onvalue={(figure) => (atM = distance.read(figure))}>{distance.unit}</FigureField
	>
	{#if found?.speedMps}
		{@const speed = found.speedMps}
		<button class="button" type="button" onclick={() => onspeed(speed)}
			>reel at {turnsOf(speed).toFixed(2)} turns a second ({withUnit(units, 'speed', speed)})</button
		>
	{:else if found?.why}{WHY[found.why]}{/if}
</p>
{#if offers.length > 0}
	<ul class="flex flex-wrap gap-4 pb-4" aria-label="What would run at that depth">
		{#each offers as offer (offer.kind)}
			<li><button class="button" type="button" onclick={() => onoffer(offer)}>{offerText(offer)}</button></li>
		{/each}
	</ul>
{/if}
