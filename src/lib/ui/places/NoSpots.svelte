<script lang="ts">
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';

	interface Props {
		/** What the screen will show once there are spots. */
		shows: string;
	}
	const { shows }: Props = $props();
	const app = useApp();
	const needsWater = $derived(app.waters.length === 0);
</script>

<div class="grid justify-items-start gap-10 px-14 py-14">
	<p>{shows}</p>
	<p class="text-ink-2">
		{needsWater ? 'Start with the water you fish; its first spot needs only a name.' : 'A spot needs only a name.'}
	</p>
	<p class="flex flex-wrap gap-8">
		{#if needsWater}
			<a class="button button-amber" href={resolve('/waters?new=water')}>New water</a>
		{:else}
			<a class="button button-amber" href={resolve('/waters?new=spot')}>New spot</a>
		{/if}
		<a class="button" href={resolve('/waters')}>Waters and spots</a>
	</p>
</div>
