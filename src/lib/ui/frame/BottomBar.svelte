<script lang="ts">
	import { Dialog } from 'bits-ui';
	import Menu from '@lucide/svelte/icons/menu';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { SCREENS } from './screens';
	import ThemeSwitch from './ThemeSwitch.svelte';

	const MAIN = SCREENS.slice(0, 3);
	const REST = SCREENS.slice(3);
	const here = (path: string): boolean => page.url.pathname.startsWith(path);
	let open = $state(false);
</script>

<nav class="bar" aria-label="Screens">
	{#each MAIN as screen (screen.path)}
		<a href={resolve(screen.path)} aria-current={here(screen.path) ? 'page' : undefined}>
			<screen.icon size={24} strokeWidth={1.5} aria-hidden="true" />
			{screen.name}
		</a>
	{/each}
	<Dialog.Root bind:open>
		<Dialog.Trigger class="bar-more"><Menu size={24} strokeWidth={1.5} aria-hidden="true" />More</Dialog.Trigger>
		<Dialog.Portal>
			<Dialog.Overlay class="sheet-veil" />
			<Dialog.Content class="sheet">
				<Dialog.Title class="sheet-title">More</Dialog.Title>
				{#each REST as screen (screen.path)}
					<a class="button" href={resolve(screen.path)} onclick={() => (open = false)}>
						<screen.icon size={22} strokeWidth={1.5} aria-hidden="true" />
						{screen.name}
					</a>
				{/each}
				<ThemeSwitch wide />
				<Dialog.Close class="button">Close</Dialog.Close>
			</Dialog.Content>
		</Dialog.Portal>
	</Dialog.Root>
</nav>

<style>
	.bar {
		position: sticky;
		bottom: 0;
		z-index: 10;
		display: none;
		grid-template-columns: repeat(4, 1fr);
		border-top: 1px solid var(--ink);
		background: var(--panel);
	}
	.bar a,
	.bar :global(.bar-more) {
		display: grid;
		place-items: center;
		align-content: center;
		min-height: 60px;
		font-size: 13px;
		font-weight: 560;
		text-decoration: none;
	}
	.bar a[aria-current='page'] {
		box-shadow: inset 0 4px 0 var(--amber);
		font-weight: 680;
	}
	@media (width < 56rem) {
		.bar {
			display: grid;
		}
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
