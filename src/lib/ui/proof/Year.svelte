<script lang="ts">
	import { counted } from '$lib/core/foundation/labels/counted';
	import { daysOf, monthsOf, type SpotDay } from '$lib/core/trips/proof/calendar';
	import Calendar from './Calendar.svelte';
	import { MONTHS } from './words';

	interface Props {
		days: readonly SpotDay[];
		/** Name of the water of a spot. */
		waterOf: (spotId: string | null) => string;
	}
	const { days, waterOf }: Props = $props();
	const months = $derived(monthsOf(daysOf(days)));
	const most = $derived(Math.max(1, ...daysOf(days).map(({ strikes }) => strikes)));
	const nameOf = (month: string): string => `${MONTHS[Number(month.slice(5)) - 1]} ${month.slice(2, 4)}`;
	/** Of fewer casts a rate says nothing. */
	const FEW_CASTS = 50;
</script>

<Calendar {days} {waterOf} />
<div
	class="year flex flex-wrap items-end gap-x-10 gap-y-4"
	role="img"
	aria-label="Bites for each day on the water, month by month"
>
	{#each months as { month, days: fished, casts, strikes } (month)}
		<div>
			<span class="flex h-54 items-end gap-2">
				{#each fished as { day, strikes: count } (day)}
					<span
						class="bar w-6 bg-ink"
						title="{day}: {counted(count, 'bite')}"
						style:height="{8 + (44 * count) / most}px"
					></span>
				{/each}
			</span>
			<span>{nameOf(month)}</span>
			<small class="figure">{casts < FEW_CASTS ? 'few' : ((100 * strikes) / casts).toFixed(1)}</small>
		</div>
	{/each}
</div>
<p class="quiet pt-4 text-s text-ink-2">
	A bar for each day on the water. Below: bites per 100 casts, where you made at least {FEW_CASTS} casts.
</p>

<style>
	.year > div {
		display: grid;
		justify-items: center;
		min-width: 46px;
		font-size: var(--t-s);
	}
</style>
