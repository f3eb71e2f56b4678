<script lang="ts">
	import { counted } from '$lib/core/foundation/labels/counted';
	import { yearsOf, type Day } from '$lib/core/trips/proof/calendar';
	import { MONTHS } from './words';

	const { days }: { days: readonly Day[] } = $props();
	const years = $derived(yearsOf(days));
	const dayText = ({ day, casts, strikes, landed }: Day): string =>
		`${Number(day.slice(8))} ${MONTHS[Number(day.slice(5, 7)) - 1]}: ${counted(strikes, 'strike')} in ${counted(casts, 'cast')}, ${landed} landed`;

	/** A day's box and what lies between two, px. */
	const [BOX, GAP, HEAD] = [11, 3, 16] as const;
	const STEP = BOX + GAP;
	/** Strikes from which a box is a shade darker. */
	const SHADES = [1, 3, 6] as const;
	const shadeOf = (strikes: number): number => SHADES.filter((from) => strikes >= from).length;
	/** The week in which each month begins. */
	const startsOf = (weeks: (typeof years)[number]['weeks']) =>
		MONTHS.map((name, month) => ({
			name,
			week: weeks.findIndex((week) => week.some((one) => one && Number(one.day.slice(5, 7)) === month + 1))
		}));
</script>

{#each years as { year, weeks } (year)}
	<!-- svelte-ignore a11y_no_noninteractive_tabindex (wider than a phone: it is scrolled by key too) -->
	<div class="overflow-x-auto pb-4" role="region" aria-label="Calendar of {year}" tabindex="0">
		<svg
			class="block"
			width={weeks.length * STEP + 40}
			height={HEAD + 7 * STEP}
			role="img"
			aria-label="Days on the water in {year}"
		>
			<text x="0" y="11" class="bold">{year}</text>
			{#each startsOf(weeks) as { name, week } (name)}<text x={40 + week * STEP} y="11">{name}</text>{/each}
			{#each ['Mon', 'Wed', 'Fri', 'Sun'] as name, at (name)}
				<text x="0" y={HEAD + 2 * at * STEP + 10}>{name}</text>
			{/each}
			{#each weeks as week, column (column)}
				{#each week as one, row (row)}
					{#if one}
						{@const [x, y] = [40 + column * STEP, HEAD + row * STEP]}
						{#if one.fished}
							<g>
								<title>{dayText(one.fished)}</title>
								<rect {x} {y} width={BOX} height={BOX} class="fished shade-{shadeOf(one.fished.strikes)}" />
								{#if one.fished.landed > 0}<circle
										cx={x + BOX / 2}
										cy={y + BOX / 2}
										r="2.2"
										class="fish fill-paper stroke-ink stroke-[0.8]"
									/>{/if}
							</g>
						{:else}<rect {x} {y} width={BOX} height={BOX} class="fill-none stroke-rule" />{/if}
					{/if}
				{/each}
			{/each}
		</svg>
	</div>
{/each}
<p class="quiet key flex flex-wrap gap-x-14 gap-y-2 pt-4 pb-10 text-s text-ink-2">
	{#each ['no strike', '1 or 2', '3 to 5', '6 and more'] as words, shade (words)}
		<span
			><svg width={BOX + 1} height={BOX + 1} aria-hidden="true"
				><rect x="0.5" y="0.5" width={BOX} height={BOX} class="fished shade-{shade}" /></svg
			>
			{words}</span
		>
	{/each}
	<span>a dot: a fish came to hand</span>
</p>
<ul class="sr-only" aria-label="Days on the water">
	{#each days as day (day.day)}<li>{day.day.slice(0, 4)}, {dayText(day)}</li>{/each}
</ul>

<style>
	text {
		font-size: 11px;
		fill: var(--ink-2);
	}
	.bold {
		font-weight: 680;
		fill: var(--ink);
	}
	.fished {
		fill: var(--ink);
		stroke: var(--ink);
	}
	.shade-0 {
		fill: var(--paper);
	}
	.shade-1 {
		fill: color-mix(in oklab, var(--ink) 32%, var(--paper));
	}
	.shade-2 {
		fill: color-mix(in oklab, var(--ink) 64%, var(--paper));
	}
	.key span {
		display: flex;
		gap: 5px;
		align-items: center;
	}
</style>
