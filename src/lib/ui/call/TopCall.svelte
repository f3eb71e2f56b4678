<script lang="ts">
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import type { CalledRig } from '$lib/core/foundation/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import Lock from 'lucide/dist/esm/icons/lock.mjs';
	import LockOpen from 'lucide/dist/esm/icons/lock-open.mjs';
	import type { Locks } from '$lib/core/foundation/schema/rig';
	import type { Running as RunningOn } from '$lib/core/foundation/schema/run';
	import { useApp } from '$lib/client/state/app.svelte';
	import { quantity, withUnit } from '$lib/presentation/units';
	import Dispute from '../controls/Dispute.svelte';
	import LengthRuler from '../rig/LengthRuler.svelte';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { costText, lockKeys, lockValue } from './lockable';
	import Running from './Running.svelte';
	import { labelsOf } from './labels';
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import Icon from '../controls/Icon.svelte';

	interface Props {
		called: CalledRig;
		running: RunningOn | null;
		units: UnitSystem;
		/** What each lock costs in score. */
		costs: Partial<Record<keyof Locks, number | null>>;
		/** Where to throw it, in a sentence. */
		throwTo?: string;
	}
	const { called, running, units, costs, throwTo }: Props = $props();
	const app = useApp();
	const lockedKey = (label: string): keyof Locks | undefined => lockKeys(label).find((key) => key in app.record.locks);
	const locked = $derived(Object.keys(app.record.locks).length);

	function toggle(label: string) {
		const now = lockedKey(label);
		for (const key of lockKeys(label)) app.lock(key, now ? undefined : lockValue(rig, key));
	}
	const rig = $derived(called.rig);
	const drawing = $derived(drawRig(rig));
	const labels = $derived(labelsOf(called, units));
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
		class="lock"
		type="button"
		aria-pressed={key !== undefined}
		aria-label="{key ? 'Unlock' : 'Lock'} {name}"
		title={key ? `Locked: ${costText(costs[key])}` : 'Lock it: the call keeps it'}
		onclick={() => toggle(label)}><BrowserOnly><Icon icon={key ? Lock : LockOpen} size={13} /></BrowserOnly></button
	>
{/snippet}

{#snippet list(items: typeof labels, last = false)}
	<ul>
		{#each items as item (item.key)}
			{@const key = lockedKey(item.key)}
			<li class:locked={key}>
				<span class="facet">{@render lockButton(item.key, item.title)}<strong>{item.title}</strong></span>
				{#if key}<span>{costText(costs[key])}</span>{:else if item.why}<span
						>{item.why}{#if item.split}
							<Dispute side={item.split} />{/if}</span
					>{/if}
			</li>
		{/each}
		{#if last}<li class="phone-only"><a class="button" href="#why">Why this one</a></li>{/if}
	</ul>
{/snippet}

<section class="top" aria-labelledby="call-name">
	<div class="name">
		<h2 id="call-name">
			{@render lockButton('family', rigName(rig))}{rigName(rig)}, {ouncesText(rig.weightOz)} oz
			{#if locked > 0}<span class="count">{locked} {locked === 1 ? 'part' : 'parts'} locked</span>{/if}
		</h2>
		<Running {called} {running} {units} {throwTo} />
	</div>
	{@render list(labels.slice(0, half))}
	<div class="drawing" bind:clientWidth={room}>
		<RigDrawing {drawing} {scale} />
		<LengthRuler lengthMm={drawing.bounds.width} {scale} />
		<p class="scale">
			{share === 100 ? 'life size at 96 dpi' : `${quantity(share, '%')} of life size at 96 dpi`}, {withUnit(
				units,
				'size',
				Math.round(drawing.bounds.width)
			)} overall
		</p>
	</div>
	{@render list(labels.slice(half), true)}
</section>

<style>
	.top {
		display: grid;
		grid-template-columns: 1fr auto 1fr;
		gap: 2px 14px;
		padding: 6px 14px;
	}
	.name {
		grid-column: 1 / -1;
		display: flex;
		flex-direction: column;
		gap: 2px;
	}
	.name h2 {
		display: flex;
		align-items: center;
		gap: 4px;
		font-size: var(--t-xl);
		font-weight: 680;
	}
	ul {
		display: grid;
		gap: 5px;
		align-content: center;
		font-size: var(--t-s);
	}
	li {
		display: grid;
	}
	li strong {
		font-size: var(--t-m);
	}
	li > span:not(.facet) {
		padding-left: 20px;
		color: var(--ink-2);
	}
	.facet {
		display: flex;
		align-items: center;
		gap: 2px;
	}
	.lock {
		display: grid;
		flex: none;
		place-items: center;
		width: 18px;
		height: 20px;
		margin-left: -2px;
		color: var(--ink-3);
		cursor: pointer;
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
	.count {
		margin-left: 8px;
		font-size: var(--t-s);
		font-weight: 450;
		color: var(--ink-2);
	}
	.drawing {
		display: grid;
		align-content: center;
		justify-items: start;
		gap: 2px;
		width: 320px;
	}
	.scale {
		font-size: var(--t-xs);
		color: var(--ink-2);
	}
	@media (width < 56rem) {
		.top {
			grid-template-columns: 1fr;
			padding: 0 10px 8px;
		}
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
		.drawing {
			order: -1;
			width: 100%;
			padding-left: 4px;
			overflow: hidden;
		}
		.name {
			order: -2;
		}
		.lock {
			width: 44px;
			height: 48px;
		}
		li > span:not(.facet) {
			padding-left: 46px;
		}
	}
</style>
