<script lang="ts">
	import type { Month } from '$lib/core/proof/view';

	const { months }: { months: readonly Month[] } = $props();
	const NAMES = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
	const most = $derived(Math.max(1, ...months.flatMap(({ days }) => days.map(({ strikes }) => strikes))));
	const nameOf = (month: string): string => `${NAMES[Number(month.slice(5)) - 1]} ${month.slice(2, 4)}`;
</script>

<div class="year" role="img" aria-label="Strikes of each day on the water, month by month">
	{#each months as { month, days, casts, strikes } (month)}
		<div>
			<span class="days">
				{#each days as { day, strikes: count } (day)}
					<span class="day" title="{day}: {count} strikes" style:height="{8 + (44 * count) / most}px"></span>
				{/each}
			</span>
			<span>{nameOf(month)}</span>
			<small class="figure">{((100 * strikes) / Math.max(1, casts)).toFixed(1)}</small>
		</div>
	{/each}
</div>
<p class="quiet">A bar for each day on the water; below, strikes in 100 casts as they were counted.</p>

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
	.day {
		width: 6px;
		background: var(--ink);
	}
	.quiet {
		padding-top: 4px;
		font-size: var(--t-s);
		color: var(--ink-2);
	}
</style>
