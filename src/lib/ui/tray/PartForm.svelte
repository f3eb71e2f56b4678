<script lang="ts">
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import type { TrayPart } from '$lib/core/foundation/schema/tray';
	import { FIELD_KINDS, fieldsFor, partFrom, type FieldKind, type Values } from './partForm';
	import type { Snippet } from 'svelte';

	interface Props {
		/** Tells the fields of this form from those of another one on the page. */
		name: string;
		/** What is pressed when the part is entered, and more fields before it. */
		children: Snippet<[TrayPart]>;
	}
	const { name, children }: Props = $props();

	let kind = $state<FieldKind>('blade');
	let values = $state<Values>({});
	const fields = $derived(fieldsFor(kind, values));
	const part = $derived(partFrom(kind, values));

	function choose(key: string, text: string): void {
		const held = fields.find((one) => one.key === key)?.options.find((value) => String(value) === text);
		if (held !== undefined) values = { ...values, [key]: held };
	}
</script>

<div class="flex flex-wrap items-end gap-8">
	<label class="grid gap-2"
		>Part<select class="field" name="{name}-part" bind:value={kind}>
			{#each FIELD_KINDS as one (one)}<option value={one}>{spokenFirst(one)}</option>{/each}
		</select></label
	>
	{#each fields as { key, label, options, value, text } (key)}
		<label class="grid gap-2"
			>{label}<select
				class="field"
				name="{name}-{key}"
				value={String(value)}
				onchange={(event) => choose(key, event.currentTarget.value)}
			>
				{#each options as option (option)}<option value={String(option)}>{text(option)}</option>{/each}
			</select></label
		>
	{/each}
	{@render children(part)}
</div>
