<script lang="ts">
	const { codes }: { codes: readonly string[] } = $props();
</script>

<section aria-labelledby="codes">
	<h2 id="codes">Codes for the day the passphrase is lost</h2>
	<p>Each opens this account once. They are shown now and never again: write them down or print this page.</p>
	<ul>
		{#each codes as code (code)}<li>{code}</li>{/each}
	</ul>
</section>

<style>
	section {
		display: grid;
		gap: 8px;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
		gap: 4px 16px;
		padding: 10px 12px;
		border: 1px solid var(--rule-2);
		font-family: var(--font-mono);
	}
</style>
