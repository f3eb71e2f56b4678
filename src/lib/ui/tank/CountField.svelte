<script lang="ts">
	import FigureField from '../controls/FigureField.svelte';

	interface Props {
		/** Seconds that are counted before the winding begins. */
		seconds: number;
		oncount: (seconds: number) => void;
	}
	const { seconds, oncount }: Props = $props();
	/** As long as anybody counts, s. */
	const MAX_S = 60;
</script>

<label
	>Count <FigureField label="Count" value={seconds} low={0} high={MAX_S} unit="s" onvalue={oncount}>s</FigureField
	></label
>
