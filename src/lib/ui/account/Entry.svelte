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

<div class="grid w-full max-w-[24rem] gap-4">
	<label class="font-640" for={id}>{label}</label>
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
	{#if wrong}<p id="{id}-note" class="wrong font-640 text-fail" role="alert">{wrong}</p>
	{:else if hint}<p id="{id}-note" class="text-ink-2">{hint}</p>{/if}
</div>
