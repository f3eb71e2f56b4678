<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Account from './Account.svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import { SHORTCUTS } from '$lib/ui/frame/screens';
	import ThemeSwitch from '$lib/ui/frame/ThemeSwitch.svelte';
	import Segment from '$lib/ui/controls/Segment.svelte';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const app = useApp();
</script>

<div class="grid max-w-[84rem] justify-items-start gap-16 px-16 pt-10 pb-24">
	<h1>Settings</h1>
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
			<span class="quiet">Lure weight stays in ounces and line in pounds, as tackle is sold.</span>
		</div>
		<label class="row">
			<span>Currency</span>
			<input
				class="field w-[5rem]"
				name="currency"
				maxlength={4}
				autocomplete="off"
				placeholder="$"
				value={app.settings.currency ?? ''}
				onchange={({ currentTarget }) => app.set({ currency: currentTarget.value.trim() || undefined })}
			/>
			<span class="quiet">Shown before costs: a sign or letters, such as $ or EUR.</span>
		</label>
		<label class="row">
			<span>Single-letter shortcuts</span>
			<input
				class="h-20 w-20 accent-ink"
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
	<div class="row">
		<span>Records</span>
		<a class="button" href={resolve('/api/v1/records')} download>Export all as JSON</a>
		<span class="quiet"
			>Everything you saved, to import into another account on <a class="underline" href={resolve('/logbook')}
				>Logbook</a
			>.</span
		>
	</div>
	<div class="grid w-full grid-cols-[repeat(auto-fit,minmax(min(100%,22rem),1fr))] gap-x-48 gap-y-16">
		<Account {data} {form} />
		<section>
			<h2>Shortcuts</h2>
			<dl>
				{#each SHORTCUTS as [key, what] (key)}<div class="flex gap-16 border-b border-rule py-3">
						<dt class="min-w-70 font-mono">{key}</dt>
						<dd>{what}</dd>
					</div>{/each}
			</dl>
		</section>
		<section class="grid content-start gap-6">
			<h2>Where the numbers come from</h2>
			<p>
				The call weighs the rules good anglers use, each with its strength. Where they disagree, <a
					class="underline"
					href={resolve('/craft')}>you choose your view</a
				>. It is advice, not a promise of fish.
			</p>
			<p>
				How a rig runs is worked out from drag, lift and weight, and is off by 10 to 25 % until <a
					class="underline"
					href={resolve('/tank/calibration')}>you measure your own</a
				>.
			</p>
			<p>
				How colors look is worked out from water, sky and a bass’s eye; distances are off by up to 40 %. Being seen is
				not being eaten.
			</p>
			<p>
				What your log shows comes with the range that luck alone could produce. Local rules and the authority’s word
				come before all of it.
			</p>
		</section>
	</div>
</div>

<style>
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
</style>
