<script lang="ts">
	import { MODS, type Mod } from '$lib/core/bench/mods';
	import { modPicture } from '$lib/core/bench/modPicture';
	import type { Build } from '$lib/core/schema/build';
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

<section aria-label="Modifications">
	<ul>
		{#each mods as one (one.id)}
			<li>
				<button type="button" aria-pressed={one.id === mod?.id} onclick={() => (wanted = one.id)}>
					{one.title}{#if one.done(build)}<span class="done">done</span>{/if}
				</button>
			</li>
		{/each}
	</ul>
	{#if mod && picture}
		<div class="picture"><RigDrawing drawing={picture} {scale} /></div>
		<div class="how">
			<p>{mod.why}</p>
			<ol>
				{#each mod.steps as step (step)}<li>{step}</li>{/each}
			</ol>
			{#each mod.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
			<button class="button" type="button" onclick={() => onbuild(done ? mod.undo(build) : mod.apply(build), '')}>
				{done ? 'Put it back' : 'Done on this rig'}
			</button>
		</div>
	{:else}
		<p>This rig has nothing to modify.</p>
	{/if}
</section>

<style>
	section {
		display: grid;
		grid-template-columns: 150px minmax(0, 1fr) 270px;
		gap: 12px;
		padding: 4px 14px;
		font-size: var(--t-s);
	}
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
	.done {
		float: right;
		font-weight: 450;
	}
	.picture {
		display: grid;
		place-items: center;
		min-height: 150px;
		overflow: hidden;
	}
	.how {
		display: grid;
		align-content: start;
		gap: 4px;
	}
	ol {
		padding-left: 18px;
		list-style: decimal;
	}
	.caution {
		padding-left: 8px;
		border-left: 3px solid var(--ink);
	}
	@media (width < 56rem) {
		section {
			grid-template-columns: 1fr;
		}
		ul button {
			min-height: 48px;
		}
	}
</style>
