<script lang="ts">
	import { untrack } from 'svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import { EMPTY_TRAY, partsOf } from '$lib/core/records/ownedParts';
	import Fits from '$lib/ui/tray/Fits.svelte';
	import Inventory from '$lib/ui/tray/Inventory.svelte';
	import ToBuy from '$lib/ui/tray/ToBuy.svelte';
	import type { PageData } from './$types';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	// Until the device was read, the page shows what the server has.
	const tray = $derived(app.live ? app.tray : (data.tray?.record ?? EMPTY_TRAY));
	const parts = $derived(partsOf(tray));
	$effect(() => {
		if (app.live) untrack(() => app.takeOver(app.trayDocument, data.tray));
	});
</script>

<div class="px-16 pt-8 pb-24">
	<h1 class="pb-6">Your tray</h1>
	<div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-32 gap-y-24 phone:grid-cols-1">
		<div class="grid content-start gap-16"><Inventory {tray} /></div>
		<div class="grid content-start gap-24 phone:order-first">
			<Fits tray={parts} /><ToBuy tray={parts} saved={data.readings} />
		</div>
	</div>
</div>
