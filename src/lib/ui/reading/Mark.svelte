<script lang="ts">
	import type { Provenance } from '$lib/presentation/provenance';

	const { as, id }: { as: Provenance; id?: string } = $props();
	const WORDS = { read: 'read', assumed: 'assumed', unread: 'not entered' } as const;
</script>

<span class="mark {as}" title={WORDS[as]}><span class="sr-only" {id}>({WORDS[as]})</span></span>

<style>
	.mark {
		display: inline-block;
		width: 9px;
		height: 9px;
		margin-left: 5px;
		border: 1.5px solid var(--ink-2);
		border-radius: 50%;
	}
	.read {
		background: var(--ink);
		border-color: var(--ink);
	}
	.unread {
		height: 0;
		margin-bottom: 3px;
		border-width: 1px 0 0;
		border-radius: 0;
	}
</style>
