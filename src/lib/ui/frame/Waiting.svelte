<script lang="ts">
	import { dequal } from 'dequal';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import type { DamagedRecord } from '$lib/core/records/appStart';
	import { RECORDS_DOWN_SHORT } from '../messages';

	interface Props {
		recordsDown: boolean;
		/** Records that every page reads and that cannot be read. */
		damaged: readonly DamagedRecord[];
		angler: string;
		demo: boolean;
	}
	const { recordsDown, damaged, angler, demo }: Props = $props();
	const app = useApp();
	const outbox = $derived(app.sync.outbox);
	const refused = $derived(outbox?.refused ?? []);
	/** A rig that was chosen on another screen while the outing is fished with something else: asked once. */
	const asked = $derived.by(() => {
		const { lastUsedRig, tally } = app;
		const { story } = tally;
		return lastUsedRig && story && !story.ended && story.now.turn === null && !dequal(story.now.rig, lastUsedRig)
			? lastUsedRig
			: null;
	});
	const isFull = $derived(app.full || app.tally.full || (outbox?.full ?? false));
	const waiting = $derived((outbox?.writes.length ?? 0) - refused.length);
</script>

{#if recordsDown || app.sync.away}
	<!-- One line, so that it takes no room from what is done without a connection. -->
	<p class="notice notice-fails truncate py-2 phone:text-s" role="status" title={RECORDS_DOWN_SHORT}>
		{waiting > 0
			? `No connection: ${waiting} ${waiting === 1 ? 'change' : 'changes'} saved on this device.`
			: RECORDS_DOWN_SHORT}
	</p>
{/if}
{#if outbox?.signedOut}
	{#await import('./SignInAgain.svelte') then { default: SignInAgain }}<SignInAgain name={angler} {demo} />{/await}
{/if}
{#if isFull}
	<p class="notice notice-fails" role="alert">
		{#if waiting > 0}
			This device is full. {waiting}
			{waiting === 1 ? 'change is' : 'changes are'} only in this page: keep it open until {waiting === 1
				? 'it is'
				: 'they are'} sent.
		{:else}
			This device is full. Your changes are sent to the server, but without a signal they would be lost with this page.
		{/if}
	</p>
{:else if app.forgetful}
	<p class="notice" role="status">
		This browser can’t store anything: changes not yet sent are lost when you close the page.
	</p>
{/if}
{#if app.spot?.water.unknownZone}
	<p class="notice" role="status">
		The time zone of {app.spot.water.name}, “{app.spot.water.unknownZone}”, is not known here. Its times are shown in
		UTC.
	</p>
{/if}
{#if damaged.length > 0}
	<p class="notice notice-fails" role="alert">
		{damaged.length === 1 ? 'One saved record is' : `${damaged.length} saved records are`} damaged and can’t be shown.
		<a href={resolve('/logbook#damaged')}>See {damaged.length === 1 ? 'it' : 'them'}</a>
	</p>
{/if}
{#if asked}
	{#await import('./FishedNow.svelte') then { default: FishedNow }}<FishedNow rig={asked} />{/await}
{/if}
{#if refused.length > 0}
	{#await import('./Refused.svelte') then { default: Refused }}<Refused {refused} />{/await}
{/if}
