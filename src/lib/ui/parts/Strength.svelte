<script lang="ts">
	const { of }: { of: number } = $props();
	const WORDS = ['', 'a nudge', 'a sound habit', 'decides'];
</script>

<svg width="25" height="10" role="img" aria-label="strength {of} of 3, {WORDS[of]}">
	{#each [0, 1, 2] as box (box)}
		<rect x={box * 9 + 0.5} y="0.5" width="6" height="9" fill={box < of ? 'var(--ink)' : 'none'} stroke="var(--ink)" />
	{/each}
</svg>
