<script lang="ts">
	import { ouncesText, plainWords, rigName } from '$lib/core/naming/describe';
	import { WEIGHTS_OZ } from '$lib/core/catalogue/parts';
	import type { CalledRig } from '$lib/core/schema/call';
	import type { Running } from '$lib/core/schema/run';
	import { cadenceWords } from './cadence';

	interface Props {
		calls: readonly CalledRig[];
		running: Running | null;
	}
	const { calls, running }: Props = $props();
	/** The three colours that do most of it (SKT-18), and those for whom cast and wind is enough (FAM-16). */
	const COLOURS = ['white', 'green-pumpkin', 'black-blue'] as const;
	const EASY = ['spinnerbait', 'bladed-jig'] as const;

	const top = $derived(calls[0] ?? null);
	const easy = $derived(EASY.flatMap((family) => calls.find(({ rig }) => rig.family === family) ?? []));
	const lures = $derived(
		top && !easy.includes(top)
			? [top, easy[0]].filter((one) => one !== undefined)
			: [...easy].sort((a, b) => b.score - a.score)
	);
	const heavier = $derived(top ? WEIGHTS_OZ.find((oz) => oz > top.rig.weightOz) : undefined);
	const weights = $derived(top ? [top.rig.weightOz, ...(heavier ? [heavier] : [])] : []);
	const worn = $derived(top ? (top.rig.family === 'underspin' ? top.rig.trailer?.colour : top.rig.skirt.colour) : null);
	/** Light, natural or dark: the one of the three that is nearest to what is called. */
	const LIKE: Readonly<Record<string, (typeof COLOURS)[number]>> = {
		black: 'black-blue',
		'black-blue': 'black-blue',
		purple: 'black-blue',
		sunfish: 'green-pumpkin',
		perch: 'green-pumpkin',
		'green-pumpkin': 'green-pumpkin',
		watermelon: 'green-pumpkin',
		'brown-craw': 'green-pumpkin',
		'red-craw': 'green-pumpkin'
	};
	const first = $derived(LIKE[worn ?? ''] ?? 'white');
</script>

<div class="grid max-w-[64ch] gap-4 text-m">
	<p>
		<strong>Two lures:</strong>
		{lures.map(({ rig }) => rigName(rig).toLowerCase()).join(', then ')}.
	</p>
	<p><strong>Two weights:</strong> {weights.map((oz) => `${ouncesText(oz)} oz`).join(' and ')}.</p>
	<p>
		<strong>Three colours:</strong>
		{[first, ...COLOURS.filter((colour) => colour !== first)].map(plainWords).join(', ')}; begin with {plainWords(
			first
		)}.
	</p>
	<p>
		<strong>Cast and wind:</strong>
		{#if running && running.run.cast.countdownS >= 1}let it sink for a count of {running.run.cast.countdownS}, then{/if}
		{running ? cadenceWords(running.window.turnsPerS) : 'steadily'}, all the way in. If nothing comes, change one thing.
	</p>
</div>
