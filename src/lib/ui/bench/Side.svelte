<script lang="ts">
	import { startBuild, withFamily } from '$lib/core/rig/build/start';
	import { rigName } from '$lib/core/foundation/labels/describe';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { FAMILIES, type Family } from '$lib/core/foundation/schema/words';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import type { Bench } from '$lib/client/state/bench.svelte';
	import ControlField from './ControlField.svelte';
	import PartRows from './PartRows.svelte';
	import type { OwnEntry } from './controls';
	import { layoutChoice } from './rows';

	interface Props {
		bench: Bench;
		build: Build;
		own: readonly OwnEntry[];
		units: UnitSystem;
		/** Parts that a failing check points at. */
		marked: ReadonlySet<string>;
		onbuild: (build: Build, key: string) => void;
		/** Holds this build beside what comes next. */
		onhold: () => void;
	}
	const { bench, build, own, units, marked, onbuild, onhold }: Props = $props();
	const layout = $derived(layoutChoice(build));
</script>

<div class="head flex items-center gap-6 px-12 pt-6 pb-0 text-s phone:flex-wrap">
	<label class="name flex flex-1 items-center gap-6"
		>Rig <input
			class="field"
			maxlength="120"
			placeholder={rigName(build.rig)}
			value={bench.record?.name ?? ''}
			onchange={({ currentTarget }) => bench.rename(currentTarget.value)}
		/></label
	>
	<button class="button" onclick={onhold} title="Keep this build to compare with the next one">Compare</button>
</div>
<div class="head flex items-center gap-6 px-12 pt-6 pb-0 text-s phone:flex-wrap">
	<label class="sr-only" for="family">Family</label>
	<select
		id="family"
		class="field"
		value={build.rig.family}
		onchange={({ currentTarget }) => bench.change(withFamily(build, currentTarget.value as Family))}
	>
		{#each FAMILIES as family (family)}<option value={family}>{spokenFirst(family)}</option>{/each}
	</select>
	{#if layout}<ControlField control={layout} of="Blades" {units} {onbuild} />{/if}
	<button class="button" onclick={() => bench.open(startBuild(build.rig.family))}>Start from scratch</button>
</div>
<PartRows {build} {own} {units} {marked} {onbuild} />
<p class="px-12 py-6 text-xs text-ink-2">
	Eye protection with wire, pliers and knives. {build.rig.headMaterial === 'lead'
		? 'Lead: wash your hands and keep it from children.'
		: ''}
	Follow your local rules.
</p>

<style>
	.head .button {
		white-space: nowrap;
		padding-inline: 8px;
	}
	.name input {
		flex: 1;
		min-width: 0;
	}
</style>
