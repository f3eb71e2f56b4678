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
	class="switch flex flex-col overflow-clip rounded-[3px] border border-ink"
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
		<button
			class="min-h-28 flex-1 cursor-pointer font-560"
			name="theme"
			{value}
			aria-pressed={theme === value}
			aria-label="{name} theme">{name}</button
		>
	{/each}
</form>

<style>
	.switch.wide {
		flex-direction: row;
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
