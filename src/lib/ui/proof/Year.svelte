<script lang="ts">
	import { counted } from '$lib/core/naming/counted';
	import { monthsOf, type Day } from '$lib/core/proof/calendar';
	import Calendar from './Calendar.svelte';
	import { MONTHS } from './words';

	const { days }: { days: readonly Day[] } = $props();
	const months = $derived(monthsOf(days));
	const most = $derived(Math.max(1, ...days.map(({ strikes }) => strikes)));
	const nameOf = (month: string): string => `${MONTHS[Number(month.slice(5)) - 1]} ${month.slice(2, 4)}`;
	/** Of fewer casts a rate says nothing. */
	const FEW_CASTS = 50;
</script>

<Calendar {days} />
<div class="year" role="img" aria-label="Strikes of each day on the water, month by month">
	{#each months as { month, days: fished, casts, strikes } (month)}
		<div>
			<span class="days">
				{#each fished as { day, strikes: count } (day)}
					<span class="bar" title="{day}: {counted(count, 'strike')}" style:height="{8 + (44 * count) / most}px"></span>
				{/each}
			</span>
			<span>{nameOf(month)}</span>
			<small class="figure">{casts < FEW_CASTS ? 'few' : ((100 * strikes) / casts).toFixed(1)}</small>
		</div>
	{/each}
</div>
<p class="quiet">
	A bar for each day on the water; below, strikes in 100 casts as they were counted, where there were {FEW_CASTS} casts.
</p>

<style>
	.year {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 10px;
		align-items: end;
	}
	.year > div {
		display: grid;
		justify-items: center;
		min-width: 46px;
		font-size: var(--t-s);
	}
	.days {
		display: flex;
		gap: 2px;
		align-items: end;
		height: 54px;
	}
	.bar {
		width: 6px;
		background: var(--ink);
	}
	.quiet {
		padding-top: 4px;
		font-size: var(--t-s);
		color: var(--ink-2);
	}
</style>
