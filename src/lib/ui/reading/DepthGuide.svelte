<script lang="ts">
	import { typedFigure } from '$lib/forms/typed';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { shownIn } from '$lib/forms/units';

	interface Props {
		units: UnitSystem;
		/** Takes how far down a white lure is seen, m; says what is wrong with it, or `null`. */
		onvalue: (seenM: number) => string | null;
	}
	const { units, onvalue }: Props = $props();
	const shown = $derived(shownIn(units, 'depth'));
	let [lost, back] = $state(['', '']);
	let told = $state('');
	let open = $state(false);

	/** Going down the eye holds on to it a little too long, coming up it finds it a little too late: the mean is meant. */
	function take() {
		const [down, up] = [typedFigure(lost), typedFigure(back)];
		if (!Number.isFinite(down) || !Number.isFinite(up)) return void (told = 'Write both depths as numbers.');
		if (up > down) return void (told = 'Coming up it cannot be seen deeper than where it was lost.');
		told = onvalue(shown.read((down + up) / 2)) ?? 'Taken.';
	}
</script>

<div class="guide">
	<button class="open" type="button" aria-expanded={open} onclick={() => (open = !open)}>How to measure it</button>
	{#if open}
		<ol>
			<li>Take a white lure, on the shaded side of the boat, without tinted glasses.</li>
			<li>
				<label>
					Lower it until it is lost. Line out, {shown.unit}:
					<input class="field figure" inputmode="decimal" autocomplete="off" bind:value={lost} /></label
				>
			</li>
			<li>
				<label>
					Raise it until it is seen again:
					<input class="field figure" inputmode="decimal" autocomplete="off" bind:value={back} /></label
				>
			</li>
		</ol>
		<button class="button" type="button" onclick={take}>Take the middle</button>
		<span role="status">{told}</span>
	{/if}
</div>

<style>
	.guide {
		width: 100%;
		font-size: var(--t-s);
	}
	.open {
		color: var(--ink-2);
		text-decoration: underline;
		cursor: pointer;
	}
	ol {
		padding: 4px 0 4px 18px;
		list-style: decimal;
	}
	input {
		width: 62px;
	}
	@media (width < 56rem) {
		.open {
			min-height: 48px;
		}
		input {
			min-height: 48px;
		}
	}
</style>
