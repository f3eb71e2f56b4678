<script lang="ts">
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { shownIn } from '$lib/forms/units';
	import { ticksOf } from '../parts/scale';
	import { reachM, xOf, yOf, type Bed, type Frame } from './geometry';

	interface Props {
		frame: Frame;
		bed: Bed;
		units: UnitSystem;
	}
	const { frame, bed, units }: Props = $props();

	/** Feet at the left, metres at the right: both are always there. */
	const depths = $derived(
		(['imperial', 'metric'] as const).map((system, side) => {
			const { show, read, unit } = shownIn(system, 'depth');
			const ticks = ticksOf({ low: 0, high: show(frame.maxM) }, system === 'imperial' ? 9 : 7);
			const [x, dir] = side === 0 ? [frame.left, -1] : [frame.right, 1];
			return { unit, x, dir, ticks: ticks.map((tick) => ({ ...tick, y: yOf(frame, read(tick.value)) })) };
		})
	);
	const distances = $derived.by(() => {
		const { show, read } = shownIn(units, 'distance');
		return ticksOf({ low: 0, high: show(reachM(bed)) }, 5)
			.map((tick) => ({ ...tick, x: xOf(frame, bed, read(tick.value)) }))
			.filter(({ x }) => x >= frame.left);
	});
</script>

{#each depths as { unit, x, dir, ticks } (unit)}
	<line class="axis" x1={x} x2={x} y1={frame.sky} y2={frame.height - 2} />
	{#each ticks as tick (tick.value)}
		<line class="axis" x1={x} x2={x + dir * (tick.major ? 9 : 5)} y1={tick.y} y2={tick.y} />
		{#if tick.major}
			<text class="numeral" x={x + dir * 12} y={tick.y + 4} text-anchor={dir < 0 ? 'end' : 'start'}>{tick.value}</text>
		{/if}
	{/each}
	<text class="unit" x={x + dir * 20} y={frame.sky - 12} text-anchor="middle">{unit}</text>
{/each}
{#each distances as tick (tick.value)}
	<line class="axis" x1={tick.x} x2={tick.x} y1={frame.height} y2={frame.height - (tick.major ? 7 : 4)} />
	{#if tick.major && tick.value > 0}
		<text class="numeral" x={tick.x} y={frame.height - 10} text-anchor="middle">{tick.value}</text>
	{/if}
{/each}
<text class="numeral" x={frame.right - 4} y={frame.height - 10} text-anchor="end"
	>{shownIn(units, 'distance').unit} from the bank{bed.profile ? '' : ', bed assumed'}</text
>

<style>
	.axis {
		stroke: var(--ink);
	}
	.numeral {
		font: 12px var(--font-mono);
		fill: var(--ink);
	}
	.unit {
		font-size: 11.5px;
		fill: var(--ink-2);
	}
</style>
