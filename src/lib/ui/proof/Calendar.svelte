<script lang="ts">
	import { counted } from '$lib/core/foundation/labels/counted';
	import { bandsOf, shareOfYear, type Day, type SpotDay } from '$lib/core/trips/proof/calendar';
	import { MONTHS } from './words';

	interface Props {
		days: readonly SpotDay[];
		/** Name of the water of a spot. */
		waterOf: (spotId: string | null) => string;
	}
	const { days, waterOf }: Props = $props();
	const bands = $derived(bandsOf(days, waterOf));
	const years = $derived([...new Set(bands.map(({ year }) => year))]);
	const dayText = ({ day, casts, strikes, landed }: Day): string =>
		`${Number(day.slice(8))} ${MONTHS[Number(day.slice(5, 7)) - 1]}: ${counted(strikes, 'bite')} in ${counted(casts, 'cast')}, ${landed} landed`;

	/** Room of a year's drawing: the column of names, the months, the height of a band and of the months' names (px). */
	const [NAMES, WIDTH, BAND, HEAD] = [132, 620, 30, 18] as const;
	const xOf = (day: string): number => NAMES + shareOfYear(day) * WIDTH;
	/** A mark's area grows with the bites; a day without one is a small ring. */
	const radiusOf = (strikes: number): number => (strikes === 0 ? 3 : Math.min(13, 3.2 * Math.sqrt(strikes)));
	const LETTERS = 18;
	const cut = (name: string): string => (name.length > LETTERS ? `${name.slice(0, LETTERS - 1)}…` : name);
</script>

{#each years as year (year)}
	{@const waters = bands.filter((band) => band.year === year)}
	<!-- svelte-ignore a11y_no_noninteractive_tabindex (wider than a phone: it is scrolled by key too) -->
	<div class="overflow-x-auto pb-4" role="region" aria-label="Outings in {year}" tabindex="0">
		<svg
			class="block"
			width={NAMES + WIDTH + 16}
			height={HEAD + waters.length * BAND}
			role="img"
			aria-label="Outings on each water in {year}"
		>
			<text x="0" y="12" class="bold">{year}</text>
			{#each MONTHS as name, month (name)}
				{@const x = NAMES + (month / 12) * WIDTH}
				<text {x} y="12">{name}</text>
				<line x1={x} x2={x} y1={HEAD} y2={HEAD + waters.length * BAND} class="stroke-rule" />
			{/each}
			{#each waters as { water, days: fished }, row (water)}
				{@const y = HEAD + (row + 0.5) * BAND}
				<text x="0" y={y + 4} class="name"><title>{water}</title>{cut(water)}</text>
				<line x1={NAMES} x2={NAMES + WIDTH} y1={y} y2={y} class="stroke-rule-2" />
				{#each fished as day (day.day)}
					<g>
						<title>{dayText(day)}</title>
						<circle cx={xOf(day.day)} cy={y} r={radiusOf(day.strikes)} class="day" class:landed={day.landed > 0} />
					</g>
				{/each}
			{/each}
		</svg>
	</div>
{/each}
<p class="quiet pt-4 pb-10 text-s text-ink-2">
	One mark for each day. The bigger the mark, the more bites; filled marks had fish landed, rings did not.
</p>
<ul class="sr-only" aria-label="Days on the water">
	{#each bands as { year, water, days: fished } (`${year} ${water}`)}
		{#each fished as day (day.day)}<li>{water}, {year}, {dayText(day)}</li>{/each}
	{/each}
</ul>

<style>
	text {
		font-size: 13px;
		fill: var(--ink-2);
	}
	.bold,
	.name {
		font-weight: 640;
		fill: var(--ink);
	}
	.day {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 1.2;
	}
	.day.landed {
		fill: var(--cool);
		fill-opacity: 0.75;
	}
</style>
