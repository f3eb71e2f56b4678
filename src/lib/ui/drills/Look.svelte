<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import { bladesText, ouncesText } from '$lib/core/foundation/labels/describe';
	import { bladeOutline } from '$lib/core/foundation/catalogue/bladeSizes';
	import { drawBlade } from '$lib/core/rig/drawing/blade';
	import { buildOf } from '$lib/core/rig/build/buildOf';
	import { bladeQuestion, pairQuestion } from '$lib/core/trips/drills/eye';
	import { withUnit } from '$lib/presentation/units';
	import { onMount } from 'svelte';
	import CalibrateScreen from '../controls/CalibrateScreen.svelte';
	import { heldScale, keepScale, USUAL_PX_PER_MM } from '../controls/screenScale';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import SmallRig from '../rig/SmallRig.svelte';

	const { seed: first }: { seed: number } = $props();
	const app = useApp();
	const PAD_MM = 3;
	const KINDS = ['blade', 'pair'] as const;

	// svelte-ignore state_referenced_locally
	let seed = $state(first);
	const kind = $derived(KINDS[(seed - first) % KINDS.length]!);
	let calibrating = $state(false);
	let pxPerMm = $state(USUAL_PX_PER_MM);
	onMount(() => (pxPerMm = heldScale()));
	let answer = $state<string | null>(null);
	let right = $state(0);
	let asked = $state(0);

	const blade = $derived(bladeQuestion(seed));
	const pair = $derived(pairQuestion(seed));
	const outline = $derived.by(() => {
		const { lengthMm, widthMm } = bladeOutline(blade.style, blade.size);
		const made = {
			position: 'rear',
			style: blade.style,
			size: blade.size,
			finish: 'nickel',
			texture: 'smooth',
			thickness: 'standard'
		} as const;
		const shapes = drawBlade('rear', { blade: made, lengthMm, widthMm, hole: { x: 0, y: 0 }, angleDeg: 0, axisDeg: 0 });
		const bounds = { x: -PAD_MM, y: -widthMm / 2 - PAD_MM, width: lengthMm + 2 * PAD_MM, height: widthMm + 2 * PAD_MM };
		return { shapes, bounds, text: 'A blade, life-size', anchors: {} };
	});
	const correct = $derived(kind === 'blade' ? blade.answer : String(pair.answer));
	const SIDES = ['The first', 'The second'] as const;

	function say(value: string): void {
		if (answer !== null) return;
		answer = value;
		asked++;
		if (value === correct) right++;
	}
	function next(): void {
		[answer, seed] = [null, seed + 1];
	}
	const shown = (value: number): string => withUnit(app.units, pair.asks === 'runs deeper' ? 'depth' : 'speed', value);
</script>

<section class="grid max-w-720 content-start gap-12">
	{#if kind === 'blade'}
		<h2>Which blade is this?</h2>
		<p class="quiet">
			Life-size{pxPerMm === USUAL_PX_PER_MM ? ' on most screens' : ''}.
			<button class="underline" aria-expanded={calibrating} onclick={() => (calibrating = !calibrating)}
				>Calibrate this screen</button
			>
		</p>
		{#if calibrating}<CalibrateScreen
				{pxPerMm}
				onscale={(next) => {
					pxPerMm = next;
					keepScale(next);
				}}
			/>{/if}
		<div class="grid min-h-160 place-items-center"><RigDrawing drawing={outline} scale={pxPerMm} /></div>
		<div class="flex flex-wrap gap-6" role="group" aria-label="Which blade is this?">
			{#each blade.options as option (option)}
				<button class="button" disabled={answer !== null} onclick={() => say(option)}>{option}</button>
			{/each}
		</div>
	{:else}
		<h2>Which {pair.asks}, at {withUnit(app.units, 'speed', pair.speedMps)}?</h2>
		<div class="grid grid-cols-2 gap-14">
			{#each pair.rigs as rig, at (at)}
				<div class="grid content-start gap-6">
					<SmallRig build={buildOf(rig)} width={240} height={112} />
					<span>{ouncesText(rig.weightOz)} oz, {bladesText(rig)}</span>
					<button class="button" disabled={answer !== null} onclick={() => say(String(at))}>{SIDES[at]}</button>
				</div>
			{/each}
		</div>
	{/if}
	<div role="status">
		{#if answer !== null}
			<p class="notice">
				<strong>{answer === correct ? 'Right.' : 'No.'}</strong>
				{#if kind === 'blade'}It is a {blade.answer}.{:else}{SIDES[pair.answer]}
					{pair.asks}: {pair.figures.map(shown).join(' against ')}, by the model.{/if}
			</p>
		{/if}
	</div>
	<div class="flex items-center gap-12">
		<button class="button button-amber" disabled={answer === null} onclick={next}>Next</button>
		{#if asked > 0}<span class="quiet">{right} of {asked} right</span>{/if}
	</div>
</section>
