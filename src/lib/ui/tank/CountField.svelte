<script lang="ts">
	import FigureField from '../controls/FigureField.svelte';

	/** Seconds that are counted before the winding begins. */
	let { seconds = $bindable() }: { seconds: number } = $props();
	/** As long as anybody counts, s. */
	const MAX_S = 60;
</script>

<label
	>Count <FigureField label="Count" value={seconds} low={0} high={MAX_S} unit="s" onvalue={(s) => (seconds = s)}
		>s</FigureField
	></label
>
