<script lang="ts">
	import { dequal } from 'dequal';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import { finishText, lineText, ouncesText, rigName } from '$lib/core/naming/describe';
	import { spoken } from '$lib/core/naming/spoken';
	import type { Plan } from '$lib/core/schema/plan';
	import RigDrawing from '../rig/RigDrawing.svelte';

	interface Props {
		rods: Plan['rods'];
		zone: string;
	}
	const { rods, zone }: Props = $props();
	const time = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }));
	const feet = (inches: number): string => `${Math.floor(inches / 12)}'${inches % 12}"`;

	/** The lures of a rod, each once, with its hours. */
	const luresOf = ({ hours }: Plan['rods'][number]) =>
		hours
			.filter(({ rig }, at) => hours.findIndex((one) => dequal(one.rig, rig)) === at)
			.map(({ rig }) => ({
				rig,
				hours: hours.filter((one) => dequal(one.rig, rig)).map(({ at }) => time.format(Date.parse(at)))
			}));
</script>

<ol>
	{#each rods as rod, at (at)}
		{@const { outfit } = rod}
		<li>
			<p class="outfit">
				<strong class="figure">{at + 1}</strong>
				{feet(outfit.rod.lengthIn)}
				{spoken(outfit.rod.power)}, {spoken(outfit.rod.action)}; {outfit.reel.ratio}:1; {lineText(outfit.line)}
			</p>
			{#each luresOf(rod) as { rig, hours } (hours[0])}
				{@const drawing = drawRig(rig, true)}
				<div class="lure">
					<RigDrawing {drawing} scale={Math.min(84 / drawing.bounds.width, 42 / drawing.bounds.height)} decorative />
					<span
						>{rigName(rig)}, {ouncesText(rig.weightOz)} oz, {finishText(rig)}, {spoken(rig.skirt.colour)}
						<small>{spoken(rig.retrieve.style)} at {rig.retrieve.speedMps.toFixed(1)} m/s: {hours.join(', ')}</small
						></span
					>
				</div>
			{:else}<p class="quiet">Lies there, and is not needed.</p>{/each}
		</li>
	{/each}
</ol>

<style>
	li {
		padding: 5px 0;
		border-bottom: 1px solid var(--ink);
		break-inside: avoid;
	}
	.outfit {
		font-weight: 560;
	}
	.outfit strong {
		display: inline-grid;
		place-items: center;
		width: 22px;
		height: 22px;
		margin-right: 4px;
		border: 1px solid var(--ink);
		border-radius: 50%;
	}
	.lure {
		display: grid;
		grid-template-columns: 90px 1fr;
		gap: 8px;
		align-items: center;
		font-size: var(--t-s);
	}
	small {
		display: block;
		color: var(--ink-2);
	}
</style>
