<script lang="ts">
	import type { ReadAs } from '$lib/forms/readAs';
	import Mark from './Mark.svelte';
	import Segment from '../parts/Segment.svelte';
	import type { ChoiceField } from '$lib/forms/fields';

	interface Props {
		field: ChoiceField;
		value: string | undefined;
		as: ReadAs;
		suggested?: string | undefined;
		onvalue: (value: string) => void;
	}
	const { field, value, as, suggested, onvalue }: Props = $props();
</script>

<div class="flex flex-wrap items-center gap-x-8 gap-y-4 border-b border-b-rule py-3" id="field-{field.key}">
	<span class="min-w-98 font-640">{field.label}<Mark {as} /></span>
	<Segment name={field.key} legend={field.label} options={field.options} {value} {suggested} {onvalue} />
</div>
