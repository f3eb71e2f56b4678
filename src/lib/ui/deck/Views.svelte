<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';

	const VIEWS = [
		['/deck', 'The day'],
		['/deck/places', 'Places'],
		['/waters', 'Waters and spots']
	] as const;
</script>

<nav class="views" aria-label="Deck views">
	{#each VIEWS as [path, name] (path)}
		<a href={resolve(path)} aria-current={page.url.pathname === path ? 'page' : undefined}>{name}</a>
	{/each}
</nav>
