<script lang="ts">
	import { download } from '../controls/download';
	import { describeBuild } from '$lib/core/rig/build/partNames';
	import { changedSince, rigRecordOf } from '$lib/core/records/rigRecord';
	import { InputFailure } from '$lib/core/foundation/schema/failure';
	import type { RigRecord } from '$lib/core/records/rigSchemas';
	import { SCHEMA_VERSION } from '$lib/core/records/version';
	import { drawGeometry } from '$lib/core/rig/drawing/rigDrawing';
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { rigGeometryOf } from '$lib/core/rig/geometry/rigGeometry';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { svgText } from '../rig/svgText';
	import type { Bench } from '$lib/client/state/bench.svelte';
	import { useApp } from '$lib/client/state/app.svelte';

	interface KeptRig {
		readonly id: string;
		readonly version: number;
		readonly record: RigRecord;
	}
	interface Props {
		bench: Bench;
		rigs: readonly KeptRig[];
		/** Lays a kept rig beside the one on the bench. */
		oncompare: (rig: KeptRig) => void;
	}
	const { bench, rigs, oncompare }: Props = $props();
	const app = useApp();
	let message = $state('');
	let gone = $state<KeptRig | null>(null);
	let brought = $state.raw<RigRecord | null>(null);

	const open = ({ id, version, record }: KeptRig) => {
		bench.open(record.build, { name: record.name, rigId: id, rigVersion: version, log: record.log });
		const changed = changedSince(record);
		message =
			changed.length > 0
				? `“${record.name}” is on Bench as it was built. The catalog has new numbers for: ${changed.join(', ')}.`
				: `“${record.name}” is on Bench.`;
	};
	const duplicate = ({ record }: KeptRig) => {
		bench.open(record.build, { name: `${record.name}, again`.slice(0, 120) });
		message = `A copy of “${record.name}” is on Bench. It is not saved yet.`;
	};
	async function drop(rig: KeptRig) {
		await app.sync.remove('rigs', rig.id, rig.version, rig.record.name);
		message = `Deleted “${rig.record.name}”.`;
		gone = rig;
	}
	async function bringBack() {
		if (!gone) return;
		await app.sync.bringBack();
		message = `“${gone.record.name}” is back.`;
		gone = null;
	}

	const fileName = (name: string): string =>
		name
			.toLowerCase()
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-|-$/g, '') || 'rig';
	const present = $derived(
		bench.record && rigRecordOf(bench.record.name || rigName(bench.record.build.rig), bench.record.build, bench.log)
	);
	const saveJson = () => {
		if (!present) return;
		const file = { kind: 'lucernal-rig', schemaVersion: SCHEMA_VERSION, rig: present };
		download(`${fileName(present.name)}.json`, JSON.stringify(file, null, '\t'), 'application/json');
	};
	const saveSvg = () => {
		if (present)
			download(
				`${fileName(present.name)}.svg`,
				svgText({ ...drawGeometry(rigGeometryOf(present.build)), text: describeBuild(present.build) }, present.name),
				'image/svg+xml'
			);
	};
	async function read(input: HTMLInputElement) {
		const file = input.files?.[0];
		brought = null;
		if (!file) return;
		let value: unknown;
		try {
			value = JSON.parse(await file.text());
		} catch {
			message = 'This file is not JSON. Choose a rig that was saved here.';
			return;
		}
		try {
			const { readRigFile } = await import('$lib/core/records/rigFile');
			brought = readRigFile(value);
			message = '';
		} catch (error) {
			if (!(error instanceof InputFailure)) throw error;
			const { path, message: text } = error.failure;
			message = `This is not a rig file. ${path ? `${path}: ` : ''}${text}`;
		}
	}
</script>

<section aria-labelledby="kept-rigs">
	<h2 class="border-b border-b-ink py-2" id="kept-rigs">Saved rigs</h2>
	{#if message}
		<p class="notice mx-0 my-4 flex flex-wrap items-center gap-10" role="status">
			{message}
			{#if gone}<button class="button" onclick={bringBack}>Undo</button>{/if}
		</p>
	{/if}
	<ul>
		{#each rigs as rig (rig.id)}
			{@const drawing = drawGeometry(rigGeometryOf(rig.record.build), true)}
			<li
				class="flex min-h-42 flex-wrap items-center gap-6 border-b border-b-rule"
				class:here={bench.record?.rigId === rig.id}
			>
				<span class="grid flex-[0_0_78px] place-items-center"
					><RigDrawing
						{drawing}
						scale={Math.min(76 / drawing.bounds.width, 36 / drawing.bounds.height)}
						decorative
					/></span
				>
				<span class="what flex-[1_1_130px]"
					><strong>{rig.record.name}</strong>
					{rigName(rig.record.build.rig)}, {ouncesText(rig.record.build.rig.weightOz)} oz</span
				>
				<button class="button" aria-label="Open {rig.record.name}" onclick={() => open(rig)}>Open</button>
				<button class="button" aria-label="Compare with {rig.record.name}" onclick={() => oncompare(rig)}
					>Compare</button
				>
				<button class="button" aria-label="Duplicate {rig.record.name}" onclick={() => duplicate(rig)}>Duplicate</button
				>
				<button class="button" aria-label="Delete {rig.record.name}" onclick={() => drop(rig)}>Delete</button>
			</li>
		{:else}<li class="quiet flex min-h-42 flex-wrap items-center gap-6 border-b border-b-rule">
				No saved rigs yet. Name your rig and press “Save”.
			</li>{/each}
	</ul>
	<div class="flex flex-wrap items-center gap-x-12 gap-y-6 pt-6">
		<button class="button" onclick={saveJson}>Save as JSON</button>
		<button class="button" onclick={saveSvg}>Save drawing as SVG</button>
		<label
			>Import a rig <input
				type="file"
				accept="application/json,.json"
				onchange={({ currentTarget }) => read(currentTarget)}
			/></label
		>
	</div>
	{#if brought}
		<p class="notice mx-0 my-4 flex flex-wrap items-center gap-10" role="status">
			“{brought.name}”: {rigName(brought.build.rig)}, {ouncesText(brought.build.rig.weightOz)} oz, {brought.parts
				.length} parts,
			{brought.log.length} entries of history. It replaces the rig on Bench; saved rigs don’t change.
			<button
				class="button button-amber"
				onclick={() => {
					if (brought) bench.open(brought.build, { name: brought.name, log: brought.log });
					brought = null;
				}}>Open it on Bench</button
			>
		</p>
	{/if}
</section>

<style>
	li.here {
		border-left: 3px solid var(--amber);
		padding-left: 5px;
	}
	.what strong {
		display: block;
	}
</style>
