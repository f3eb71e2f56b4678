<script lang="ts">
	import { lookedAt } from '$lib/core/simulation/sight/contrast';
	import { sceneOfReading } from '$lib/core/simulation/sight/sight';
	import type { Reading } from '$lib/core/water/reading/complete';
	import { opinionOf } from './opinion';
	import { look } from './rigParts';

	const { reading }: { reading: Reading } = $props();
	/** What each school ties on. */
	const [bright] = look('skirt', 'white-chartreuse');
	const [dark] = look('skirt', 'black-blue');
	const scene = $derived(sceneOfReading(reading));
	const opinion = $derived(
		opinionOf(
			lookedAt(bright!.target, scene, 'side').sightedM,
			lookedAt(dark!.target, scene, 'side').sightedM,
			lookedAt(dark!.target, scene, 'below').sightedM
		)
	);
</script>

<p>
	<strong>What the sight model says here.</strong>
	{opinion} It is ± 40 % at best, and half of all anglers disagree.
</p>
