<script lang="ts">
	import type { Grouped } from '$lib/core/proof/compare';

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
			<th scope="col">strikes</th>
			<th scope="col" class="wide">strikes in 100 casts, with nine chances in ten between the ends</th>
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
					<span class="rate"
						><span class="line" aria-hidden="true">
							<span class="bar" style:left="{at(from)}%" style:width="{at(to) - at(from)}%"></span>
							<span class="dot" style:left="{at(rate)}%"></span>
						</span>
						<span class="figure said">{figure(rate)} <small>({figure(from)} to {figure(to)})</small></span></span
					>
				</td>
			</tr>
		{:else}
			<tr><td colspan="4">Nothing is left to look at: take a filter away.</td></tr>
		{/each}
	</tbody>
</table>
{#if grouped.never.length > 0}<p class="quiet">Never tried: {grouped.never.join(', ')}.</p>{/if}

<style>
	thead th {
		font-size: var(--t-s);
		color: var(--ink-2);
	}
	.wide {
		width: 62%;
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
	.rate {
		display: flex;
		gap: 10px;
		align-items: center;
	}
	.line {
		position: relative;
		flex: 1;
		height: 14px;
		border-bottom: 1px solid var(--rule-2);
	}
	.bar {
		position: absolute;
		top: 3px;
		height: 8px;
		border: 1px solid var(--ink);
		background: repeating-linear-gradient(-45deg, var(--ink-2) 0 1px, transparent 1px 4px);
	}
	.dot {
		position: absolute;
		top: 0;
		width: 4px;
		height: 14px;
		margin-left: -2px;
		background: var(--ink);
	}
	.said {
		min-width: 116px;
	}
	.quiet {
		padding-top: 6px;
		color: var(--ink-2);
	}
	@media (width < 56rem) {
		.rate {
			display: grid;
		}
		.line {
			width: 120px;
		}
		th button {
			min-height: 48px;
		}
	}
</style>
