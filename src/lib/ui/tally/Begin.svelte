<script lang="ts">
	import { resolve } from '$app/paths';
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { changedFields } from '$lib/core/trips/reactions/changed';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { Trial } from '$lib/core/foundation/schema/tally';

	interface Props {
		usualName: string;
		/** What may be cast first, the current rig before the others. */
		rigs: readonly { readonly name: string; readonly rig: Rig }[];
		/** Where it is, in words. */
		place: string;
		onbegin: (given: { name: string; rig: Rig; trial: Trial | null }) => void;
	}
	const { usualName, rigs, place, onbegin }: Props = $props();
	let typed = $state<string | null>(null);
	let first = $state(0);
	let second = $state(1);
	let comparing = $state(false);
	/** What a trial may be: so many pairs of turns, so many casts in each; what is typed is `null` while it is no number. */
	const BOUNDS = { pairs: [1, 40], casts: [3, 100] } as const;
	let turns = $state<Record<keyof typeof BOUNDS, number | null>>({ pairs: 4, casts: 12 });
	let asked = $state(false);
	const isWithin = (name: keyof typeof BOUNDS): boolean => {
		const [[low, high], value] = [BOUNDS[name], turns[name]];
		return value !== null && Number.isInteger(value) && value >= low && value <= high;
	};
	const wrong = $derived(asked ? (['pairs', 'casts'] as const).filter((name) => !isWithin(name)) : []);
	const rig = $derived(rigs[first]?.rig ?? null);
	const other = $derived(comparing ? (rigs[second]?.rig ?? null) : null);
	const differs = $derived(rig && other ? changedFields(rig, other) : []);

	function begin(event: SubmitEvent) {
		event.preventDefault();
		if (!rig) return;
		const seed = crypto.getRandomValues(new Uint32Array(1))[0]!;
		const { pairs, casts } = turns;
		asked = comparing;
		if (wrong.length > 0) return;
		const trial = other && differs.length > 0 ? { a: rig, b: other, seed, pairs: pairs!, casts: casts! } : null;
		onbegin({ name: (typed ?? usualName).trim() || 'Outing', rig, trial });
	}
	const label = ({ name, rig: one }: (typeof rigs)[number]): string =>
		`${name} (${rigName(one).toLowerCase()}, ${ouncesText(one.weightOz)} oz)`;
</script>

<form class="grid max-w-[40rem] gap-12 px-16 py-14" onsubmit={begin} novalidate>
	<h2>Start an outing</h2>
	<p class="quiet">{place}. It starts with your latest reading; you can enter a new one any time in two taps.</p>
	<label
		>Name <input
			class="field"
			maxlength="120"
			value={typed ?? usualName}
			oninput={({ currentTarget }) => (typed = currentTarget.value)}
		/></label
	>
	<label
		>Cast first
		<select class="field" bind:value={first}>
			{#each rigs as one, at (at)}<option value={at}>{label(one)}</option>{/each}
		</select></label
	>
	<label class="check"
		><input type="checkbox" bind:checked={comparing} /> Compare it with another rig in random order</label
	>
	{#if comparing}
		<label
			>Against
			<select class="field" bind:value={second}>
				{#each rigs as one, at (at)}<option value={at}>{label(one)}</option>{/each}
			</select></label
		>
		<p class:refused={differs.length !== 1} role="status">
			{#if differs.length === 0}They are the same: choose another.
			{:else if differs.length === 1}They differ in one thing, the {differs[0]}: good.
			{:else}They differ in {differs.join(', ')}, so the result won’t tell you which one did it.{/if}
		</p>
		<p class="row flex gap-16">
			{#each [['pairs', 'Pairs of turns'], ['casts', 'Casts a turn']] as const as [name, label] (name)}
				<label
					>{label}
					<input
						class="field figure"
						type="number"
						inputmode="numeric"
						aria-invalid={wrong.includes(name) || undefined}
						bind:value={turns[name]}
					/></label
				>
			{/each}
		</p>
		{#each wrong as name (name)}
			<p class="refused" role="alert">
				{name === 'pairs' ? 'Pairs of turns' : 'Casts a turn'}: {BOUNDS[name].join(' to ')}.
			</p>
		{/each}
	{/if}
	<button class="button button-amber min-h-56" disabled={!rig || (comparing && differs.length === 0)}>Start</button>
	{#if rigs.length === 0}<p class="quiet">
			You have no rig yet. <a href={resolve('/call')}>Pick one on Call</a> first.
		</p>{/if}
</form>

<style>
	label {
		display: grid;
		gap: 2px;
	}
	.check {
		display: flex;
		gap: 8px;
		align-items: center;
		min-height: 44px;
	}
	.check input {
		width: 22px;
		height: 22px;
	}
	.row input {
		width: 7rem;
	}
	.refused {
		font-weight: 560;
		color: var(--marginal);
	}
	.refused[role='alert'] {
		color: var(--fail);
	}
	@media (width < 56rem) {
		:is(input:not([type='checkbox']), select) {
			min-height: 48px;
		}
	}
</style>
