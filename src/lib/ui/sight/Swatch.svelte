<script lang="ts">
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { Rgb } from '$lib/core/simulation/sight/colour';
	import { css, type Shown } from './seen';

	interface Props {
		shown: Shown;
		/** Color of the water behind it. */
		water: string;
		/** How it looks where the hand is now, before the rest of it follows. */
		here?: Rgb;
	}
	const { shown, water, here = shown.here }: Props = $props();
	/** Told by shape and word as well as by color. */
	const SIGNS = { bright: '▲ bright', dark: '▼ dark', blends: '≈ blends' } as const;
	const { named, looked } = $derived(shown);
</script>

<div class="swatch">
	<!-- Boxes and not a picture: all of them change with every pixel that the depth is slid. -->
	<div class="seen" aria-hidden="true">
		<span style:background={css(shown.inHand)}></span>
		<span class="grid place-items-center" style:background={water}
			><span class="h-26 w-[73%] rounded-[50%]" style:background={css(here)}></span></span
		>
	</div>
	<p class="flex flex-wrap justify-between gap-x-6 gap-y-0 px-6 py-2 text-s">
		<strong>{named.name ?? spoken(named.colour)}</strong>
		<span class="whitespace-nowrap text-ink-2">{SIGNS[looked.looks]}</span>
	</p>
</div>

<style>
	.swatch {
		/* Without a clip of its own: what is painted stays one piece while all of them change. */
		contain: layout style;
		border: 1px solid var(--ink);
	}
	.seen {
		display: grid;
		grid-template-columns: 34fr 66fr;
		height: 44px;
		forced-color-adjust: none;
	}
</style>
