<script lang="ts">
	import { untrack, type Component } from 'svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import type { Build } from '$lib/core/foundation/schema/build';

	interface Props {
		/** What is tried. */
		of: Component<Record<string, unknown>>;
		/** What lies on the bench. */
		build: Build;
		with: Record<string, unknown>;
	}
	/** A part of Bench, which is handed the bench and the build that lies on it. */
	const { of: Part, build, with: given }: Props = $props();
	const app = useApp();
	untrack(() => app.bench.open(build));
</script>

<Part bench={app.bench} build={app.bench.build} units={app.units} {...given} />
