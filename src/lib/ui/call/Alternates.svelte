<script lang="ts">
	import { bladesText, ouncesText, plainWords, rigName } from '$lib/core/naming/describe';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import type { CalledRig } from '$lib/core/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { withUnit } from '$lib/forms/units';
	import { behindWords, whenBetter } from './whenBetter';

	interface Props {
		calls: readonly CalledRig[];
		/** Index of the call that is shown above. */
		marked: number;
		units: UnitSystem;
		onmark: (index: number) => void;
	}
	const { calls, marked, units, onmark }: Props = $props();
	const rows = $derived(calls.map((called, index) => ({ called, index, drawing: drawRig(called.rig, true) })));
	const wayText = ({ rig }: CalledRig): string =>
		`${ouncesText(rig.weightOz)} oz, ${bladesText(rig)}, ${plainWords(rig.retrieve.style)} at ${withUnit(units, 'speed', rig.retrieve.speedMps)}`;
	let list: HTMLElement;

	function onkeydown(event: KeyboardEvent) {
		const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		const next = Math.min(calls.length - 1, Math.max(0, marked + by));
		onmark(next);
		list.querySelectorAll<HTMLElement>('button')[next]?.focus();
	}
</script>

<section class="border-t border-t-ink" aria-label="The call and its alternatives">
	<ol bind:this={list}>
		{#each rows as { called, index, drawing } (index)}
			<li
				class="grid min-h-36 grid-cols-[18px_76px_minmax(0,1.15fr)_minmax(0,1fr)_66px] items-center gap-8 px-14 py-1 text-s phone:grid-cols-[18px_76px_1fr_auto] phone:px-12 phone:py-8"
				class:marked={index === marked}
			>
				<span class="rank">{index + 1}</span>
				<span class="mini"
					><BrowserOnly
						><RigDrawing
							{drawing}
							scale={Math.min(70 / drawing.bounds.width, 28 / drawing.bounds.height)}
							decorative
						/></BrowserOnly
					></span
				>
				<span class="what grid">
					<button
						class="cursor-pointer text-left text-m font-660 phone:min-h-48"
						type="button"
						aria-pressed={index === marked}
						onclick={() => onmark(index)}
						{onkeydown}>{rigName(called.rig)}</button
					>
					<span>{wayText(called)}</span>
				</span>
				<span class="when">{index === 0 ? 'The call.' : whenBetter(calls[0]!, called)}</span>
				<span class="text-right">{index === 0 ? '' : behindWords(calls[0]!.score - called.score)}</span>
			</li>
		{/each}
	</ol>
</section>

<style>
	li + li {
		border-top: 1px solid var(--rule);
	}
	.rank {
		font: var(--t-m) var(--font-mono);
	}
	.what > span,
	.when {
		color: var(--ink-2);
	}
	button:hover {
		text-decoration: underline;
	}
	.marked {
		background: var(--amber-wash);
		box-shadow: inset 4px 0 0 var(--amber);
	}
	@media (width < 56rem) {
		.when {
			grid-column: 3 / -1;
		}
	}
</style>
