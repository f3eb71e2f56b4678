<script lang="ts">
	import '../app.css';
	import { onMount, type Snippet } from 'svelte';
	import { giveOnEarly } from '$lib/client/early';

	const { children }: { children: Snippet } = $props();
	// Everything on the page is ready by then: what is around it comes last.
	onMount(giveOnEarly);
</script>

{@render children()}
