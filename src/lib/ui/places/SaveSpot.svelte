<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { useApp } from '$lib/client/state/app.svelte';
	import { blankWater, freeName, spotFromReading } from '$lib/client/state/newPlaces';
	import { nameFault } from './fields';

	/** Saves where the current reading was taken as a spot: a name is proposed, so that two taps are enough. */
	let { open = $bindable() }: { open: boolean } = $props();
	const app = useApp();
	const NEW = '';
	let chosen = $state<string | null>(null);
	const waterId = $derived(chosen ?? app.spot?.water.id ?? app.waters[0]?.id ?? NEW);
	const water = $derived(app.waters.find(({ id }) => id === waterId) ?? null);
	let typedName = $state<string | null>(null);
	let typedWater = $state<string | null>(null);
	const proposed = $derived(
		freeName(
			'Spot',
			(water?.spots ?? []).map(({ name }) => name)
		)
	);
	const proposedWater = $derived(
		freeName(
			'Water',
			app.waters.map(({ name }) => name)
		)
	);
	let wrong = $state<string | null>(null);
	let wrongWater = $state<string | null>(null);

	function show(now: boolean) {
		open = now;
		[chosen, typedName, typedWater, wrong, wrongWater] = [null, null, null, null, null];
	}
	function save(event: SubmitEvent) {
		event.preventDefault();
		const [name, waterName] = [(typedName ?? proposed).trim(), (typedWater ?? proposedWater).trim()];
		wrong = nameFault(name);
		wrongWater = water ? null : nameFault(waterName);
		if (wrong ?? wrongWater) return;
		const at = water?.id ?? app.saveWater(blankWater(waterName, app.complete.place));
		app.placeReading(app.saveSpot(spotFromReading(at, name, app.reading)));
		show(false);
		app.said = `Saved as the spot “${name}”.`;
	}
</script>

<Dialog.Root bind:open={() => open, show}>
	<Dialog.Portal>
		<Dialog.Overlay class="sheet-veil" />
		<Dialog.Content class="sheet">
			<Dialog.Title class="sheet-title">Save as a spot</Dialog.Title>
			<form class="grid gap-10" novalidate onsubmit={save}>
				<label class="grid gap-4">
					<span>Name of the spot</span>
					<input
						class="field w-full text-left"
						maxlength="120"
						value={typedName ?? proposed}
						aria-invalid={wrong ? 'true' : undefined}
						oninput={({ currentTarget }) => (typedName = currentTarget.value)}
					/>
					{#if wrong}<span class="wrong" role="alert">{wrong}</span>{/if}
				</label>
				<label class="grid gap-4">
					<span>Water</span>
					<select class="field w-full" value={waterId} onchange={(e) => (chosen = e.currentTarget.value)}>
						{#each app.waters as one (one.id)}
							<option value={one.id} selected={one.id === waterId}>{one.name}</option>
						{/each}
						<option value={NEW} selected={waterId === NEW}>New water</option>
					</select>
				</label>
				{#if !water}
					<label class="grid gap-4">
						<span>Name of the water</span>
						<input
							class="field w-full text-left"
							maxlength="120"
							value={typedWater ?? proposedWater}
							aria-invalid={wrongWater ? 'true' : undefined}
							oninput={({ currentTarget }) => (typedWater = currentTarget.value)}
						/>
						{#if wrongWater}<span class="wrong" role="alert">{wrongWater}</span>{/if}
					</label>
				{/if}
				<p class="quiet">It saves the depth and cover of this reading. You can add everything else later.</p>
				<button class="button button-amber">Save</button>
			</form>
			<Dialog.Close class="button">Cancel</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
