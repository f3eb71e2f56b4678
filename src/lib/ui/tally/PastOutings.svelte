<script lang="ts">
	import type { OpenOuting } from '$lib/client/state/tally.svelte';

	interface Props {
		/** Outings that are over, the newest first. */
		outings: readonly OpenOuting[];
		zone: string;
		onopen: (outing: OpenOuting) => void;
	}
	const { outings, zone, onopen }: Props = $props();
	const date = $derived(
		new Intl.DateTimeFormat('en-GB', {
			day: 'numeric',
			month: 'short',
			year: 'numeric',
			hour: '2-digit',
			minute: '2-digit',
			timeZone: zone
		})
	);
</script>

{#if outings.length > 0}
	<section class="grid gap-6 px-16 py-10" aria-labelledby="past-outings">
		<h2 id="past-outings">Past outings</h2>
		<ul>
			{#each outings as outing (outing.id)}
				<li class="flex min-h-48 items-center gap-10 border-b border-b-rule py-4">
					<span class="flex-1"
						><strong>{outing.record.name}</strong>
						<span class="block text-s text-ink-2">{date.format(Date.parse(outing.record.startedAt))}</span></span
					>
					<button class="button" type="button" aria-label="Open {outing.record.name}" onclick={() => onopen(outing)}
						>Open</button
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
