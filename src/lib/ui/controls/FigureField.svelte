<script lang="ts">
	import type { Snippet } from 'svelte';
	import { typedFigure } from '$lib/presentation/typed';

	interface Props {
		/** Its spoken name. */
		label: string;
		/** What stands in it while nothing else is typed. */
		value: string | number;
		/** Ends of what it may be, as it is shown. */
		low: number;
		high: number;
		whole?: boolean;
		unit?: string;
		onvalue: (figure: number) => void;
		/** What stands behind it, such as its unit. */
		children?: Snippet;
	}
	const { label, value, low, high, whole = false, unit = '', onvalue, children }: Props = $props();
	/** What was typed and is none of the figures that it may be: it stays, and is said. */
	let refused = $state<string | null>(null);

	function take(text: string) {
		const figure = typedFigure(text);
		const isOne = figure >= low && figure <= high && (!whole || Number.isInteger(figure));
		refused = isOne ? null : text;
		if (isOne) onvalue(figure);
	}
</script>

<input
	class="field figure mr-4 min-h-28 w-[4.4rem] py-0 phone:min-h-48"
	inputmode={whole ? 'numeric' : 'decimal'}
	autocomplete="off"
	aria-label={label}
	aria-invalid={refused !== null || undefined}
	value={refused ?? value}
	onchange={({ currentTarget }) => take(currentTarget.value)}
/>
{@render children?.()}
{#if refused !== null}<span class="block text-xs text-fail" role="alert">{low} to {high}{unit && ` ${unit}`}</span>{/if}
