<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useDesk } from '../desk/desk.svelte';
	import { SCREENS, SHORTCUTS } from './screens';

	const desk = useDesk();
	let open = $state(false);

	/** Whether a key is meant for what has the focus. */
	const typing = (target: EventTarget | null): boolean =>
		target instanceof HTMLElement &&
		(target.isContentEditable ||
			target.closest('input:not([type=radio]):not([type=checkbox]):not([type=range]), select, textarea') !== null);

	function onkeydown(event: KeyboardEvent) {
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !typing(event.target)) {
			event.preventDefault();
			if (event.shiftKey) desk.stepper?.redo();
			else (desk.stepper ?? desk).undo();
			return;
		}
		if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || !desk.settings.shortcuts) return;
		if (event.key === '?') open = true;
		const screen = SCREENS.find(({ key }) => key === event.key);
		if (screen) void goto(resolve(screen.path));
	}
</script>

<svelte:window {onkeydown} />

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content class="keys">
			<Dialog.Title class="sheet-title">Shortcuts</Dialog.Title>
			<dl>
				{#each SHORTCUTS as [key, what] (key)}
					<div>
						<dt>{key}</dt>
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
	dt {
		min-width: 64px;
		font-family: var(--font-mono);
	}
</style>
