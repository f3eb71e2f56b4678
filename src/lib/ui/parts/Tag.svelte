<script lang="ts">
	interface Props {
		/** Left edge, or the middle with `centre`, in px of the drawing. */
		x: number;
		y: number;
		text: string;
		centre?: boolean;
	}
	const { x, y, text, centre = false }: Props = $props();
	const PER_LETTER = 6.4;
	const width = $derived(text.length * PER_LETTER + 14);
	const left = $derived(centre ? x - width / 2 : x);
</script>

<g class="tag">
	<rect x={left} y={y - 10} {width} height="20" rx="2" />
	<text x={left + width / 2} y={y + 4} text-anchor="middle">{text}</text>
</g>

<style>
	rect {
		fill: var(--paper);
		stroke: var(--ink);
	}
	text {
		font-size: 12px;
		font-weight: 560;
		fill: var(--ink);
	}
	.tag {
		pointer-events: none;
	}
</style>
