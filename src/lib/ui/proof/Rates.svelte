<script lang="ts">
	import type { Grouped } from '$lib/core/trips/proof/compare';

	interface Props {
		grouped: Grouped;
		title: string;
		/** The two that are held against each other, if any. */
		pair: readonly string[];
		onpick: (value: string) => void;
	}
	const { grouped, title, pair, onpick }: Props = $props();
	/** Strikes in a hundred casts. */
	const per = (rate: number): number => rate * 100;
	const most = $derived(Math.max(4, ...grouped.groups.map(({ to }) => per(to))));
	const at = (rate: number): number => (100 * per(rate)) / most;
	const figure = (rate: number): string => per(rate).toFixed(per(rate) < 10 ? 1 : 0);
</script>

<table class="listed">
	<thead>
		<tr>
			<th scope="col">{title}</th>
			<th scope="col">casts</th>
			<th scope="col">bites</th>
			<th scope="col" class="w-[62%]">bites per 100 casts (90 % range)</th>
		</tr>
	</thead>
	<tbody>
		{#each grouped.groups as { value, casts, strikes, rate, from, to } (value)}
			<tr class:picked={pair.includes(value)}>
				<th scope="row">
					<button type="button" aria-pressed={pair.includes(value)} onclick={() => onpick(value)}>{value}</button>
				</th>
				<td class="figure">{casts}</td>
				<td class="figure">{strikes}</td>
				<td>
					<span class="flex items-center gap-10 phone:grid"
						><span class="relative h-14 flex-1 border-b border-b-rule-2 phone:w-120" aria-hidden="true">
							<span class="bar" style:left="{at(from)}%" style:width="{at(to) - at(from)}%"></span>
							<span class="absolute top-0 -ml-2 h-14 w-4 bg-ink" style:left="{at(rate)}%"></span>
						</span>
						<span class="figure min-w-116">{figure(rate)} <small>({figure(from)} to {figure(to)})</small></span></span
					>
				</td>
			</tr>
		{:else}
			<tr><td colspan="4">Nothing matches: remove a filter.</td></tr>
		{/each}
	</tbody>
</table>
{#if grouped.never.length > 0}<p class="quiet pt-6 text-ink-2">Never tried: {grouped.never.join(', ')}.</p>{/if}

<style>
	thead th {
		font-size: var(--t-s);
		color: var(--ink-2);
	}
	th button {
		min-height: 28px;
		text-align: left;
		text-decoration: underline;
		cursor: pointer;
	}
	.picked {
		background: var(--amber-wash);
	}
	.bar {
		position: absolute;
		top: 3px;
		height: 8px;
		border: 1px solid var(--ink);
		background: repeating-linear-gradient(-45deg, var(--ink-2) 0 1px, transparent 1px 4px);
	}
	@media (width < 56rem) {
		th button {
			min-height: 48px;
		}
	}
</style>
