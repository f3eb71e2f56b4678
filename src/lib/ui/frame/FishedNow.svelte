<script lang="ts">
	import { plainCopy } from '$lib/client/state/plainCopy.svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import type { Rig } from '$lib/core/foundation/schema/rig';

	/** A rig that was chosen while the running outing is fished with another. */
	const { rig }: { rig: Rig } = $props();
	const app = useApp();
	async function fish() {
		app.lastUsedRig = null;
		await app.tally.add({ kind: 'rig', rig: plainCopy(rig) });
	}
</script>

<p class="notice flex flex-wrap items-center gap-8" role="status">
	<span class="flex-1"
		>Your outing is running. Are you fishing the {rigName(rig).toLowerCase()}, {ouncesText(rig.weightOz)} oz, now?</span
	>
	<button class="button" type="button" onclick={fish}>Yes, I changed to it</button>
	<button class="button" type="button" onclick={() => (app.lastUsedRig = null)}>No, not yet</button>
</p>
