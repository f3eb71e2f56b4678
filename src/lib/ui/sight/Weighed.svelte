<script lang="ts">
	import type { Reason } from '$lib/core/foundation/schema/call';
	import { spoken } from '$lib/core/foundation/labels/spoken';

	interface Props {
		/** The called rig's ledger. */
		reasons: readonly Reason[];
		/** Whether the call weighs what the model of sight says. */
		on: boolean;
		/** Colour of the called skirt. */
		colour: string;
		onswitch: (on: boolean) => void;
	}
	const { reasons, on, colour, onswitch }: Props = $props();

	const ABOUT: Readonly<Record<string, string>> = {
		'SEE-01': 'seen as far here as any',
		'SEE-02': 'like the bait here'
	};
	const share = ({ points, possible }: Reason): string =>
		points >= 0.85 * possible ? '' : points >= 0.4 * possible ? 'partly ' : 'hardly ';
	const found = $derived(reasons.filter(({ claim }) => claim in ABOUT));
</script>

<label class="tick">
	<input type="checkbox" checked={on} onchange={({ currentTarget }) => onswitch(currentTarget.checked)} />
	The call weighs this, lightly
</label>
{#if on}
	<p class="quiet">
		{#each found as reason, at (reason.claim)}{at > 0 ? '; ' : `A ${spoken(colour)} skirt is `}{share(reason)}{ABOUT[
				reason.claim
			]} ({reason.claim}){:else}Nothing is seen far enough here to weigh, or no skirt is worn.{/each}
	</p>
{/if}
