<script lang="ts">
	import { enhance } from '$app/forms';
	import { useDesk } from '$lib/ui/desk/desk.svelte';
	import { SHORTCUTS } from '$lib/ui/frame/screens';
	import ThemeSwitch from '$lib/ui/frame/ThemeSwitch.svelte';
	import Segment from '$lib/ui/parts/Segment.svelte';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const desk = useDesk();
	let sheet: HTMLFormElement;
</script>

<div class="settings">
	<h1>How should it be shown?</h1>
	{#if form && 'message' in form}<p class="notice notice-fails" role="alert">{form.message}</p>{/if}
	<form
		bind:this={sheet}
		method="POST"
		action="?/settings"
		use:enhance={() =>
			({ update }) =>
				update({ reset: false })}
	>
		<div class="row">
			<span aria-hidden="true">Units</span>
			<Segment
				name="units"
				legend="Units"
				options={['metric', 'imperial']}
				value={desk.settings.units}
				onvalue={() => sheet.requestSubmit()}
			/>
			<span class="quiet">Lure weight stays in ounces, line in pounds-test: so it is sold.</span>
		</div>
		<label class="row">
			<span>Single-letter shortcuts</span>
			<input
				type="checkbox"
				name="shortcuts"
				checked={desk.settings.shortcuts}
				onchange={() => sheet.requestSubmit()}
			/>
		</label>
		<button class="button">Save</button>
		{#if form && 'saved' in form}<span role="status">Saved.</span>{/if}
	</form>
	<div class="row"><span>Light</span><ThemeSwitch wide /></div>
	<section>
		<h2>Shortcuts</h2>
		<dl>
			{#each SHORTCUTS as [key, what] (key)}<div>
					<dt>{key}</dt>
					<dd>{what}</dd>
				</div>{/each}
		</dl>
	</section>
	<form method="POST" action="?/close">
		<p>Signed in as {data.angler}. <button class="button">Close the session</button></p>
	</form>
</div>

<style>
	.settings {
		display: grid;
		gap: 16px;
		justify-items: start;
		max-width: 44rem;
		padding: 10px 16px 24px;
	}
	form {
		display: grid;
		gap: 10px;
		justify-items: start;
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		align-items: center;
		min-height: 40px;
	}
	.row > span:first-child {
		min-width: 160px;
		font-weight: 640;
	}
	.quiet {
		color: var(--ink-2);
	}
	input[type='checkbox'] {
		width: 20px;
		height: 20px;
		accent-color: var(--ink);
	}
	dl div {
		display: flex;
		gap: 16px;
		padding: 3px 0;
		border-bottom: 1px solid var(--rule);
	}
	dt {
		min-width: 70px;
		font-family: var(--font-mono);
	}
</style>
