<script lang="ts">
	import { untrack, type Component } from 'svelte';
	import { provideApp, type App } from '../state/app.svelte';
	import type { AppStart } from '$lib/core/records/appStart';

	interface Props {
		start: AppStart;
		screen: string;
		/** What is tried. */
		of: Component<Record<string, unknown>>;
		with: Record<string, unknown>;
		/** Hears of what the angler holds, before anything is drawn. */
		onapp?: (app: App) => void;
	}
	/** A part of a screen beside what the angler holds, as it stands in a page. */
	const { start, screen, of: Part, with: given, onapp }: Props = $props();
	untrack(() => onapp?.(provideApp(start, () => screen)));
</script>

<Part {...given} />
