<script lang="ts">
	import type { Provenance } from '$lib/presentation/provenance';
	import Mark from './Mark.svelte';
	import Segment from '../controls/Segment.svelte';
	import type { ChoiceField } from '$lib/presentation/fields';

	interface Props {
		field: ChoiceField;
		value: string | undefined;
		as: Provenance;
		suggested?: string | undefined;
		onvalue: (value: string) => void;
	}
	const { field, value, as, suggested, onvalue }: Props = $props();
</script>

<div class="row" id="field-{field.key}">
	<span class="label">{field.label}<Mark {as} /></span>
	<Segment name={field.key} legend={field.label} options={field.options} {value} {suggested} {onvalue} />
</div>

<style>
	.row {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 8px;
		padding: 3px 0;
		border-bottom: 1px solid var(--rule);
	}
	.label {
		min-width: 98px;
		font-weight: 640;
	}
</style>
