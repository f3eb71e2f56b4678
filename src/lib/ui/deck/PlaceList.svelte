<script lang="ts">
	import { resolve } from '$app/paths';
	import { withUnit } from '$lib/presentation/units';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { SpotHour } from './spotConditions';

	/** A spot in the hour, with its worth. */
	export interface Ranked extends SpotHour {
		readonly name: string;
		readonly rank: number;
		/** How good the hour is for blades here; `null` while it is being worked out. */
		readonly blades: 'good' | 'fair' | 'poor' | null;
	}
	interface Props {
		ranked: readonly Ranked[];
		units: UnitSystem;
		marked: string | null;
		onmark: (id: string) => void;
	}
	const { ranked, units, marked, onmark }: Props = $props();
	const distance = (value: number): string => withUnit(units, 'distance', value);
	const BANKS = { windblown: 'Wind onto it', cross: 'Wind along it', sheltered: 'Sheltered' } as const;
	const WATERS = { calm: 'calm', ripple: 'a ripple', chop: 'chop', heavy: 'heavy water' } as const;
	function lieText({ lie }: Ranked): string {
		const shade = lie.shadeM === Infinity ? '' : lie.shadeM >= 1 ? `; shade ${distance(lie.shadeM)} out` : '; no shade';
		const fetch = lie.fetchM === null ? '' : ` over ${distance(lie.fetchM)} of water`;
		return `${BANKS[lie.bank]}${lie.bank === 'sheltered' ? '' : fetch}, ${WATERS[lie.wind]}${shade}`;
	}
</script>

<ol>
	{#each ranked as one (one.spot)}
		<li class:marked={marked === one.spot}>
			<button
				class="flex min-h-32 w-full cursor-pointer items-center gap-8 text-left phone:min-h-48"
				type="button"
				aria-pressed={marked === one.spot}
				onclick={() => onmark(one.spot)}
			>
				<strong class="figure rank inline-grid h-22 w-22 place-items-center rounded-[50%] border border-ink"
					>{one.rank}</strong
				>
				<strong>{one.name}</strong>
				{#if one.blades}<span class="ml-auto text-s">blades {one.blades}</span>{/if}
			</button>
			<p class="quiet pl-30 text-s">{lieText(one)}.</p>
			{#if marked === one.spot || one.rank === 1}
				<ul class="pl-30 text-s">
					{#each one.reasons as { claim, because }, at (at)}
						<li>
							{because}
							{#if claim === 'record'}<a class="id" href={resolve('/proof')}>Proof</a>
							{:else}<a class="id" href="{resolve('/craft')}?find={claim}">{claim}</a>{/if}
						</li>
					{:else}<li class="quiet">No rule about places favors it at this hour.</li>{/each}
				</ul>
			{/if}
		</li>
	{/each}
</ol>

<style>
	ol > li {
		padding: 4px 0;
		border-bottom: 1px solid var(--rule);
	}
	.marked .rank {
		background: var(--amber);
		color: var(--on-amber);
	}
	.id {
		font: var(--t-xs) var(--font-mono);
		color: var(--ink-3);
	}
</style>
