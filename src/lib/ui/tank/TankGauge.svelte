<script lang="ts">
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import { shareOf, ticksOf } from '../controls/scale';

	interface Props {
		label: string;
		/** What A shows, in words with its unit. */
		text: string;
		low: number;
		high: number;
		a: number | null;
		b?: number | null;
		/** Stretches in which the lure does not work, each with a word. */
		forbidden?: readonly { readonly from: number; readonly to: number; readonly word: string }[];
		/** What is to be said beside it, such as that B is thin. */
		note?: string;
		fails?: boolean;
	}
	const { label, text, low, high, a, b = null, forbidden = [], note = '', fails = false }: Props = $props();
	const id = $props.id();
	const scale = $derived({ low, high });
	const at = (value: number): number => shareOf(scale, value) * 100;
	const ticks = $derived(ticksOf(scale, 6));
	const shown = $derived(
		forbidden
			.map((zone) => ({ ...zone, x: at(zone.from), width: at(zone.to) - at(zone.from) }))
			.filter(({ width }) => width > 0.5)
	);
</script>

<div class="border-b border-b-rule pt-5 pb-2">
	<p class="flex items-baseline gap-8">
		<span class="min-w-92 font-640">{label}</span> <strong class="figure text-l">{text}</strong><span
			class="note flex-1 text-right text-ink-2"
			class:fails>{note}</span
		>
	</p>
	<svg width="100%" height="34" aria-hidden="true" overflow="visible">
		<BrowserOnly>
			<defs>
				<pattern id="no-{id}" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
					<line x1="0" x2="0" y1="0" y2="6" stroke="var(--ink-2)" stroke-width="1.4" />
				</pattern>
			</defs>
			{#each shown as zone (zone.word)}
				<rect x="{zone.x}%" width="{zone.width}%" y="6" height="8" fill="url(#no-{id})" stroke="var(--ink)" />
			{/each}
			<line x1="0" x2="100%" y1="14" y2="14" class="stroke-ink" />
			{#each ticks as tick (tick.value)}
				<line class="stroke-ink" x1="{at(tick.value)}%" x2="{at(tick.value)}%" y1="14" y2={tick.major ? 20 : 17} />
				{#if tick.major}<text x="{at(tick.value)}%" y="31" text-anchor="middle">{tick.value}</text>{/if}
			{/each}
			{#if b !== null}<svg x="{at(b)}%" y="14" overflow="visible"
					><path class="fill-paper stroke-ink stroke-[1.4]" d="M0 1l5 9h-10z" /></svg
				>{/if}
			{#if a !== null}<svg x="{at(a)}%" y="14" overflow="visible"
					><path class="fill-amber stroke-ink" d="M0-1l-6-11h12z" /></svg
				>{/if}
		</BrowserOnly>
	</svg>
</div>

<style>
	.note.fails {
		color: var(--fail);
		font-weight: 640;
	}
	text {
		font: 13px var(--font-mono);
		fill: var(--ink-2);
	}
</style>
