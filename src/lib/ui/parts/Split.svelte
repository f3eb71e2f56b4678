<script lang="ts">
	import { splitOf } from '$lib/core/claims/splits';

	const { side }: { side: string } = $props();
	const topic = $derived(side.split('/')[0]!);
	const school = $derived(side.split('/')[1]!);
	const split = $derived(splitOf(topic));
</script>

<span class="split" title="{split?.about}: good anglers disagree. This side: {school}. {split?.because ?? ''}"
	>split</span
>

<style>
	.split {
		margin-left: 4px;
		padding: 0 5px;
		border: 1px dashed var(--ink-2);
		border-radius: 3px;
		font-size: 11.5px;
		font-weight: 560;
		white-space: nowrap;
	}
</style>
