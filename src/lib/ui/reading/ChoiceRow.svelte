<script lang="ts">
	import Segment from '../parts/Segment.svelte';
	import type { ChoiceField } from '$lib/forms/fields';

	interface Props {
		field: ChoiceField;
		value: string | undefined;
		suggested?: string | undefined;
		short?: Readonly<Record<string, string>>;
		onvalue: (value: string) => void;
	}
	const { field, value, suggested, short, onvalue }: Props = $props();
</script>

<div class="row" id="field-{field.key}">
	<span class="label" aria-hidden="true">{field.label}</span>
	<Segment name={field.key} legend={field.label} options={field.options} {value} {suggested} {short} {onvalue} />
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
		min-width: 72px;
		font-weight: 640;
	}
</style>
