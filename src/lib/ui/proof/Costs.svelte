<script lang="ts">
	import type { Weeded } from '$lib/core/trips/proof/losses';
	import type { Left } from '$lib/core/trips/proof/view';
	import { moneyText } from '$lib/presentation/units';
	import { typedFigure } from '$lib/presentation/typed';

	interface Props {
		weeded: readonly Weeded[];
		left: Left;
		/** What an outing costs, where the angler said it. */
		cost: number | undefined;
		/** The angler's currency, before a sum. */
		currency: string | undefined;
		oncost: (cost: number | undefined) => void;
	}
	const { weeded, left, cost, currency, oncost }: Props = $props();
	const MOST = 100_000;
	let wrong = $state('');
	const all = $derived(cost === undefined ? null : cost * left.outings);
	const money = (value: number): string => moneyText(currency, value);
	const minutes = ({ hours, lostHours }: Weeded): string => ((60 * lostHours) / Math.max(0.01, hours)).toFixed(1);

	function say(text: string) {
		wrong = '';
		if (text.trim() === '') return oncost(undefined);
		const figure = typedFigure(text);
		if (!(figure >= 0 && figure <= MOST)) wrong = `Enter a sum from 0 to ${MOST.toLocaleString('en')}.`;
		else oncost(Math.round(figure * 100) / 100);
	}
</script>

<div class="abreast">
	{#if weeded.length === 0}<p class="quiet pt-6">No time lost to weed here.</p>
	{:else}
		<table class="listed">
			<thead>
				<tr><th scope="col">Lost to weed with</th><th scope="col">min an hour</th><th scope="col">hours fished</th></tr>
			</thead>
			<tbody>
				{#each weeded as one (one.value)}
					<tr>
						<th scope="row">{one.value}</th>
						<td class="figure">{minutes(one)}</td>
						<td class="figure">{one.hours.toFixed(1)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	<div>
		<label class="grid"
			>An outing costs{currency ? `, ${currency}` : ''}
			<input
				class="field figure w-[8rem]"
				inputmode="decimal"
				aria-invalid={wrong !== ''}
				value={cost ?? ''}
				onchange={({ currentTarget }) => say(currentTarget.value)}
			/>
			{#if wrong}<span class="refused" role="alert">{wrong}</span>{/if}</label
		>
		{#if all !== null}
			<p class="pt-6">
				<strong class="figure">{money(all / Math.max(0.1, left.hours))}</strong> an hour fished,
				{#if left.landed > 0}<strong class="figure">{money(all / left.landed)}</strong> a fish landed{:else}no fish
					landed yet{/if}; {left.outings} outings.
			</p>
		{:else}<p class="quiet pt-6">
				Enter about what an outing costs (travel, fuel, lost lures) to see the cost per hour and per fish.
			</p>{/if}
	</div>
</div>
