<script lang="ts">
	import { LABEL_HEIGHT, labelWidth } from './labels';

	interface Props {
		/** Left edge and middle line in px of the drawing. */
		x: number;
		y: number;
		text: string;
	}
	const { x, y, text }: Props = $props();
	const width = $derived(labelWidth(text));
</script>

<g class="pointer-events-none">
	<rect class="fill-paper stroke-ink" {x} y={y - LABEL_HEIGHT / 2} {width} height={LABEL_HEIGHT} rx="2" />
	<text x={x + width / 2} y={y + 4} text-anchor="middle">{text}</text>
</g>

<style>
	text {
		font-size: 13px;
		font-weight: 560;
		fill: var(--ink);
	}
</style>
