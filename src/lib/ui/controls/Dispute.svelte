<script lang="ts">
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import { Popover } from 'bits-ui';
	import { SIDES } from '$lib/core/claims/sides';
	import { autoSchool, disputeOf } from '$lib/core/claims/disputes';
	import { useApp } from '$lib/client/state/app.svelte';
	import YourView from './YourView.svelte';

	/** A side, "WIRE/thin", of which a claim is. */
	const { side }: { side: string } = $props();
	const app = useApp();
	const topic = $derived(side.split('/')[0]!);
	const school = $derived(side.split('/')[1]!);
	const split = $derived(disputeOf(topic)!);
	const stance = $derived(app.views.stances[topic]);
	const decided = $derived(stance !== undefined);
	const byDefault = $derived(autoSchool(split, app.complete));
</script>

<Popover.Root>
	<Popover.Trigger class="split {decided ? 'own' : ''}" aria-label="{split.about}: good anglers disagree"
		>{stance === 'both' && !split.schools.includes('both')
			? 'both views'
			: decided
				? 'your view'
				: 'anglers disagree'}</Popover.Trigger
	>
	<Popover.Portal>
		<Popover.Content class="split-sides" sideOffset={4} collisionPadding={8} aria-label={split.about}>
			<p>
				<strong>{split.about}.</strong> Good anglers disagree here. This rule belongs to the view “{spoken(school)}”.
			</p>
			<YourView {topic} />
			<p class="quiet">
				Default: {byDefault ? `“${spoken(byDefault)}”` : 'none'}. {split.because}
				{#if SIDES[`${topic}/${school}`] !== split.because}{SIDES[`${topic}/${school}`]}{/if}
			</p>
		</Popover.Content>
	</Popover.Portal>
</Popover.Root>

<style>
	:global(.split) {
		margin-left: 4px;
		padding: 0 5px;
		border: 1px dashed var(--ink-2);
		border-radius: 3px;
		font-size: var(--t-xs);
		font-weight: 560;
		white-space: nowrap;
		cursor: pointer;
	}
	:global(.split.own) {
		background: var(--amber-wash);
		border-style: solid;
	}
	:global(.split-sides) {
		z-index: 20;
		display: grid;
		gap: 8px;
		max-width: min(380px, calc(100vw - 24px));
		padding: 12px 14px;
		border: 1px solid var(--ink);
		border-radius: 3px;
		background: var(--paper);
		font-size: var(--t-m);
	}
</style>
