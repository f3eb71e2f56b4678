<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { SHORTCUTS } from './screens';

	let { open = $bindable() }: { open: boolean } = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content
			class="fixed top-1/2 left-1/2 z-21 grid min-w-320 -translate-1/2 gap-10 rounded-[3px] border-2 border-ink bg-paper p-16"
		>
			<Dialog.Title class="sheet-title">Shortcuts</Dialog.Title>
			<dl>
				{#each SHORTCUTS as [key, what] (key)}
					<div class="flex gap-12 border-b border-rule py-4">
						<dt class="min-w-64 font-mono">{key}</dt>
						<dd>{what}</dd>
					</div>
				{/each}
			</dl>
			<p>Single letters can be turned off in Settings.</p>
			<Dialog.Close class="button">Close</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
