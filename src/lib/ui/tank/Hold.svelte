<script lang="ts">
	import { useApp } from '$lib/client/app.svelte';
	import type { MeasuredParts } from '$lib/core/physics/measured';
	import type { SpeedFor, SpeedForInput, TowInput } from '$lib/core/schema/tow';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, shownIn, withUnit } from '$lib/forms/units';
	import FigureField from '../controls/FigureField.svelte';

	interface Props {
		cast: TowInput;
		measured: MeasuredParts;
		/** Depth (m) that is asked for until another is typed: a little over the weed, or among the fish. */
		usualM: number;
		units: UnitSystem;
		turnsOf: (speedMps: number) => number;
		onspeed: (speedMps: number) => void;
	}
	const { cast, measured, usualM, units, turnsOf, onspeed }: Props = $props();
	const app = useApp();
	const depth = $derived(shownIn(units, 'depth'));
	const distance = $derived(shownIn(units, 'distance'));
	/** What can be asked for, m: depths of a reading, and distances at which a cast still has line out. */
	const [DEEPEST_M, NEAREST_M, FARTHEST_M] = [60, 1, 60] as const;
	let typedM = $state<number | null>(null);
	let atM = $state(12);
	const holdM = $derived(typedM ?? usualM);
	let found = $state.raw<SpeedFor | null>(null);

	async function ask(input: SpeedForInput): Promise<void> {
		const answer = await app.work?.speedFor(input, measured);
		if (answer) found = answer;
	}
	$effect(() => {
		if (!app.work) return;
		const { rig, castM, tipM, countdownS, bottom } = $state.snapshot(cast) as TowInput;
		const input = { rig, castM, tipM, countdownS, bottom, holdM, atM };
		const timer = setTimeout(() => void ask(input).catch(() => undefined), 200);
		return () => clearTimeout(timer);
	});
	const WHY = {
		'never that deep': 'It is never that deep there.',
		'deeper even at most': 'It is deeper there at any speed.'
	} as const;
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
		onvalue={(figure) => (atM = distance.read(figure))}>{distance.unit}:</FigureField
	>
	{#if found?.speedMps}
		{@const speed = found.speedMps}
		<button class="button" type="button" onclick={() => onspeed(speed)}
			>wind at {turnsOf(speed).toFixed(2)} turns a second ({withUnit(units, 'speed', speed)})</button
		>
	{:else if found?.why}{WHY[found.why]}{/if}
</p>
