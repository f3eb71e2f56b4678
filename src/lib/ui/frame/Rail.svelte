<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { useApp } from '$lib/client/state/app.svelte';
	import ThemeSwitch from './ThemeSwitch.svelte';
	import { SCREENS } from './screens';
	import Icon from '../controls/Icon.svelte';

	const app = useApp();
	const here = (path: string): boolean => page.url.pathname.startsWith(path);
</script>

<nav class="rail flex w-64 flex-col border-r border-r-ink bg-panel" aria-label="Screens">
	<a class="grid h-66 place-items-center border-b border-ink" href={resolve('/water')} aria-label="Lucernal"
		><img src="/icon.svg" alt="" width="38" height="38" /></a
	>
	<ul class="flex-1 p-4">
		{#each SCREENS as screen, at (screen.path)}
			<li class={at > 0 && screen.group !== SCREENS[at - 1]!.group ? 'mt-5 border-t border-rule-2 pt-5' : undefined}>
				<a href={resolve(screen.path)} aria-current={here(screen.path) ? 'page' : undefined}>
					{#if app.settings.shortcuts}<kbd aria-hidden="true">{screen.key}</kbd>{/if}
					<Icon icon={screen.icon} size={null} line={null} />
					<span>{screen.name}</span>
				</a>
			</li>
		{/each}
	</ul>
	<div class="p-6"><ThemeSwitch /></div>
</nav>

<style>
	/* Global within the rail: a class of its own on each of two dozen elements would ride on every page. */
	.rail :global(li a) {
		position: relative;
		display: grid;
		place-items: center;
		align-content: center;
		height: 47px;
		border-radius: 3px;
		font-size: var(--t-xs);
		font-weight: 520;
		text-decoration: none;
	}
	.rail :global(li a:hover) {
		background: var(--paper);
	}
	.rail :global(li a[aria-current='page']) {
		background: var(--amber);
		color: var(--on-amber);
		font-weight: 660;
	}
	/* Said once here and not at each of a dozen icons: every page carries them. */
	.rail :global(li svg) {
		width: 23px;
		height: 23px;
		stroke-width: 1.5;
	}
	.rail :global(kbd) {
		position: absolute;
		top: 1px;
		left: 3px;
		font: var(--t-xs) var(--font-mono);
	}
	@media (forced-colors: active) {
		.rail :global(li a[aria-current='page']) {
			outline: 2px solid Highlight;
		}
	}
</style>
