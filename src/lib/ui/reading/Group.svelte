<script lang="ts">
	import { untrack, type Snippet } from 'svelte';

	interface Props {
		title: string;
		/** What is under the lid, in words, so that it is seen while that is closed. */
		rest: string;
		/** Whether something under the lid needs to be looked at. */
		wrong?: boolean;
		children?: Snippet;
		more: Snippet;
	}
	const { title, rest, wrong = false, children, more }: Props = $props();

	/** The lid opens over what is wrong, and is the angler's own otherwise. */
	let open = $state(untrack(() => wrong));
	$effect(() => {
		if (wrong) open = true;
	});
</script>

<section aria-label={title}>
	<h2 class="border-b border-b-ink pt-4">{title}</h2>
	{@render children?.()}
	<details bind:open>
		<summary class="cursor-pointer py-5 text-ink-2 phone:min-h-48 phone:px-0 phone:py-12"><span>{rest}</span></summary>
		{@render more()}
	</details>
</section>

<style>
	section + :global(section) {
		margin-top: 10px;
	}
	summary:hover {
		background: var(--panel);
	}
	details[open] summary span {
		color: var(--ink);
	}
</style>
