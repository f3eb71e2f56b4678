<script lang="ts">
	import { ouncesText, rigName } from '$lib/core/naming/describe';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import type { CalledRig } from '$lib/core/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import Lock from 'lucide/dist/esm/icons/lock.mjs';
	import LockOpen from 'lucide/dist/esm/icons/lock-open.mjs';
	import type { Locks } from '$lib/core/schema/rig';
	import type { CalledWindow } from '$lib/core/schema/window';
	import { useApp } from '$lib/client/app.svelte';
	import Split from '../parts/Split.svelte';
	import LengthRuler from '../rig/LengthRuler.svelte';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { costText, lockKeys, lockValue } from './lockable';
	import Running from './Running.svelte';
	import { labelsOf } from './labels';
	import BrowserOnly from '../parts/BrowserOnly.svelte';
	import Icon from '../parts/Icon.svelte';

	interface Props {
		called: CalledRig;
		window: CalledWindow | null;
		units: UnitSystem;
		/** What each lock costs in score. */
		costs: Partial<Record<keyof Locks, number | null>>;
	}
	const { called, window, units, costs }: Props = $props();
	const app = useApp();
	const lockedKey = (label: string): keyof Locks | undefined => lockKeys(label).find((key) => key in app.record.locks);
	const locked = $derived(Object.keys(app.record.locks).length);

	function toggle(label: string) {
		const now = lockedKey(label);
		for (const key of lockKeys(label)) app.lock(key, now ? undefined : lockValue(rig, key));
	}
	const rig = $derived(called.rig);
	const drawing = $derived(drawRig(rig));
	const labels = $derived(labelsOf(called));
	/** Life size on a screen of 96 dpi, or as large as the room allows. */
	const LIFE = 96 / 25.4;
	const ROOM = { width: 320, height: 138 };
	let room = $state(ROOM.width);
	const scale = $derived(
		Math.min(LIFE, Math.min(room - 8, ROOM.width) / drawing.bounds.width, ROOM.height / drawing.bounds.height)
	);
	const share = $derived(Math.round((scale / LIFE) * 100));
	const half = $derived(Math.ceil(labels.length / 2));
</script>

{#snippet lockButton(label: string, name: string)}
	{@const key = lockedKey(label)}
	<button
		class="lock -ml-2 grid h-20 w-18 flex-none cursor-pointer place-items-center text-ink-3 phone:h-48 phone:w-44"
		type="button"
		aria-pressed={key !== undefined}
		aria-label="{key ? 'Free' : 'Lock'} {name}"
		title={key ? `Locked: ${costText(costs[key])}` : 'Lock it: the ranking keeps it'}
		onclick={() => toggle(label)}><BrowserOnly><Icon icon={key ? Lock : LockOpen} size={13} /></BrowserOnly></button
	>
{/snippet}

{#snippet list(items: typeof labels, last = false)}
	<ul class="grid content-center gap-5 text-s">
		{#each items as item (item.key)}
			{@const key = lockedKey(item.key)}
			<li class="grid" class:locked={key}>
				<span class="facet flex items-center gap-2"
					>{@render lockButton(item.key, item.title)}<strong>{item.title}</strong></span
				>
				{#if key}<span>{costText(costs[key])}</span>{:else if item.why}<span
						>{item.why}{#if item.split}
							<Split side={item.split} />{/if}</span
					>{/if}
			</li>
		{/each}
		{#if last}<li class="phone-only grid"><a class="button" href="#why">Why this one</a></li>{/if}
	</ul>
{/snippet}

<section
	class="grid grid-cols-[1fr_auto_1fr] gap-x-14 gap-y-2 px-14 py-6 phone:grid-cols-[1fr] phone:px-10 phone:pt-0 phone:pb-8"
	aria-labelledby="call-name"
>
	<div class="name col-span-full flex flex-col gap-2">
		<h2 id="call-name">
			{@render lockButton('family', rigName(rig))}{rigName(rig)}, {ouncesText(rig.weightOz)} oz
			{#if locked > 0}<span class="ml-8 text-s font-450 text-ink-2"
					>{locked} {locked === 1 ? 'facet' : 'facets'} locked</span
				>{/if}
		</h2>
		<Running {called} {window} {units} />
	</div>
	{@render list(labels.slice(0, half))}
	<div
		class="grid w-320 content-center justify-items-start gap-2 phone:-order-1 phone:w-full phone:overflow-hidden phone:pl-4"
		bind:clientWidth={room}
	>
		<RigDrawing {drawing} {scale} />
		<LengthRuler lengthMm={drawing.bounds.width} {scale} />
		<p class="text-xs text-ink-2">
			{share === 100 ? 'life size at 96 dpi' : `${share} % of life size at 96 dpi`}, {Math.round(drawing.bounds.width)} mm
			in all
		</p>
	</div>
	{@render list(labels.slice(half), true)}
</section>

<style>
	.name h2 {
		display: flex;
		align-items: center;
		gap: 4px;
		font-size: var(--t-xl);
		font-weight: 680;
	}
	li strong {
		font-size: var(--t-m);
	}
	li > span:not(.facet) {
		padding-left: 20px;
		color: var(--ink-2);
	}
	.lock:hover {
		color: var(--ink);
	}
	.lock[aria-pressed='true'] {
		color: var(--amber-ink);
	}
	.locked {
		background: var(--amber-wash);
	}
	@media (width < 56rem) {
		/* One screen, one lure: why each part was chosen stands below, in one place. */
		ul {
			grid-template-columns: 1fr 1fr;
			align-items: center;
			gap: 0 8px;
		}
		li:not(.locked) > span:not(.facet) {
			display: none;
		}
		li strong {
			font-size: var(--t-s);
			line-height: 1.25;
		}
		.name {
			order: -2;
		}
		li > span:not(.facet) {
			padding-left: 46px;
		}
	}
</style>
