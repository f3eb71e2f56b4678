<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useDesk } from '../desk/desk.svelte';
	import { SCREENS } from './screens';
	import type ShortcutList from './ShortcutList.svelte';

	const desk = useDesk();
	let open = $state(false);
	/** The list comes when it is first asked for: the first view does without it. */
	let List = $state.raw<typeof ShortcutList | null>(null);

	async function show() {
		List ??= (await import('./ShortcutList.svelte')).default;
		open = true;
	}

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
		if (event.key === '?') void show();
		const screen = SCREENS.find(({ key }) => key === event.key);
		if (screen) void goto(resolve(screen.path));
	}
</script>

<svelte:window {onkeydown} />

{#if List}<List bind:open />{/if}
