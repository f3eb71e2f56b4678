<script lang="ts">
	import { SIDES } from '$lib/core/claims/sides';
	import { disputeOf } from '$lib/core/claims/disputes';
	import { useApp } from '$lib/client/state/app.svelte';

	/** Topic of a split: its sides, the default, and both side by side. */
	const { topic }: { topic: string } = $props();
	const app = useApp();
	const split = $derived(disputeOf(topic)!);
	const stance = $derived(app.views.stances[topic] ?? 'auto');
	const id = $props.id();
	const options = $derived([
		{ value: 'auto', name: 'The default', why: split.because },
		...split.schools.map((school) => ({
			value: school,
			name: school.charAt(0).toUpperCase() + school.slice(1).replaceAll('-', ' '),
			why: SIDES[`${topic}/${school}`] ?? ''
		})),
		...(split.schools.includes('both')
			? []
			: [{ value: 'both', name: 'Show both', why: 'See the calls of all views side by side.' }])
	]);
</script>

<fieldset class="grid gap-4">
	<legend class="sr-only">{split.about}</legend>
	{#each options as { value, name, why } (value)}
		<label class="grid cursor-pointer grid-cols-[18px_1fr] items-baseline phone:min-h-48 phone:items-center">
			<input
				type="radio"
				name="{id}-{topic}"
				{value}
				checked={stance === value}
				onchange={() => app.takeSide(topic, value)}
			/>
			<span><strong>{name}.</strong> {why}</span>
		</label>
	{/each}
</fieldset>
