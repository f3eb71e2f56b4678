<script lang="ts">
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { shownIn } from '$lib/presentation/units';
	import { ticksOf } from '../controls/scale';
	import { reachM, tenths as px, xOf, yOf, type Bed, type Frame } from './geometry';

	interface Props {
		frame: Frame;
		bed: Bed;
		units: UnitSystem;
	}
	const { frame, bed, units }: Props = $props();

	/** Feet at the left, meters at the right: both are always there. */
	const depths = $derived(
		(['imperial', 'metric'] as const).map((system, side) => {
			const { show, read, unit } = shownIn(system, 'depth');
			const ticks = ticksOf({ low: 0, high: show(frame.maxM) }, system === 'imperial' ? 9 : 7);
			const [x, dir] = side === 0 ? [frame.left, -1] : [frame.right, 1];
			return { unit, x, dir, ticks: ticks.map((tick) => ({ ...tick, y: yOf(frame, read(tick.value)) })) };
		})
	);
	const caption = $derived(`${shownIn(units, 'distance').unit} from the bank${bed.profile ? '' : ', bottom assumed'}`);
	/** A figure of the scale's own type is so wide, px: where the caption stands, no tick is written. */
	const FIGURE_PX = 7.4;
	const captionX = $derived(frame.right - 16 - caption.length * FIGURE_PX);
	const distances = $derived.by(() => {
		const { show, read } = shownIn(units, 'distance');
		return ticksOf({ low: 0, high: show(reachM(bed)) }, 5)
			.map((tick) => ({ ...tick, x: xOf(frame, bed, read(tick.value)) }))
			.filter(({ x }) => x >= frame.left);
	});
</script>

{#each depths as { unit, x, dir, ticks } (unit)}
	<path
		class="stroke-ink"
		d="M{x} {frame.sky}V{frame.height - 2}{ticks
			.map(({ y, major }) => `M${x} ${px(y)}h${dir * (major ? 9 : 5)}`)
			.join('')}"
	/>
	{#each ticks.filter(({ major }) => major) as tick (tick.value)}
		<text class={['numeral', dir < 0 && 'before']} x={x + dir * 12} y={px(tick.y + 4)}>{tick.value}</text>
	{/each}
	<text class="unit [text-anchor:middle]" x={x + dir * 20} y={frame.sky - 12}>{unit}</text>
{/each}
<path class="stroke-ink" d={distances.map(({ x, major }) => `M${px(x)} ${frame.height}v${major ? -7 : -4}`).join('')} />
{#each distances.filter(({ major, value, x }) => major && value > 0 && x < captionX) as tick (tick.value)}
	<text class="numeral [text-anchor:middle]" x={px(tick.x)} y={frame.height - 10}>{tick.value}</text>
{/each}
<text class="numeral before" x={frame.right - 4} y={frame.height - 10}>{caption}</text>

<style>
	.numeral {
		font: 13px var(--font-mono);
		fill: var(--ink);
	}
	.before {
		text-anchor: end;
	}
	.unit {
		font-size: 11.5px;
		fill: var(--ink-2);
	}
</style>
