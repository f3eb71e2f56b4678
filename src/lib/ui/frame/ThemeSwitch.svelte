<script lang="ts">
	import { enhance } from '$app/forms';
	import { page } from '$app/state';

	const { wide = false }: { wide?: boolean } = $props();
	const THEMES = [
		['day', 'Day'],
		['lamp', 'Lamp']
	] as const;
	const theme = $derived(page.data.theme as string | null);
</script>

<form
	class="switch"
	class:wide
	method="POST"
	action="/settings?/theme"
	use:enhance={({ formData, submitter }) => {
		const chosen = (submitter as HTMLButtonElement | null)?.value ?? String(formData.get('theme'));
		document.documentElement.dataset.theme = chosen;
		return ({ update }) => update({ reset: false });
	}}
>
	<input type="hidden" name="back" value={page.url.pathname} />
	{#each THEMES as [value, name] (value)}
		<button name="theme" {value} aria-pressed={theme === value} aria-label="{name} theme">{name}</button>
	{/each}
</form>

<style>
	.switch {
		display: flex;
		flex-direction: column;
		border: 1px solid var(--ink);
		border-radius: 3px;
		overflow: clip;
	}
	.switch.wide {
		flex-direction: row;
	}
	button {
		flex: 1;
		min-height: 28px;
		font-weight: 560;
		cursor: pointer;
	}
	button:hover {
		text-decoration: underline;
	}
	:global([data-theme='day']) button[value='day'] {
		background: var(--ink);
		color: var(--paper);
	}
	:global([data-theme='lamp']) button[value='lamp'] {
		background: var(--amber);
		color: var(--on-amber);
	}
	@media (prefers-color-scheme: light) {
		:global(:root:not([data-theme])) button[value='day'] {
			background: var(--ink);
			color: var(--paper);
		}
	}
	@media (prefers-color-scheme: dark) {
		:global(:root:not([data-theme])) button[value='lamp'] {
			background: var(--amber);
			color: var(--on-amber);
		}
	}
	.wide button {
		min-height: 48px;
		padding: 0 16px;
	}
</style>
