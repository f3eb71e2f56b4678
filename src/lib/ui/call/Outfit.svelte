<script lang="ts">
	import Lock from 'lucide/dist/esm/icons/lock.mjs';
	import LockOpen from 'lucide/dist/esm/icons/lock-open.mjs';
	import type { CalledRig } from '$lib/core/foundation/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Locks } from '$lib/core/foundation/schema/rig';
	import { useApp } from '$lib/client/state/app.svelte';
	import { costText } from './lockable';
	import { outfitOf, type OutfitItem } from './outfit';
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import Icon from '../controls/Icon.svelte';

	interface Props {
		called: CalledRig;
		units: UnitSystem;
		/** What each lock costs in score. */
		costs: Partial<Record<keyof Locks, number | null>>;
	}
	const { called, units, costs }: Props = $props();
	const app = useApp();
	const items = $derived(outfitOf(called, units));
	/** A trailer may also be locked by its kind alone: that is the lure's lock, not this one. */
	const isLocked = ({ key, name }: OutfitItem): boolean =>
		key in app.record.locks && (name !== 'Trailer' || app.record.locks.trailer?.colour !== undefined);
	const toggle = (item: OutfitItem): void => app.lock(item.key, isLocked(item) ? undefined : item.lock[item.key]);
</script>

<section class="outfit" aria-label="The rest of the outfit">
	<h3>Outfit</h3>
	<ul>
		{#each items as item (item.name)}
			<li class:locked={isLocked(item)} title={item.why}>
				<button
					type="button"
					aria-pressed={isLocked(item)}
					aria-label="{isLocked(item) ? 'Unlock' : 'Lock'} {item.name}: {item.value}"
					onclick={() => toggle(item)}
					><BrowserOnly><Icon icon={isLocked(item) ? Lock : LockOpen} size={12} /></BrowserOnly></button
				>
				<span class="name">{item.name}</span>
				<strong>{item.value}</strong>
				{#if isLocked(item)}<span class="name">{costText(costs[item.key])}</span>{/if}
				{#if item.why}<span class="sr-only">{item.why}</span>{/if}
			</li>
		{/each}
	</ul>
</section>

<style>
	.outfit {
		display: grid;
		grid-template-columns: 48px 1fr;
		gap: 8px;
		padding: 4px 14px;
		border-top: 1px solid var(--rule);
		font-size: var(--t-s);
	}
	h3 {
		padding-top: 3px;
		font-weight: 640;
	}
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 14px;
	}
	li {
		display: flex;
		align-items: center;
		gap: 4px;
		min-height: 20px;
	}
	.name {
		color: var(--ink-2);
	}
	strong {
		font-weight: 560;
	}
	button {
		display: grid;
		place-items: center;
		width: 18px;
		height: 20px;
		color: var(--ink-3);
		cursor: pointer;
	}
	button[aria-pressed='true'] {
		color: var(--amber-ink);
	}
	.locked {
		background: var(--amber-wash);
	}
	@media (width < 56rem) {
		.outfit {
			grid-template-columns: 1fr;
		}
		ul {
			display: grid;
		}
		li {
			display: grid;
			grid-template-columns: 44px 84px 1fr;
		}
		button {
			width: 44px;
			height: 48px;
		}
	}
</style>
