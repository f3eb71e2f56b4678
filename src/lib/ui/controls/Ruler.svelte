<script lang="ts">
	import BrowserOnly from './BrowserOnly.svelte';
	import { shareOf, ticksOf, valueAt, type Scale } from './scale';

	interface Props {
		/** Ends of the scale, in shown units. */
		scale: Scale;
		/** What the pointer shows; `null` leaves the ruler without one: not entered yet. */
		value: number | null;
		/** A stretch from `value` to here, drawn as a bar between two pointers. */
		to?: number | null;
		/** Named stretches, to their upper ends. */
		zones?: readonly { readonly name: string; readonly to: number }[];
		/** The small form: ticks and a pointer, no numerals. */
		small?: boolean;
		/** Spoken name; with `onvalue` the pointer can be moved. */
		label?: string;
		valueText?: string;
		/** What one press of an arrow key moves. */
		step?: number;
		onvalue?: (value: number) => void;
	}
	const {
		scale,
		value,
		to = null,
		zones = [],
		small = false,
		label = '',
		valueText = '',
		step = 1,
		onvalue
	}: Props = $props();

	const percent = (at: number): string => `${(shareOf(scale, at) * 100).toFixed(2)}%`;
	// By its figures: a scale that is put together anew and says the same has the same ticks.
	const { low, high, log } = $derived(scale);
	const ends = $derived({ low, high, log });
	const ticks = $derived(ticksOf(ends, small ? 4 : 6));
	const top = $derived(zones.length > 0 ? 16 : to !== null && !small ? 12 : 1);
	const height = $derived(small ? 14 : top + 22);
	const bands = $derived(
		zones.map((zone, at) => {
			const from = at === 0 ? scale.low : zones[at - 1]!.to;
			const current = value !== null && value < zone.to && (at === 0 || value >= zones[at - 1]!.to);
			return {
				name: zone.name,
				from: shareOf(scale, from) * 100,
				to: shareOf(scale, Math.min(zone.to, scale.high)) * 100,
				current
			};
		})
	);
	/** Across the ticks are drawn in so many parts of the width. */
	const WIDE = 2000;
	const across = (at: number): number => Math.round(WIDE * shareOf(ends, at));
	const marks = $derived(
		ticks
			.map(({ value: at, major }) => {
				const x = across(at);
				return small ? `M${x} 13v${major ? -5 : -3}` : `M${x} ${top}v${major ? 7 : 4}`;
			})
			.join('')
	);
	const NUMERAL_CLEAR = 0.045;
	/** The numerals that the pointer stands on, as text: while it stays the same, so do the others. */
	const covered = $derived(
		ticks
			.filter(
				({ value: at }) => value !== null && Math.abs(shareOf(scale, at) - shareOf(scale, value)) <= NUMERAL_CLEAR
			)
			.map(({ value: at }) => at)
			.join(' ')
	);
	const numerals = $derived.by(() => {
		const hidden = covered.split(' ');
		return ticks.filter(({ major, value: at }) => major && !hidden.includes(String(at)));
	});

	function onkeydown(event: KeyboardEvent) {
		if (value === null || !onvalue) return;
		const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		onvalue(Math.min(scale.high, Math.max(scale.low, value + by * step)));
	}
</script>

