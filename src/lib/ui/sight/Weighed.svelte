<script lang="ts">
	import type { Reason } from '$lib/core/foundation/schema/call';
	import { spoken } from '$lib/core/foundation/labels/spoken';

	interface Props {
		/** The called rig's ledger. */
		reasons: readonly Reason[];
		/** Whether the call weighs what the model of sight says. */
		on: boolean;
		/** Color of the called skirt. */
		colour: string;
		onswitch: (on: boolean) => void;
	}
	const { reasons, on, colour, onswitch }: Props = $props();

	const ABOUT: Readonly<Record<string, string>> = {
		'SEE-01': 'seen from as far away as any other',
		'SEE-02': 'like the bait here'
	};
	const share = ({ points, possible }: Reason): string =>
		points >= 0.85 * possible ? '' : points >= 0.4 * possible ? 'partly ' : 'hardly ';
	const found = $derived(reasons.filter(({ claim }) => claim in ABOUT));
</script>

<label class="tick">
	<input type="checkbox" checked={on} onchange={({ currentTarget }) => onswitch(currentTarget.checked)} />
	Let this count a little in the call
</label>
{#if on}
	<p class="quiet">
		{#each found as reason, at (reason.claim)}{at > 0 ? '; ' : `A ${spoken(colour)} skirt is `}{share(reason)}{ABOUT[
				reason.claim
			]} ({reason.claim}){:else}Nothing shows far enough here to count, or there is no skirt.{/each}
	</p>
{/if}
