<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { resolve } from '$app/paths';
	import { SCREENS } from './screens';
	import ThemeSwitch from './ThemeSwitch.svelte';
	import Icon from '../controls/Icon.svelte';

	interface Props {
		open: boolean;
		/** Screens that have no place of their own in the bar. */
		rest: readonly (typeof SCREENS)[number][];
	}
	let { open = $bindable(), rest }: Props = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content class="sheet">
			<Dialog.Title class="sheet-title">More</Dialog.Title>
			{#each rest as screen (screen.path)}
				<a class="button" href={resolve(screen.path)} onclick={() => (open = false)}>
					<Icon icon={screen.icon} size={22} line={1.5} />
					{screen.name}
				</a>
			{/each}
			<ThemeSwitch wide />
			<Dialog.Close class="button">Close</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
