<script lang="ts">
	import { spoken } from '$lib/core/naming/spoken';
	import type { Rgb } from '$lib/core/optics/colour';
	import { css, type Shown } from './seen';

	interface Props {
		shown: Shown;
		/** Colour of the water behind it. */
		water: string;
		/** How it looks where the hand is now, before the rest of it follows. */
		here?: Rgb;
	}
	const { shown, water, here = shown.here }: Props = $props();
	/** Told by shape and word as well as by colour. */
	const SIGNS = { bright: '▲ bright', dark: '▼ dark', blends: '≈ blends' } as const;
	const { named, looked } = $derived(shown);
</script>

<div class="swatch">
	<!-- Boxes and not a picture: all of them change with every pixel that the depth is slid. -->
	<div class="seen" aria-hidden="true">
		<span style:background={css(shown.inHand)}></span>
		<span class="water" style:background={water}><span class="lure" style:background={css(here)}></span></span>
	</div>
	<p>
		<strong>{named.name ?? spoken(named.colour)}</strong>
		<span class="looks">{SIGNS[looked.looks]}</span>
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
	.water {
		display: grid;
		place-items: center;
	}
	.lure {
		width: 73%;
		height: 26px;
		border-radius: 50%;
	}
	p {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 0 6px;
		padding: 2px 6px;
		font-size: var(--t-s);
	}
	.looks {
		color: var(--ink-2);
		white-space: nowrap;
	}
</style>
