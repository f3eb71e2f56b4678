<script lang="ts">
	interface Props {
		name: string;
		label: string;
		type?: 'text' | 'password';
		value?: string;
		hint?: string;
		/** What is wrong with it. */
		wrong?: string | null | undefined;
		autocomplete: 'username' | 'current-password' | 'new-password' | 'one-time-code';
	}
	const { name, label, type = 'text', value = '', hint, wrong, autocomplete }: Props = $props();
	const id = $props.id();
</script>

<div class="entry">
	<label for={id}>{label}</label>
	<input
		{id}
		class="field"
		{name}
		{type}
		{value}
		{autocomplete}
		required
		autocapitalize="off"
		spellcheck="false"
		aria-invalid={wrong ? 'true' : undefined}
		aria-describedby={wrong || hint ? `${id}-note` : undefined}
	/>
	{#if wrong}<p id="{id}-note" class="wrong" role="alert">{wrong}</p>
	{:else if hint}<p id="{id}-note" class="hint">{hint}</p>{/if}
</div>

<style>
	.entry {
		display: grid;
		gap: 4px;
		width: 100%;
		max-width: 24rem;
	}
	label {
		font-weight: 640;
	}
	.hint {
		color: var(--ink-2);
	}
	.wrong {
		color: var(--fails);
		font-weight: 640;
	}
</style>
