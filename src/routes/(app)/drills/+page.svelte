<script lang="ts">
	import { untrack } from 'svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import { page } from '$app/state';
	import { isLamp } from '$lib/ui/frame/theme';
	import Decide from '$lib/ui/drills/Decide.svelte';
	import type { PageData } from './$types';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	const TABS = [
		['decide', 'Decide'],
		['look', 'Look'],
		['pace', 'Hold a pace'],
		['progress', 'Your progress']
	] as const;
	let tab = $state<(typeof TABS)[number][0]>('decide');
	$effect(() => {
		if (app.live) untrack(() => app.takeOver(app.drillsDocument, data.drills));
	});
</script>

<svelte:head><title>Drills · Lucernal</title></svelte:head>

<div class="px-16 pt-8 pb-24">
	<h1 class="pb-6">Make the call yourself</h1>
	<TabBar label="Drills" tabs={TABS} bind:value={tab}>
		<div class="pt-12">
			{#if tab === 'decide'}<Decide seed={data.seed} level={data.level} lamp={isLamp(page.data.theme)} />
			{:else if tab === 'look'}
				{#await import('$lib/ui/drills/Look.svelte') then { default: Look }}<Look seed={data.seed} />{/await}
			{:else if tab === 'pace'}
				{#await import('$lib/ui/drills/HoldPace.svelte') then { default: HoldPace }}<HoldPace />{/await}
			{:else}
				{#await import('$lib/ui/drills/Progress.svelte') then { default: Progress }}<Progress />{/await}
			{/if}
		</div>
	</TabBar>
</div>
