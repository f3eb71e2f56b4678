<script lang="ts">
	const { codes }: { codes: readonly string[] } = $props();
</script>

<section class="grid gap-8" aria-labelledby="codes">
	<h2 id="codes">Recovery codes</h2>
	<p>
		Each code opens your account once if you lose your passphrase. They are shown only now: write them down or print
		this page.
	</p>
	<ul
		class="grid grid-cols-[repeat(auto-fit,minmax(13rem,1fr))] gap-x-16 gap-y-4 border border-rule-2 px-12 py-10 font-mono"
	>
		{#each codes as code (code)}<li>{code}</li>{/each}
	</ul>
</section>
