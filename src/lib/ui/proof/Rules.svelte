<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Moved } from '$lib/core/trips/proof/moves';
	import { factorText } from './words';

	interface Props {
		/** `null` while they are being looked at. */
		moved: readonly Moved[] | null;
		/** Whether the call uses them. */
		on: boolean;
		onswitch: (on: boolean) => void;
	}
	const { moved, on, onswitch }: Props = $props();
	const SHOWN = 12;
	let all = $state(false);
</script>

<section class="passage" aria-labelledby="rules-moved">
	<h2 id="rules-moved">How well your log supports each rule</h2>
	<label class="tick">
		<input
			type="checkbox"
			checked={on}
			disabled={!moved}
			onchange={({ currentTarget }) => onswitch(currentTarget.checked)}
		/>
		Use this in the call
	</label>
	{#if !moved}<p class="quiet">Checking every rule against your log …</p>
	{:else}
		<ul>
			{#each all ? moved : moved.slice(0, SHOWN) as { claim, because, factor, outings } (claim)}
				<li>
					<span
						>{because}
						<small class="block text-ink-2"
							>{factorText(factor)}, {outings} {outings === 1 ? 'outing' : 'outings'}</small
						></span
					>
					<a class="id" href="{resolve('/craft')}?find={claim}">{claim}</a>
				</li>
			{:else}<li class="quiet">No rule is supported or contradicted yet: fish two ways on one outing.</li>{/each}
		</ul>
		{#if moved.length > SHOWN}
			<button class="min-h-32 cursor-pointer underline" type="button" aria-expanded={all} onclick={() => (all = !all)}
				>{all ? 'Show fewer' : `${moved.length - SHOWN} more`}</button
			>
		{/if}
		<p class="quiet">
			Used in the call, a rule counts up to twice as much with strong support, and less or nothing with evidence against
			it. With this many rules, luck alone makes some look supported or contradicted.
		</p>
	{/if}
</section>

<style>
	li {
		display: grid;
		grid-template-columns: 1fr 62px;
		gap: 8px;
		align-items: center;
		padding: 3px 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--t-s);
	}
	li.quiet {
		display: block;
	}
	.id {
		font: var(--t-xs) var(--font-mono);
		color: var(--ink-3);
	}
	.quiet {
		padding: 6px 0;
		color: var(--ink-2);
	}
</style>
