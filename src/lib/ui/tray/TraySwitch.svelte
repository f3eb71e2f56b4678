<script lang="ts">
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';

	const app = useApp();
	let missing = $state(false);

	async function turn(on: boolean): Promise<void> {
		missing = !(await app.callFromTray(on));
	}
	// A device that has not seen the tray yet gets it as soon as the switch stands.
	$effect(() => {
		if (app.live && app.views.fromTray) void app.fetchTray().then((found) => (missing = !found));
	});
</script>

<label class="tick min-h-28 phone:min-h-48"
	><input
		type="checkbox"
		checked={app.views.fromTray ?? false}
		disabled={!app.live}
		onchange={({ currentTarget }) => void turn(currentTarget.checked)}
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
