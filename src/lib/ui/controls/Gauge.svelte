<script lang="ts">
	import { shareOf } from './scale';

	interface Props {
		/** Ends of the scale. */
		low: number;
		high: number;
		value: number;
		/** Stretches with a word each; the one that must not be is hatched. */
		zones: readonly { readonly word: string; readonly to: number; readonly forbidden?: boolean }[];
		label: string;
	}
	const { low, high, value, zones, label }: Props = $props();
	const scale = $derived({ low, high });
	const ends = $derived(zones.map((zone, at) => ({ ...zone, from: at === 0 ? low : zones[at - 1]!.to })));
	const at = (x: number): number => shareOf(scale, x) * 100;
</script>

<svg class="gauge" width="100%" height="36" role="img" aria-label={label} overflow="visible">
	<defs>
		<pattern id="gauge-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
			<line x1="0" x2="0" y1="0" y2="6" stroke="var(--rule-2)" stroke-width="2" />
		</pattern>
	</defs>
	{#each ends as zone (zone.word)}
		<rect
			x="{at(zone.from)}%"
			width="{at(zone.to) - at(zone.from)}%"
			y="10"
			height="8"
			fill={zone.forbidden ? 'url(#gauge-hatch)' : 'none'}
			stroke="var(--ink)"
		/>
		<text x="{(at(zone.from) + at(zone.to)) / 2}%" y="31" text-anchor="middle">{zone.word}</text>
	{/each}
	<svg x="{at(value)}%" y="10" overflow="visible"><path class="fill-amber stroke-ink" d="M0 3l-5-9h10z" /></svg>
</svg>

<style>
	text {
		font-size: 11.5px;
		fill: var(--ink-2);
	}
</style>
