<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { SHORTCUTS } from './screens';

	let { open = $bindable() }: { open: boolean } = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content class="keys">
			<Dialog.Title class="sheet-title">Shortcuts</Dialog.Title>
			<dl>
				{#each SHORTCUTS as [key, what] (key)}
					<div>
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

<style>
	:global(.keys) {
		position: fixed;
		top: 50%;
		left: 50%;
		z-index: 21;
		display: grid;
		gap: 10px;
		min-width: 320px;
		padding: 16px;
		border: 2px solid var(--ink);
		border-radius: 3px;
		background: var(--paper);
		transform: translate(-50%, -50%);
	}
	dl div {
		display: flex;
		gap: 12px;
		padding: 4px 0;
		border-bottom: 1px solid var(--rule);
	}
</style>
