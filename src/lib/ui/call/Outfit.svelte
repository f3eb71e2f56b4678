<script lang="ts">
	import Lock from 'lucide/dist/esm/icons/lock.mjs';
	import LockOpen from 'lucide/dist/esm/icons/lock-open.mjs';
	import type { CalledRig } from '$lib/core/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Locks } from '$lib/core/schema/rig';
	import { useApp } from '$lib/client/app.svelte';
	import { costText } from './lockable';
	import { outfitOf, type OutfitItem } from './outfit';
	import BrowserOnly from '../parts/BrowserOnly.svelte';
	import Icon from '../parts/Icon.svelte';

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

<section
	class="grid grid-cols-[48px_1fr] gap-8 border-t border-t-rule px-14 py-4 text-s phone:grid-cols-[1fr]"
	aria-label="What it hangs on"
>
	<h3 class="pt-3 font-640">Outfit</h3>
	<ul class="flex flex-wrap gap-x-14 gap-y-2 phone:grid">
		{#each items as item (item.name)}
			<li
				class="flex min-h-20 items-center gap-4 phone:grid phone:grid-cols-[44px_84px_1fr]"
				class:locked={isLocked(item)}
				title={item.why}
			>
				<button
					class="grid h-20 w-18 cursor-pointer place-items-center text-ink-3 phone:h-48 phone:w-44"
					type="button"
					aria-pressed={isLocked(item)}
					aria-label="{isLocked(item) ? 'Free' : 'Lock'} {item.name}: {item.value}"
					onclick={() => toggle(item)}
					><BrowserOnly><Icon icon={isLocked(item) ? Lock : LockOpen} size={12} /></BrowserOnly></button
				>
				<span class="text-ink-2">{item.name}</span>
				<strong class="font-560">{item.value}</strong>
				{#if isLocked(item)}<span class="text-ink-2">{costText(costs[item.key])}</span>{/if}
				{#if item.why}<span class="sr-only">{item.why}</span>{/if}
			</li>
		{/each}
	</ul>
</section>

<style>
	button[aria-pressed='true'] {
		color: var(--amber-ink);
	}
	.locked {
		background: var(--amber-wash);
	}
</style>
