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
	<h2>{title}</h2>
	{@render children?.()}
	<details bind:open>
		<summary><span>{rest}</span></summary>
		{@render more()}
	</details>
</section>

<style>
	section + :global(section) {
		margin-top: 10px;
	}
	h2 {
		padding-top: 4px;
		border-bottom: 1px solid var(--ink);
	}
	summary {
		padding: 5px 0;
		color: var(--ink-2);
		cursor: pointer;
	}
	summary:hover {
		background: var(--panel);
	}
	details[open] summary span {
		color: var(--ink);
	}
	@media (width < 56rem) {
		summary {
			min-height: 48px;
			padding: 12px 0;
		}
	}
</style>
