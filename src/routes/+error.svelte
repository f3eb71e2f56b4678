<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
</script>

<svelte:head><title>Lucernal: {page.status}</title></svelte:head>

<main class="mx-auto grid min-h-screen max-w-[34rem] content-center gap-12 p-24">
	<h1>{page.status === 404 ? 'Nothing is here.' : 'This did not work.'}</h1>
	<p>{page.error?.message}</p>
	<p><a class="button" href={resolve('/water')}>Back to the water</a></p>
</main>
