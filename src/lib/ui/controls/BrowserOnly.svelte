<script lang="ts">
	import { onMount, type Snippet } from 'svelte';

	interface Props {
		children: Snippet;
		/** What is in the page as it is sent all the same. */
		sent?: boolean;
	}
	/**
	 * Lines that repeat what words and figures beside them say, and what lies far down a list: made by the browser before
	 * its first frame with scripts. The page as it is sent is several times lighter without them.
	 */
	const { children, sent = false }: Props = $props();
	let here = $state(false);
	onMount(() => void (here = true));
</script>

{#if sent || here}{@render children()}{/if}
