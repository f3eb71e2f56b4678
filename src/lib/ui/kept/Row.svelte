<script lang="ts">
	import { resolve } from '$app/paths';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import type { Entry } from './entries';

	interface Props {
		entry: Entry;
		/** Whether it is only on this device yet. */
		waits: boolean;
		chosen: boolean;
		/** Whether it is far down. */
		later: boolean;
		onchoose: (on: boolean) => void;
		onopen: () => void;
		onduplicate: () => void;
		onremove: () => void;
	}
	const { entry, waits, chosen, later, onchoose, onopen, onduplicate, onremove }: Props = $props();
	const drawing = $derived(entry.rig && drawRig(entry.rig, true));
	const OPEN = { reading: '', call: ', reading and rig', rig: ', on the bench' } as const;
	const THE = { reading: '', call: 'the call ', rig: 'the rig ' } as const;

	/** Here and now; without scripts the form does it. */
	const here = (act: () => void) => (event: MouseEvent) => {
		event.preventDefault();
		act();
	};
</script>

<li class="flex min-h-56 items-center gap-10 border-b border-b-rule py-3 phone:flex-wrap" class:chosen>
	<input
		type="checkbox"
		class="tick"
		aria-label="Choose {THE[entry.kind]}{entry.name}"
		checked={chosen}
		onchange={(event) => onchoose(event.currentTarget.checked)}
	/>
	<span class="grid flex-[0_0_92px] place-items-center phone:basis-72 phone:justify-items-start">
		{#if drawing}
			{@const scale = Math.min(92 / drawing.bounds.width, 44 / drawing.bounds.height)}
			<RigDrawing {drawing} {scale} {later} decorative />
		{:else}<span class="grid min-w-0 flex-1 text-s leading-[1.3]">{entry.season}</span>{/if}
	</span>
	<div class="what grid min-w-0 flex-1 text-s leading-[1.3] phone:basis-[50%]">
		{#if entry.kind === 'call' && !waits}
			<a href={resolve(`/kept/${entry.id}`)} aria-label="See the call {entry.name}"><strong>{entry.name}</strong></a>
		{:else}<strong>{entry.name}</strong>{/if}{#if waits}<span class="quiet">waits on this device</span>{/if}
		{#if entry.when}<span class="quiet">{entry.when}</span>{/if}
		<span>{entry.text}</span>
	</div>
	<form class="flex gap-6 phone:basis-full" method="POST">
		<input type="hidden" name="id" value={entry.id} />
		<input type="hidden" name="kind" value={entry.kind} />
		<input type="hidden" name="name" value={entry.name} />
		<button
			class="button"
			formaction={entry.kind === 'call' ? '?/openCall' : '?/open'}
			aria-label="Open {entry.name}{OPEN[entry.kind]}"
			onclick={here(onopen)}>Open</button
		>
		{#if entry.kind === 'reading'}
			<button class="button" formaction="?/duplicate" aria-label="Duplicate {entry.name}" onclick={here(onduplicate)}
				>Duplicate</button
			>
		{/if}
		<button
			class="button"
			formaction="?/remove"
			aria-label="Delete {THE[entry.kind]}{entry.name}"
			onclick={here(onremove)}>Delete</button
		>
	</form>
</li>

<style>
	.chosen {
		background: var(--panel);
	}
	.tick {
		flex: none;
		width: 18px;
		height: 18px;
		accent-color: var(--ink);
	}
	.what strong {
		font-size: var(--t-m);
	}
	@media (width < 56rem) {
		.tick {
			width: 28px;
			height: 28px;
		}
		form .button {
			flex: 1;
			padding-inline: 6px;
		}
	}
</style>
