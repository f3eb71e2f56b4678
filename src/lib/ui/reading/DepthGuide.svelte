<script lang="ts">
	import { typedFigure } from '$lib/presentation/typed';
	import type { Reading } from '$lib/core/water/reading/complete';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { shownIn, withUnit } from '$lib/presentation/units';

	interface Props {
		units: UnitSystem;
		/** What colors the water: along the surface it decides how bright the water behind the lure is. */
		stain: Reading['stain'];
		/** Takes how far down a white lure is seen, m; says what is wrong with it, or `null`. */
		onvalue: (seenM: number) => string | null;
	}
	const { units, stain, onvalue }: Props = $props();
	const shown = $derived(shownIn(units, 'depth'));
	/** From the shoulder to the fingers that hold the lure, m. */
	const ARM_M = 0.6;
	let [lost, back, away] = $state(['', '', '']);
	let told = $state('');
	let open = $state(false);

	/** Going down the eye holds on to it a little too long, coming up it finds it a little too late: the mean is meant. */
	function takeMiddle() {
		const [down, up] = [typedFigure(lost), typedFigure(back)];
		if (!Number.isFinite(down) || !Number.isFinite(up)) return void (told = 'Enter both depths as numbers.');
		if (up > down) return void (told = 'You can’t see it again deeper than where you lost it.');
		told = onvalue(shown.read((down + up) / 2)) ?? 'Done.';
	}

	/** The optics come with the first question: nobody else on this page waits for them. */
	async function takeAlong() {
		const distance = typedFigure(away);
		if (!(distance > 0)) return void (told = 'Enter how far you can see it, more than 0.');
		const { seenDownM } = await import('$lib/core/simulation/sight/along');
		const downM = seenDownM(stain, shown.read(distance));
		told = onvalue(downM) ?? `Done: in such water you see it ${withUnit(units, 'depth', downM)} down.`;
	}
</script>

<div class="w-full text-s">
	<button
		class="cursor-pointer text-ink-2 underline phone:min-h-48"
		type="button"
		aria-expanded={open}
		onclick={() => (open = !open)}>How to measure it</button
	>
	{#if open}
		<ol>
			<li>Use a white lure on the shaded side of the boat, without tinted glasses.</li>
			<li>
				<label>
					Lower it until you lose sight of it. Line out, {shown.unit}:
					<input
						class="field figure w-62 phone:min-h-48"
						inputmode="decimal"
						autocomplete="off"
						bind:value={lost}
					/></label
				>
			</li>
			<li>
				<label>
					Raise it until you see it again:
					<input
						class="field figure w-62 phone:min-h-48"
						inputmode="decimal"
						autocomplete="off"
						bind:value={back}
					/></label
				>
			</li>
		</ol>
		<button class="button" type="button" onclick={takeMiddle}>Use the middle</button>
		<p>
			<label>
				Or along the surface: with a camera or mask a hand deep, move the lure away until you lose sight of it (an arm
				is about {withUnit(units, 'depth', ARM_M)}). Seen as far as, {shown.unit}:
				<input
					class="field figure w-62 phone:min-h-48"
					inputmode="decimal"
					autocomplete="off"
					bind:value={away}
				/></label
			>
		</p>
		<button class="button" type="button" onclick={takeAlong}>Use as depth</button>
		<span role="status">{told}</span>
	{/if}
</div>

<style>
	ol,
	p {
		padding: 4px 0;
	}
	ol {
		padding-left: 18px;
		list-style: decimal;
	}
</style>
