<script lang="ts">
	import { bandWithin } from '$lib/core/water/reading/band';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { spokenFigure } from '$lib/presentation/units';
	import Handle from '../controls/Handle.svelte';
	import { COVER_AT } from '$lib/core/simulation/cast/soundings';
	import { depthAt, yOf, type Frame } from './geometry';
	import type { Grip } from './grips';
	import type { Drawn } from './scene';

	interface Props {
		frame: Frame;
		reading: Drawn;
		units: UnitSystem;
		grips: readonly Grip[];
		/** What stood when the drag began: the band must not collapse for good. */
		held: Pick<Drawn, 'fishFromM' | 'fishToM'>;
		onchange: (patch: Partial<ParsedReading>, key: string) => void;
		ondrag: (on: boolean) => void;
	}
	const { frame, reading, units, grips, held, onchange, ondrag }: Props = $props();

	const step = $derived(units === 'metric' ? 0.1 : 0.1524);
	const round = (value: number): number => Math.round(value * 100) / 100;
	/** A depth in hundredths, and never under the bottom, which may lie between two of them. */
	const inWater = (depthM: number): number => Math.min(reading.bottomM, round(depthM));
	const span = $derived(frame.right - frame.left);

	function coverTop(index: number, topM: number) {
		const cover = reading.cover.map((item, at) => (at === index ? { ...item, topM: inWater(topM) } : item));
		onchange({ cover }, `drag cover.${index}`);
	}

	function bottom(depthM: number) {
		const bottomM = round(depthM);
		onchange({ bottomM, ...bandWithin(held, bottomM) }, 'drag bottomM');
	}

	/** Moves one end of the fish band; the other gives way, so that the two never hold each other fast. */
	function bandEnd(end: 'fishFromM' | 'fishToM', depthM: number) {
		const to = inWater(depthM);
		const other =
			end === 'fishFromM' ? { fishToM: Math.max(to, held.fishToM) } : { fishFromM: Math.min(to, held.fishFromM) };
		onchange({ [end]: to, ...other }, `drag ${end}`);
	}

	function moved(grip: Grip, depthM: number) {
		if (grip.of === 'bottomM') bottom(depthM);
		else if (grip.of === 'cover') coverTop(grip.index, depthM);
		else bandEnd(grip.of, depthM);
	}

	const NAMES = { fishFromM: 'Fish from', fishToM: 'Fish to', bottomM: 'Bottom' } as const;
	const nameOf = (grip: Grip): string =>
		grip.of === 'cover' ? `${spokenFirst(reading.cover[grip.index]!.kind)} tops` : NAMES[grip.of];
</script>

{#each grips as grip (grip.id)}
	{#if grip.of === 'cover'}
		{@const [from, to] = COVER_AT[reading.cover[grip.index]!.kind]}
		<line
			class="tops"
			x1={frame.left + from * span}
			x2={frame.left + to * span}
			y1={yOf(frame, grip.depthM)}
			y2={yOf(frame, grip.depthM)}
		/>
	{/if}
	<Handle
		x={grip.x}
		y={yOf(frame, grip.depthM)}
		label={nameOf(grip)}
		value={grip.depthM}
		min={grip.of === 'bottomM' ? 0.2 : 0}
		max={grip.of === 'bottomM' ? Math.min(60, frame.maxM * 1.4) : reading.bottomM}
		{step}
		valueText={spokenFigure(units, 'depth', grip.depthM)}
		valueAt={(y) => depthAt(frame, y)}
		onvalue={(depthM) => moved(grip, depthM)}
		{ondrag}
	/>
{/each}

<style>
	.tops {
		stroke: #fdfbf0;
		stroke-width: 1.4;
		stroke-dasharray: 1.5 4;
	}
</style>
