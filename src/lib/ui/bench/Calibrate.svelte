<script lang="ts">
	/** Width of a bank card, mm (ISO/IEC 7810 ID-1). */
	const CARD_MM = 85.6;

	interface Props {
		/** Pixels of this screen per mm. */
		pxPerMm: number;
		onscale: (pxPerMm: number) => void;
	}
	const { pxPerMm, onscale }: Props = $props();
</script>

<div class="calibrate">
	<label
		>Hold a bank card to the screen and slide until the bar is as wide as the card
		<input
			type="range"
			min="2"
			max="12"
			step="0.01"
			value={pxPerMm}
			oninput={({ currentTarget }) => onscale(Number(currentTarget.value))}
		/></label
	>
	<div class="card" style:width="{CARD_MM * pxPerMm}px"></div>
	<p><span class="figure">{pxPerMm.toFixed(2)}</span> pixels per mm on this screen</p>
</div>

<style>
	.calibrate {
		display: grid;
		gap: 6px;
		padding: 8px 14px;
		border-bottom: 1px solid var(--ink);
		overflow-x: auto;
	}
	label {
		display: grid;
		gap: 4px;
	}
	.card {
		height: 26px;
		border: 1px solid var(--ink);
		background: var(--panel);
	}
	@media (width < 56rem) {
		input {
			min-height: 48px;
		}
	}
</style>
