<script lang="ts">
	import type { IconNode } from 'lucide';

	interface Props {
		icon: IconNode;
		/** Height and width, px; `null` where the stylesheet of its place says so. */
		size?: number | null;
		/** Width of its lines in its own 24 units; `null` where the stylesheet says so. */
		line?: number | null;
	}
	const { icon, size = 24, line = 2 }: Props = $props();
	const lines = $derived(
		icon
			.map(([tag, attributes]) => {
				const written = Object.entries(attributes).map(([name, value]) => ` ${name}="${value}"`);
				return `<${tag}${written.join('')}/>`;
			})
			.join('')
	);
</script>

<!-- Says nothing of itself: the words beside it do. -->
<svg class="icon" width={size} height={size} viewBox="0 0 24 24" stroke-width={line} aria-hidden="true">
	<!-- The library's own figures; one piece of markup is shorter to write and quicker to take up than as many nodes. -->
	<!-- eslint-disable-next-line svelte/no-at-html-tags -->
	{@html lines}
</svg>

<style>
	.icon {
		fill: none;
		stroke: currentColor;
		stroke-linecap: round;
		stroke-linejoin: round;
	}
</style>
