<script lang="ts">
	import { Command, Dialog } from 'bits-ui';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { SCREENS } from './screens';
	import { soughtIn } from './sought';

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
			? [{ name: 'Undo', hint: 'your last change on this screen', key: 'Ctrl Z', run: () => app.undo() }]
			: []),
		...(app.canRedo
			? [{ name: 'Redo', hint: 'the change you just undid', key: 'Ctrl ⇧ Z', run: () => app.redo() }]
			: []),
		{
			name: 'A new reading',
			hint: 'start from scratch at this spot',
			key: '',
			run: () => {
				app.begin(new Date().toISOString());
				return goto(resolve('/water'));
			}
		},
		{
			name: 'Waters and spots',
			hint: 'rename, move, copy or delete',
			key: '',
			run: () => goto(resolve('/waters'))
		},
		{
			name: 'Safety cards',
			hint: 'hook in the skin, cold water, lightning',
			key: '',
			run: () => goto(resolve('/safety'))
		},
		{
			name: 'New water',
			hint: 'a lake, reservoir, river or pond you fish',
			key: '',
			run: () => goto(resolve('/waters?new=water'))
		},
		{
			name: 'New spot',
			hint: 'on the water you are fishing',
			key: '',
			run: () => goto(resolve('/waters?new=spot'))
		},
		{
			name: app.units === 'metric' ? 'Feet and Fahrenheit' : 'Meters and Celsius',
			hint: 'show all numbers this way',
			key: '',
			run: () => app.set({ units: app.units === 'metric' ? 'imperial' : 'metric' })
		}
	]);

	let typed = $state('');
	const found = $derived(soughtIn(deeds, typed));

	/** It opens with everything in it, whatever was looked for before. */
	function show(now: boolean) {
		open = now;
		typed = '';
	}

	function act({ run }: Deed) {
		show(false);
		void run();
	}
</script>

<Dialog.Root bind:open={() => open, show}>
	<Dialog.Portal>
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content
			class="fixed top-[12vh] left-1/2 z-21 max-h-[76vh] w-[min(36rem,94vw)] -translate-x-1/2 overflow-y-auto rounded-[3px] border-2 border-ink bg-paper p-16"
		>
			<Dialog.Title class="sr-only">Find a screen or an action</Dialog.Title>
			<Command.Root label="Find a screen or an action" shouldFilter={false}>
				<Command.Input class="field w-full text-left" placeholder="Find a screen or an action" bind:value={typed} />
				<Command.List>
					<Command.Viewport>
						{#each found as deed (deed.name)}
							<Command.Item
								class="flex min-h-[2.5rem] cursor-pointer items-baseline gap-[0.75rem] p-[0.5rem] data-selected:bg-amber-wash"
								value="{deed.name} {deed.hint}"
								onSelect={() => act(deed)}
							>
								<strong>{deed.name}</strong>
								<span class="flex-1 text-ink-3">{deed.hint}</span>
								{#if deed.key && app.settings.shortcuts}<kbd>{deed.key}</kbd>{/if}
							</Command.Item>
						{:else}
							<p class="p-8" role="status">Nothing found.</p>
						{/each}
					</Command.Viewport>
				</Command.List>
			</Command.Root>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
