<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
</script>

<svelte:head><title>Lucernal: {page.status}</title></svelte:head>

<main>
	<h1>{page.status === 404 ? 'Nothing is here.' : 'This did not work.'}</h1>
	<p>{page.error?.message}</p>
	<p><a class="button" href={resolve('/water')}>Back to the water</a></p>
</main>

<style>
	main {
		display: grid;
		gap: 12px;
		align-content: center;
		max-width: 34rem;
		min-height: 100vh;
		margin: 0 auto;
		padding: 24px;
	}
</style>
