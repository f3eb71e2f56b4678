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

<nav aria-label="Views of the tank">
	{#each VIEWS as [path, name] (path)}
		<a href={resolve(path)} aria-current={page.url.pathname === path ? 'page' : undefined}>{name}</a>
	{/each}
</nav>

<style>
	nav {
		display: flex;
		gap: 14px;
	}
	a {
		padding: 3px 0;
		color: var(--ink-2);
	}
	a[aria-current] {
		color: var(--ink);
		font-weight: 680;
		box-shadow: inset 0 -3px var(--amber);
	}
	@media (width < 56rem) {
		a {
			display: grid;
			align-items: center;
			min-height: 48px;
		}
	}
</style>
