<script lang="ts">
	import { ouncesText, rigName, plainWords } from '$lib/core/drawing/describe';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import type { CalledRig } from '$lib/core/schema/call';
	import type { UnitSystem } from '$lib/core/schema/records';
	import Split from '../parts/Split.svelte';
	import LengthRuler from '../rig/LengthRuler.svelte';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { withUnit } from '../units';
	import { labelsOf } from './labels';

	interface Props {
		called: CalledRig;
		units: UnitSystem;
	}
	const { called, units }: Props = $props();
	const rig = $derived(called.rig);
	const drawing = $derived(drawRig(rig));
	const labels = $derived(labelsOf(called));
	/** Life size on a screen of 96 dpi, or as large as the room allows. */
	const LIFE = 96 / 25.4;
	const ROOM = { width: 440, height: 205 };
	let room = $state(ROOM.width);
	const scale = $derived(
		Math.min(LIFE, Math.min(room, ROOM.width) / drawing.bounds.width, ROOM.height / drawing.bounds.height)
	);
	const share = $derived(Math.round((scale / LIFE) * 100));
	const half = $derived(Math.ceil(labels.length / 2));
	const pace = $derived(withUnit(units, 'speed', called.rig.retrieve.speedMps));
	/** Turns of the handle per second at this reel's length per turn. */
	const turns = $derived((called.rig.retrieve.speedMps / (called.rig.reel.inchesPerTurn * 0.0254)).toFixed(1));
</script>

{#snippet list(items: typeof labels)}
	<ul>
		{#each items as item (item.key)}
			<li>
				<strong>{item.title}</strong>
				{#if item.why}<span
						>{item.why}{#if item.split}
							<Split side={item.split} />{/if}</span
					>{/if}
			</li>
		{/each}
	</ul>
{/snippet}

<section class="top" aria-labelledby="call-name">
	<div class="name">
		<h2 id="call-name">{rigName(called.rig)}, {ouncesText(called.rig.weightOz)} oz</h2>
		<p>
			{plainWords(called.rig.retrieve.style)} at <span class="figure">{pace}</span>, about
			<span class="figure">{turns}</span> turns a second of this reel
		</p>
	</div>
	{@render list(labels.slice(0, half))}
	<div class="drawing" bind:clientWidth={room}>
		<RigDrawing {drawing} {scale} />
		<LengthRuler lengthMm={drawing.bounds.width} {scale} />
		<p class="scale">
			{share === 100 ? 'life size at 96 dpi' : `${share} % of life size at 96 dpi`}, {Math.round(drawing.bounds.width)} mm
			in all
		</p>
	</div>
	{@render list(labels.slice(half))}
</section>

<style>
	.top {
		display: grid;
		grid-template-columns: 1fr auto 1fr;
		gap: 6px 14px;
		padding: 8px 14px;
	}
	.name {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 2px 14px;
	}
	.name h2 {
		font-size: 19px;
		line-height: 24px;
		font-weight: 680;
	}
	ul {
		display: grid;
		gap: 8px;
		align-content: center;
		font-size: 12px;
		line-height: 15px;
	}
	li {
		display: grid;
	}
	li strong {
		font-size: 13px;
		line-height: 17px;
	}
	li span {
		color: var(--ink-2);
	}
	.drawing {
		display: grid;
		align-content: center;
		justify-items: start;
		gap: 2px;
		width: 440px;
	}
	.scale {
		font-size: 11.5px;
		color: var(--ink-2);
	}
	@media (width < 56rem) {
		.top {
			grid-template-columns: 1fr;
			padding: 12px;
		}
		.drawing {
			order: -1;
			width: 100%;
			padding-left: 4px;
			overflow: hidden;
		}
		.name {
			order: -2;
		}
		ul {
			font-size: 14px;
			line-height: 18px;
		}
		li strong {
			font-size: 15.5px;
			line-height: 20px;
		}
	}
</style>
