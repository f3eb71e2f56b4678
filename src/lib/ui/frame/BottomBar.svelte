<script lang="ts">
	import Menu from 'lucide/dist/esm/icons/menu.mjs';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { SCREENS } from './screens';
	import type MoreSheet from './MoreSheet.svelte';
	import Icon from '../controls/Icon.svelte';

	const MAIN = SCREENS.filter((screen) => 'onPhone' in screen);
	const REST = SCREENS.filter((screen) => !('onPhone' in screen));
	const here = (path: string): boolean => page.url.pathname.startsWith(path);
	let open = $state(false);
	/** The sheet comes when it is first asked for: the first view does without it. */
	let Sheet = $state.raw<typeof MoreSheet | null>(null);

	async function show() {
		Sheet ??= (await import('./MoreSheet.svelte')).default;
		open = true;
	}
</script>

<nav
	class="bar sticky bottom-0 z-10 hidden grid-cols-[repeat(4,1fr)] border-t border-t-ink bg-panel phone:grid"
	aria-label="Screens"
>
	{#each MAIN as screen (screen.path)}
		<a href={resolve(screen.path)} aria-current={here(screen.path) ? 'page' : undefined}>
			<Icon icon={screen.icon} size={24} line={1.5} />
			{screen.name}
		</a>
	{/each}
	<button class="bar-more" aria-haspopup="dialog" aria-expanded={open} onclick={show}
		><Icon icon={Menu} line={1.5} />More</button
	>
</nav>
{#if Sheet}<Sheet bind:open rest={REST} />{/if}

<style>
	.bar a,
	.bar .bar-more {
		display: grid;
		place-items: center;
		align-content: center;
		min-height: 60px;
		font-size: var(--t-m);
		font-weight: 560;
		text-decoration: none;
	}
	.bar a[aria-current='page'] {
		box-shadow: inset 0 4px 0 var(--amber);
		font-weight: 680;
	}
	:global(.sheet-veil) {
		position: fixed;
		inset: 0;
		z-index: 20;
		background: rgb(0 0 0 / 0.5);
	}
	:global(.sheet) {
		position: fixed;
		inset: auto 0 0;
		z-index: 21;
		display: grid;
		gap: 8px;
		padding: 16px 12px 24px;
		border-top: 2px solid var(--ink);
		background: var(--paper);
	}
	:global(.sheet-title) {
		font-weight: 680;
	}
</style>
