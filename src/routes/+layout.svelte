<script lang="ts">
	import '../app.css';
	import { onMount, type Snippet } from 'svelte';
	import { replayEarlyEvents } from '$lib/client/offline/replayEarlyEvents';

	const { children }: { children: Snippet } = $props();
	// Everything on the page is ready by then: what is around it comes last.
	onMount(replayEarlyEvents);
</script>

{@render children()}
