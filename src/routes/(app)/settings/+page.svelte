<script lang="ts">
	import { enhance } from '$app/forms';
	import Account from './Account.svelte';
	import { useApp } from '$lib/client/app.svelte';
	import { SHORTCUTS } from '$lib/ui/frame/screens';
	import ThemeSwitch from '$lib/ui/frame/ThemeSwitch.svelte';
	import Segment from '$lib/ui/controls/Segment.svelte';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const app = useApp();
</script>

<div class="settings">
	<h1>How should it be shown?</h1>
	{#if form && 'message' in form && !('field' in form)}<p class="notice notice-fails" role="alert">
			{form.message}
		</p>{/if}
	<form
		class="grid justify-items-start gap-10"
		method="POST"
		action="?/settings"
		use:enhance={({ cancel }) => cancel()}
	>
		<div class="row">
			<span aria-hidden="true">Units</span>
			<Segment
				name="units"
				legend="Units"
				options={['metric', 'imperial']}
				value={app.settings.units}
				onvalue={(units) => app.set({ units: units as typeof app.units })}
			/>
			<span class="quiet">Lure weight stays in ounces, line in pounds-test: so it is sold.</span>
		</div>
		<label class="row">
			<span>Single-letter shortcuts</span>
			<input
				type="checkbox"
				name="shortcuts"
				checked={app.settings.shortcuts}
				onchange={({ currentTarget }) => app.set({ shortcuts: currentTarget.checked })}
			/>
		</label>
		{#if !app.live}<button class="button">Save</button>{/if}
		{#if form && 'saved' in form}<span role="status">Saved.</span>{/if}
	</form>
	<div class="row"><span>Light</span><ThemeSwitch wide /></div>
	<div class="sides">
		<Account {data} {form} />
		<section>
			<h2>Shortcuts</h2>
			<dl>
				{#each SHORTCUTS as [key, what] (key)}<div>
						<dt class="min-w-70 font-mono">{key}</dt>
						<dd>{what}</dd>
					</div>{/each}
			</dl>
		</section>
	</div>
</div>

<style>
	.settings {
		display: grid;
		gap: 16px;
		justify-items: start;
		max-width: 64rem;
		padding: 10px 16px 24px;
	}
	.sides {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(100%, 22rem), 1fr));
		gap: 16px 48px;
		width: 100%;
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
</style>
