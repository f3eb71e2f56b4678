<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';

	const VIEWS = [
		['/tank', 'The cast'],
		['/tank/approach', 'Where to sit'],
		['/tank/feel', 'By feel'],
		['/tank/calibration', 'Measured']
	] as const;
</script>

<nav class="views" aria-label="Tank views">
	{#each VIEWS as [path, name] (path)}
		<a href={resolve(path)} aria-current={page.url.pathname === path ? 'page' : undefined}>{name}</a>
	{/each}
</nav>