<div class="ruler" style:height="{height}px">
	<BrowserOnly>
		<!-- As wide as there is room: only across, and no line gets thicker by it. -->
		<svg
			width="100%"
			{height}
			viewBox="0 0 {WIDE} {height}"
			preserveAspectRatio="none"
			overflow="visible"
			aria-hidden="true"
		>
			<path class="base" d="M0 {small ? 13 : top}h{WIDE}" />
			<path class="ticks" d={marks} />
			{#if value !== null && to !== null}
				<rect
					class="range fill-ink"
					x={across(value)}
					width={across(to) - across(value)}
					y={(small ? 13 : top) - 2}
					height="4"
				/>
			{/if}
		</svg>
		{#if !small}
			<svg class="absolute inset-0" width="100%" {height} overflow="visible" aria-hidden="true">
				{#each bands as band (band.name)}
					<rect
						class:current={band.current}
						class="zone fill-none stroke-rule"
						x="{band.from}%"
						width="{band.to - band.from}%"
						y="0"
						height="15"
					/>
					{#if band.to - band.from > 5}
						<text
							class="zone-name"
							class:bold={band.current}
							x="{(band.from + band.to) / 2}%"
							y="11"
							text-anchor="middle">{band.name}</text
						>
					{/if}
				{/each}
				{#each numerals as tick (tick.value)}
					<text class="numeral" x={percent(tick.value)} y={top + 18}>{tick.value}</text>
				{/each}
			</svg>
		{/if}
		<!-- Not drawn in the picture: what moves with the hand is moved, and the lines under it stay as they are. -->
		{#each [value, to] as at, end (end)}
			{#if value !== null && at !== null}
				<span class="pointer" class:small class:end={to !== null} style:left={percent(at)} style:top="{top}px"></span>
			{/if}
		{/each}
	</BrowserOnly>
	{#if onvalue}
		<input
			type="range"
			aria-label={label}
			aria-valuetext={valueText}
			min="0"
			max="1"
			step="any"
			value={value === null ? 0.5 : shareOf(scale, value)}
			oninput={(event) => onvalue(valueAt(scale, event.currentTarget.valueAsNumber))}
			{onkeydown}
		/>
	{/if}
</div>

<style>
	.ruler {
		/* A pointer that moves lays nothing out but its own ruler. */
		contain: size layout style;
		position: relative;
		width: 100%;
	}
	.base,
	.ticks {
		fill: none;
		stroke: var(--ink);
		vector-effect: non-scaling-stroke;
	}
	.ticks {
		stroke: var(--rule-2);
	}
	.numeral {
		font: 13px var(--font-mono);
		fill: var(--ink-2);
		text-anchor: middle;
	}
	.zone.current {
		fill: var(--amber);
	}
	.zone-name {
		font-size: 13px;
		fill: var(--ink-2);
	}
	.zone-name.bold {
		font-weight: 660;
		fill: var(--on-amber);
	}
	/* A triangle: under the scale it points up at its value; above it, as an end of a stretch or small, down. */
	.pointer {
		position: absolute;
		margin: 2px 0 0 -6px;
		border: solid transparent;
		border-width: 0 6px 10px;
		border-bottom-color: var(--ink);
	}
	.pointer:is(.end, .small) {
		margin: -11px 0 0 -5px;
		border-width: 8px 5px 0;
		border-top-color: var(--ink);
	}
	.pointer.small {
		margin: 4px 0 0 -4.5px;
		border-width: 8px 4.5px 0;
		border-top-color: var(--cool);
	}
	input {
		position: absolute;
		inset: -4px -8px;
		width: calc(100% + 16px);
		height: calc(100% + 8px);
		margin: 0;
		opacity: 0;
		cursor: ew-resize;
		touch-action: pan-y;
	}
	/* A finger that scrolls past, or rests on the scale, moves nothing: only the pointer itself can be drawn. */
	@media (pointer: coarse) {
		input {
			inset: -8px -24px;
			width: calc(100% + 48px);
			height: calc(100% + 16px);
			appearance: none;
			background: none;
			pointer-events: none;
		}
		input::-webkit-slider-thumb {
			appearance: none;
			width: 48px;
			height: 48px;
			pointer-events: auto;
			touch-action: pan-y;
		}
		input::-moz-range-thumb {
			width: 48px;
			height: 48px;
			pointer-events: auto;
			touch-action: pan-y;
		}
	}
	.ruler:has(input:focus-visible) {
		outline: 2px solid var(--ink);
		outline-offset: 4px;
		border-radius: 2px;
	}
	@media (forced-colors: active) {
		.zone.current {
			fill: Highlight;
		}
		.zone-name.bold {
			fill: HighlightText;
		}
		.range {
			fill: CanvasText;
		}
		.pointer {
			forced-color-adjust: none;
			border-block-color: CanvasText;
		}
	}
</style>
