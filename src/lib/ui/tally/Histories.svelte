<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import type { Listed } from '$lib/client/sync/lists';
	import type { RigRecord } from '$lib/core/records/rigSchemas';
	import { historyOf, isWritten, withOuting } from '$lib/core/trips/tally/wear';
	import type { Story } from '$lib/core/trips/tally/story';

	interface Props {
		story: Story;
		rigs: readonly Listed<RigRecord>[];
		/** When (ISO) the outing began. */
		startedAt: string;
	}
	const { story, rigs, startedAt }: Props = $props();
	const app = useApp();
	const found = $derived(
		rigs.flatMap(({ id, version, record }) => {
			const events = historyOf(story, record.build.rig, startedAt);
			return events.length > 0 ? [{ id, version, record, events, done: isWritten(record.log, events) }] : [];
		})
	);

	function saidOf(events: (typeof found)[number]['events']): string {
		const hours = events.flatMap((event) => (event.kind === 'hours' ? [event.hours] : []))[0] ?? 0;
		const fish = events.filter(({ kind }) => kind === 'fish').length;
		const bent = events.some(({ kind }) => kind === 'bent') ? ', wire bent: retune it' : '';
		return `${hours} h, ${fish} fish${bent}`;
	}
	function write({ id, version, record, events }: (typeof found)[number]) {
		const next: RigRecord = { ...record, log: withOuting(record.log, events) };
		void app.sync.put('rigs', id, version, next, record.name);
	}
</script>

{#if found.length > 0}
	<ul class="mx-16 mt-8" aria-label="Add this outing to your rigs">
		{#each found as one (one.id)}
			<li class="flex flex-wrap items-center justify-between gap-8 border-b border-b-rule py-4">
				<span><strong>{one.record.name}</strong> {saidOf(one.events)}</span>
				<button class="button" disabled={one.done} onclick={() => write(one)}
					>{one.done ? 'In its history' : 'Add to its history'}</button
				>
			</li>
		{/each}
	</ul>
{/if}
