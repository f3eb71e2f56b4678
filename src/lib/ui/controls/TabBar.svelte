<script lang="ts" generics="T extends string">
	import { Tabs } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		label: string;
		tabs: readonly (readonly [id: T, name: string])[];
		value: T;
		/** A tab that is there on a phone alone, where room is short. */
		phoneOnly?: T;
		/** On a phone one list to choose from: for more tabs than fit in a line there. */
		listed?: boolean;
		children: Snippet;
	}
	let { label, tabs, value = $bindable(), phoneOnly, listed = false, children }: Props = $props();
</script>

{#if listed}
	<label
		class="tab-list phone-only phone:flex phone:items-center phone:gap-10 phone:border-y phone:border-y-ink phone:px-12 phone:py-4"
		>{label}
		<select class="field" bind:value>
			{#each tabs as [id, name] (id)}<option value={id}>{name}</option>{/each}
		</select>
	</label>
{/if}

<Tabs.Root bind:value={() => value as string, (next) => (value = next as T)}>
	<Tabs.List class={['tab-bar', listed && 'laptop-only']} aria-label={label}>
		{#each tabs as [id, name] (id)}
			<Tabs.Trigger value={id} class={id === phoneOnly ? 'phone-only' : ''}>{name}</Tabs.Trigger>
		{/each}
	</Tabs.List>
	<Tabs.Content {value}>{@render children()}</Tabs.Content>
</Tabs.Root>

<style>
	:global(.tab-bar) {
		display: flex;
		flex-wrap: wrap;
		gap: 0 16px;
	}
	:global(.tab-bar button) {
		padding: 3px 0;
		color: var(--ink-2);
		cursor: pointer;
	}
	:global(.tab-bar button[data-state='active']) {
		color: var(--ink);
		font-weight: 680;
		box-shadow: inset 0 -3px var(--amber);
	}
	@media (width < 56rem) {
		:global(.tab-bar button) {
			min-height: 48px;
		}
		.tab-list select {
			flex: 1;
			min-height: 48px;
		}
	}
</style>
