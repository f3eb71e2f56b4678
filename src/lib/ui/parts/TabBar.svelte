<script lang="ts" generics="T extends string">
	import { Tabs } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		label: string;
		tabs: readonly (readonly [id: T, name: string])[];
		value: T;
		/** A tab that is there on a phone alone, where room is short. */
		phoneOnly?: T;
		children: Snippet;
	}
	let { label, tabs, value = $bindable(), phoneOnly, children }: Props = $props();
</script>

<Tabs.Root bind:value={() => value as string, (next) => (value = next as T)}>
	<Tabs.List class="tab-bar" aria-label={label}>
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
	:global(.tab-bar .phone-only) {
		display: none;
	}
	@media (width < 56rem) {
		:global(.tab-bar button) {
			min-height: 48px;
		}
		:global(.tab-bar .phone-only) {
			display: block;
		}
	}
</style>
