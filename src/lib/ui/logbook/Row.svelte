<script lang="ts">
	import { resolve } from '$app/paths';
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
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

<li class:chosen>
	<input
		type="checkbox"
		class="tick"
		aria-label="Choose {THE[entry.kind]}{entry.name}"
		checked={chosen}
		onchange={(event) => onchoose(event.currentTarget.checked)}
	/>
	<span class="mini">
		{#if drawing}
			{@const scale = Math.min(92 / drawing.bounds.width, 44 / drawing.bounds.height)}
			<RigDrawing {drawing} {scale} {later} decorative />
		{:else}<span class="kind">{entry.season}</span>{/if}
	</span>
	<div class="what">
		{#if entry.kind === 'call' && !waits}
			<a href={resolve(`/logbook/${entry.id}`)} aria-label="See the call {entry.name}"><strong>{entry.name}</strong></a>
		{:else}<strong>{entry.name}</strong>{/if}{#if waits}<span class="quiet">not sent yet</span>{/if}
		{#if entry.when}<span class="quiet">{entry.when}</span>{/if}
		<span>{entry.text}</span>
	</div>
	<form method="POST">
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
	li {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 56px;
		padding: 3px 0;
		border-bottom: 1px solid var(--rule);
	}
	.chosen {
		background: var(--panel);
	}
	.tick {
		flex: none;
		width: 18px;
		height: 18px;
		accent-color: var(--ink);
	}
	.mini {
		display: grid;
		flex: 0 0 92px;
		place-items: center;
	}
	.kind,
	.what {
		display: grid;
		flex: 1;
		min-width: 0;
		font-size: var(--t-s);
		line-height: 1.3;
	}
	.what strong {
		font-size: var(--t-m);
	}
	form {
		display: flex;
		gap: 6px;
	}
	@media (width < 56rem) {
		li {
			flex-wrap: wrap;
		}
		.tick {
			width: 28px;
			height: 28px;
		}
		.mini {
			flex-basis: 72px;
			justify-items: start;
		}
		.what {
			flex-basis: 50%;
		}
		form {
			flex-basis: 100%;
		}
		form .button {
			flex: 1;
			padding-inline: 6px;
		}
	}
</style>
