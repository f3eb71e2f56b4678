<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
</script>

<svelte:head><title>Lucernal: {page.status}</title></svelte:head>

<main class="mx-auto grid min-h-screen max-w-[34rem] content-center gap-12 p-24">
	<h1>{page.status === 404 ? 'There is no such page.' : 'Something went wrong.'}</h1>
	<p>{page.error?.message}</p>
	<p><a class="button" href={resolve('/water')}>Back to Water</a></p>
</main>
