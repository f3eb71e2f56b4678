<script lang="ts">
	import { SCALE_RANGE } from './screenScale';

	/** Width of a bank card, mm (ISO/IEC 7810 ID-1). */
	const CARD_MM = 85.6;

	interface Props {
		/** Pixels of this screen per mm. */
		pxPerMm: number;
		onscale: (pxPerMm: number) => void;
	}
	const { pxPerMm, onscale }: Props = $props();
</script>

<div class="grid gap-6 overflow-x-auto border-b border-b-ink px-14 py-8">
	<label class="grid gap-4"
		>Hold a bank card to the screen and slide until the bar is as wide as the card
		<input
			class="phone:min-h-48"
			type="range"
			min={SCALE_RANGE[0]}
			max={SCALE_RANGE[1]}
			step="0.01"
			value={pxPerMm}
			oninput={({ currentTarget }) => onscale(Number(currentTarget.value))}
		/></label
	>
	<div class="h-26 border border-ink bg-panel" style:width="{CARD_MM * pxPerMm}px"></div>
	<p><span class="figure">{pxPerMm.toFixed(2)}</span> pixels per mm on this screen</p>
</div>
