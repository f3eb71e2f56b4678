<script lang="ts">
	import { Command, Dialog } from 'bits-ui';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/app.svelte';
	import { SCREENS } from './screens';

	let { open = $bindable() }: { open: boolean } = $props();
	const app = useApp();

	interface Deed {
		readonly name: string;
		readonly hint: string;
		readonly key: string;
		readonly run: () => unknown;
	}
	const screens: readonly Deed[] = SCREENS.map(({ path, name, asks, key }) => ({
		name,
		hint: asks,
		key,
		run: () => goto(resolve(path))
	}));
	const deeds: readonly Deed[] = $derived([
		...screens,
		...(app.canUndo
			? [{ name: 'Undo', hint: 'what was last done on this screen', key: 'Ctrl Z', run: () => app.undo() }]
			: []),
		...(app.canRedo ? [{ name: 'Redo', hint: 'what was last undone', key: 'Ctrl ⇧ Z', run: () => app.redo() }] : []),
		{
			name: 'A new reading',
			hint: 'from nothing, at this spot',
			key: '',
			run: () => {
				app.begin(new Date().toISOString());
				return goto(resolve('/water'));
			}
		},
		{
			name: app.units === 'metric' ? 'Feet and Fahrenheit' : 'Metres and Celsius',
			hint: 'show every figure so',
			key: '',
			run: () => app.set({ units: app.units === 'metric' ? 'imperial' : 'metric' })
		}
	]);

	function act({ run }: Deed) {
		open = false;
		void run();
	}
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content class="palette">
			<Dialog.Title class="sr-only">Find a screen or a thing to do</Dialog.Title>
			<Command.Root label="Find a screen or a thing to do">
				<Command.Input class="field" placeholder="Find a screen or a thing to do" />
				<Command.List>
					<Command.Viewport>
						<Command.Empty>Nothing of that name.</Command.Empty>
						{#each deeds as deed (deed.name)}
							<Command.Item class="deed" value="{deed.name} {deed.hint}" onSelect={() => act(deed)}>
								<strong>{deed.name}</strong>
								<span>{deed.hint}</span>
								{#if deed.key && app.settings.shortcuts}<kbd>{deed.key}</kbd>{/if}
							</Command.Item>
						{/each}
					</Command.Viewport>
				</Command.List>
			</Command.Root>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>

<style>
	:global(.palette) {
		position: fixed;
		top: 12vh;
		left: 50%;
		z-index: 21;
		width: min(36rem, 94vw);
		max-height: 76vh;
		padding: 16px;
		overflow-y: auto;
		border: 2px solid var(--ink);
		border-radius: 3px;
		background: var(--paper);
		transform: translateX(-50%);
	}
	:global(.palette .field) {
		width: 100%;
		text-align: left;
	}
	:global(.deed) {
		display: flex;
		align-items: baseline;
		gap: 0.75rem;
		min-height: 2.5rem;
		padding: 0.5rem;
		cursor: pointer;
	}
	:global(.deed span) {
		color: var(--ink-3);
		flex: 1;
	}
	:global(.deed[data-selected]) {
		background: var(--amber-wash);
	}
</style>
