<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { callFromTray, fetchTray } from '$lib/client/state/fromTray';
	import { useApp } from '$lib/client/state/app.svelte';

	const app = useApp();
	let missing = $state(false);

	// The tray comes only with its own page: what another device added is fetched as soon as the switch stands.
	$effect(() => {
		if (app.live && app.views.fromTray) untrack(() => void fetchTray(app).then((found) => (missing = !found)));
	});
</script>

<label class="tick min-h-28 phone:min-h-48"
	><input
		type="checkbox"
		checked={app.views.fromTray ?? false}
		disabled={!app.live}
		onchange={({ currentTarget }) => callFromTray(app, currentTarget.checked)}
	/>
	Only from my tray</label
>
{#if app.views.fromTray && app.live && app.tray.items.length === 0}
	<p class="quiet">
		{#if missing}Your tray is not on this device yet, and the server can’t be reached: this is from the whole catalog.{:else}Your
			tray is empty, so this is from the whole catalog. <a class="underline" href={resolve('/tray')}
				>List what you own</a
			>{/if}
	</p>
{/if}
