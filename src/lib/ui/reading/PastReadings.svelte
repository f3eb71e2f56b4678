<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import type { Listed } from '$lib/client/sync/lists';
	import { deskFrom } from '$lib/client/state/currentReading';
	import { pageOf } from '$lib/client/sync/server';
	import type { ReadingRecord } from '$lib/core/records/schemas';
	import { timeText } from '../time';

	const app = useApp();
	let readings = $state.raw<readonly Listed<ReadingRecord>[] | null>(null);
	let away = $state(false);
	const listed = $derived(readings ? app.sync.withWaiting('readings', readings) : []);

	/** The latest are read when they are asked for, and anew each time. */
	async function look() {
		const page = await pageOf<{ items: Listed<ReadingRecord>[] }>('readings');
		away = page === null;
		if (page) readings = page.items;
	}

	function open(select: HTMLSelectElement) {
		const one = listed.find(({ id }) => id === select.value);
		select.value = '';
		if (one) app.openReading(deskFrom(one.id, one.version, one.record));
	}
</script>

<label class="inline">
	<span class="sr-only">Open an earlier reading</span>
	<select
		class="field max-w-140"
		onfocus={look}
		onpointerdown={look}
		onchange={(event) => open(event.currentTarget)}
		aria-describedby={away ? 'past-away' : undefined}
	>
		<option value="">earlier readings</option>
		{#each listed as { id, record } (id)}
			<option value={id}
				>{record.name}, {timeText(record.takenAt, app.spotOf(record.spotId)?.water.timeZone ?? 'UTC')}</option
			>
		{/each}
	</select>
</label>
{#if away}<span id="past-away" class="sr-only" role="status">Your earlier readings can’t be loaded right now.</span
	>{/if}
