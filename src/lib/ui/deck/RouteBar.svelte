<script lang="ts">
	import Handle from '../controls/Handle.svelte';
	import { endsOf, movedEnd, type Stop } from './route';

	interface Props {
		stops: readonly Stop[];
		nameOf: (spot: string) => string;
		clock: (at: string) => string;
		/** Takes the hours that get another place. */
		onmove: (spots: Readonly<Record<string, string>>) => void;
	}
	const { stops, nameOf, clock, onmove }: Props = $props();
	const HOUR_MS = 3_600_000;
	const HEIGHT = 48;
	/** Width (px) that a letter of a name takes, and the room beside a grip. */
	const LETTER_PX = 7.4;
	const BESIDE_PX = 22;
	let width = $state(760);
	const first = $derived(Date.parse(stops[0]?.from ?? '') || 0);
	const hours = $derived(stops.length > 0 ? (Date.parse(stops.at(-1)!.to) - first) / HOUR_MS : 1);
	const hourOf = (at: string): number => (Date.parse(at) - first) / HOUR_MS;
	const x = (at: string): number => (width * hourOf(at)) / hours;
	const isoAt = (hour: number): string => new Date(first + Math.round(hour) * HOUR_MS).toISOString();
	/** Two stops that follow each other without a break, as one by thunder is. */
	const moves = $derived(
		stops.slice(0, -1).flatMap((stop, at) => (stops[at + 1]!.from === stop.to ? [{ stop, next: stops[at + 1]! }] : []))
	);
	/** A name as far as there is room for it. */
	function named({ spot, from, to }: Stop): string {
		const letters = Math.floor((x(to) - x(from) - 2 * BESIDE_PX) / LETTER_PX);
		const name = nameOf(spot);
		return name.length <= letters ? name : letters > 3 ? `${name.slice(0, letters - 1)}…` : '';
	}
</script>

<div class="bar overflow-hidden" bind:clientWidth={width}>
	<svg
		class="block"
		{width}
		height={HEIGHT}
		role="group"
		aria-label="Today’s route by the hour: drag to move the end of a stop"
	>
		{#each stops as stop, at (stop.from)}
			<rect
				class="fill-panel stroke-ink"
				class:odd={at % 2 === 1}
				x={x(stop.from)}
				y="8"
				width={x(stop.to) - x(stop.from)}
				height="32"
			/>
			<text x={x(stop.from) + BESIDE_PX} y="28">{named(stop)}</text>
		{/each}
		{#each moves as { stop, next } (stop.from)}
			{@const { least, most } = endsOf(stop, next)}
			<Handle
				x={x(stop.to)}
				y={HEIGHT / 2}
				label="{nameOf(stop.spot)} until, then {nameOf(next.spot)}"
				value={hourOf(stop.to)}
				min={hourOf(least)}
				max={hourOf(most)}
				valueText={clock(stop.to)}
				step={1}
				along
				valueAt={(_, px) => Math.round((px * hours) / width)}
				onvalue={(hour) => hour !== hourOf(stop.to) && onmove(movedEnd(stop, next, isoAt(hour)))}
			/>
		{/each}
	</svg>
</div>

<style>
	.odd {
		fill: var(--paper);
	}
	text {
		font-size: 13px;
		font-weight: 600;
		fill: var(--ink);
		pointer-events: none;
	}
</style>
