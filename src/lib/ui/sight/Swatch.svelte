<script lang="ts">
	import { spoken } from '$lib/core/naming/spoken';
	import { css, type Shown } from './seen';

	interface Props {
		shown: Shown;
		/** Colour of the water behind it. */
		water: string;
	}
	const { shown, water }: Props = $props();
	/** Told by shape and word as well as by colour. */
	const SIGNS = { bright: '▲ bright', dark: '▼ dark', blends: '≈ blends' } as const;
	const { named, looked } = $derived(shown);
</script>

<div class="swatch">
	<svg width="100%" height="44" aria-hidden="true">
		<rect width="34%" height="44" fill={css(shown.inHand)} />
		<rect x="34%" width="66%" height="44" fill={water} />
		<ellipse cx="67%" cy="22" rx="24%" ry="13" fill={css(shown.here)} />
	</svg>
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
	svg {
		display: block;
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
