<script lang="ts">
	const { of }: { of: number } = $props();
	const WORDS = ['', 'a nudge', 'a good habit', 'decides'];
	/** One path each for the boxes and for those that are filled: a page of rules has hundreds of them. */
	const boxes = (count: number): string => 'M.5.5h6v9h-6zM9.5.5h6v9h-6zM18.5.5h6v9h-6z'.split('z', count).join('z');
</script>

<svg class="fill-none stroke-ink" width="25" height="10" role="img" aria-label="strength {of} of 3, {WORDS[of]}"
	><path d={boxes(of)} /><path d="{boxes(3)}z" /></svg
>

<style>
	svg > :global(:first-child) {
		fill: var(--ink);
	}
</style>
