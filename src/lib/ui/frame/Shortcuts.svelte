<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import type Palette from './Palette.svelte';
	import { HELP_KEY, PALETTE_KEY, SCREENS } from './screens';
	import type ShortcutList from './ShortcutList.svelte';

	const app = useApp();
	/** Lists come when they are first asked for: the first view does without them. */
	let List = $state.raw<typeof ShortcutList | null>(null);
	let Finder = $state.raw<typeof Palette | null>(null);
	let listed = $state(false);
	let finding = $state(false);

	async function list() {
		List ??= (await import('./ShortcutList.svelte')).default;
		listed = true;
	}
	async function find() {
		Finder ??= (await import('./Palette.svelte')).default;
		finding = true;
	}

	const TEXT = 'input:not([type=radio]):not([type=checkbox]):not([type=range]), textarea';
	const within = (target: EventTarget | null, selector: string): boolean =>
		target instanceof HTMLElement && (target.isContentEditable || target.closest(selector) !== null);
	/** Whether a letter is meant for what has the focus: a select finds its options by letters. */
	const typing = (target: EventTarget | null): boolean => within(target, `${TEXT}, select`);
	/** A dialog keeps its keys to itself. */
	const OPEN = '[role="dialog"]:not([popover]), [role="dialog"]:popover-open';
	const inDialog = (): boolean => document.querySelector(OPEN) !== null;

	function onkeydown(event: KeyboardEvent) {
		if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !within(event.target, TEXT)) {
			if (inDialog()) return;
			event.preventDefault();
			if (event.shiftKey) app.redo();
			else app.undo();
			return;
		}
		if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || inDialog()) return;
		if (!app.settings.shortcuts) return;
		if (event.key === HELP_KEY) void list();
		if (event.key === PALETTE_KEY) {
			event.preventDefault();
			void find();
		}
		const screen = SCREENS.find(({ key }) => key === event.key);
		if (screen) void goto(resolve(screen.path));
	}
</script>

<svelte:window {onkeydown} />

{#if List}<List bind:open={listed} />{/if}
{#if Finder}<Finder bind:open={finding} />{/if}
