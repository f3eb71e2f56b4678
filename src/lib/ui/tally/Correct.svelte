<script lang="ts">
	import { localTime, utcTime } from '$lib/ui/time';
	import type { OpenOuting } from '$lib/client/state/tally.svelte';
	import type { OutingRecord } from '$lib/core/records/tallySchemas';

	interface Props {
		record: OutingRecord;
		/** Spots it may have been at, with their water. */
		spots: readonly { readonly id: string; readonly name: string; readonly water: string }[];
		zone: string;
		/** Later outings, which may be joined to this one. */
		later: readonly OpenOuting[];
		onjoin: (outing: OpenOuting) => void;
		oncorrect: (patch: Partial<OutingRecord>) => void;
	}
	const { record, spots, zone, later, onjoin, oncorrect }: Props = $props();
	let wrong = $state('');
	function rename(text: string) {
		wrong = text.trim() === '' ? 'Give it a name.' : '';
		if (!wrong) oncorrect({ name: text.trim() });
	}
	function restart(text: string) {
		const at = utcTime(text, zone);
		wrong = at ? '' : 'Choose a day and a time.';
		if (at) oncorrect({ startedAt: at });
	}
</script>

<section class="flex flex-wrap items-end gap-10 px-16 py-8" aria-label="Correct this outing">
	<label class="grid text-s"
		>Name <input
			class="field min-h-44"
			maxlength="80"
			value={record.name}
			onchange={({ currentTarget }) => rename(currentTarget.value)}
		/></label
	>
	<label class="grid text-s"
		>Began <input
			class="field min-h-44"
			type="datetime-local"
			value={localTime(record.startedAt, zone)}
			onchange={({ currentTarget }) => restart(currentTarget.value)}
		/></label
	>
	<label class="grid text-s"
		>At
		<select
			class="field min-h-44"
			value={record.spotId ?? ''}
			onchange={({ currentTarget }) => oncorrect({ spotId: currentTarget.value || null })}
		>
			<option value="">no named spot</option>
			{#each spots as spot (spot.id)}<option value={spot.id}>{spot.name}, {spot.water}</option>{/each}
		</select></label
	>
	{#if later.length > 0}
		<label class="grid text-s"
			>Join with
			<select
				class="field min-h-44"
				value=""
				onchange={({ currentTarget }) => onjoin(later.find(({ id }) => id === currentTarget.value)!)}
			>
				<option value="" disabled>a later outing</option>
				{#each later as one (one.id)}<option value={one.id}
						>{one.record.name}, {localTime(one.record.startedAt, zone).replace('T', ' ')}</option
					>{/each}
			</select></label
		>
	{/if}
	{#if wrong}<p class="refused basis-full" role="alert">{wrong}</p>{/if}
</section>
