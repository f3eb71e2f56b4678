<script lang="ts">
	import { MODS, type Mod } from '$lib/core/rig/bench/mods';
	import { modPicture } from '$lib/core/rig/bench/modPicture';
	import type { Build } from '$lib/core/foundation/schema/build';
	import RigDrawing from '../rig/RigDrawing.svelte';

	interface Props {
		build: Build;
		onbuild: (build: Build, key: string) => void;
	}
	const { build, onbuild }: Props = $props();
	const mods = $derived(MODS.filter(({ fits }) => fits(build.rig)));
	let wanted = $state<Mod['id'] | null>(null);
	const mod = $derived(mods.find(({ id }) => id === wanted) ?? mods[0] ?? null);
	const done = $derived(mod?.done(build) ?? false);
	const picture = $derived(mod && modPicture(build, mod));
	const scale = $derived(picture ? Math.min(3.4, 330 / picture.bounds.width, 170 / picture.bounds.height) : 1);
</script>

<section
	class="grid grid-cols-[150px_minmax(0,1fr)_270px] gap-12 px-14 py-4 text-s phone:grid-cols-[1fr]"
	aria-label="Modifications"
>
	<ul>
		{#each mods as one (one.id)}
			<li>
				<button type="button" aria-pressed={one.id === mod?.id} onclick={() => (wanted = one.id)}>
					{one.title}{#if one.done(build)}<span class="float-right font-450">done</span>{/if}
				</button>
			</li>
		{/each}
	</ul>
	{#if mod && picture}
		<div class="grid min-h-150 place-items-center overflow-hidden"><RigDrawing drawing={picture} {scale} /></div>
		<div class="grid content-start gap-4">
			<p>{mod.why}</p>
			<ol class="list-decimal pl-18">
				{#each mod.steps as step (step)}<li>{step}</li>{/each}
			</ol>
			{#each mod.cautions as caution (caution)}<p class="border-l-3 border-l-ink pl-8">{caution}</p>{/each}
			<button class="button" type="button" onclick={() => onbuild(done ? mod.undo(build) : mod.apply(build), '')}>
				{done ? 'Put it back' : 'Mark as done'}
			</button>
		</div>
	{:else}
		<p>There is nothing to modify on this rig.</p>
	{/if}
</section>

<style>
	ul button {
		width: 100%;
		padding: 3px 6px;
		text-align: left;
		border-bottom: 1px solid var(--rule);
		cursor: pointer;
	}
	ul button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
		font-weight: 620;
	}
	@media (width < 56rem) {
		ul button {
			min-height: 48px;
		}
	}
</style>
