<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import { newUuid } from '$lib/client/sync/uuid';
	import { withItem } from '$lib/core/records/ownedParts';
	import { ITEMS_MAX } from '$lib/core/records/trayLimits';
	import type { TrayRecord } from '$lib/core/records/trayRecord';
	import { download } from '../controls/download';
	import type { TrayFile } from './trayFile';

	const { tray }: { tray: TrayRecord } = $props();
	const app = useApp();
	/** Entries of the preview that are shown. */
	const SHOWN = 12;
	let text = $state('');
	let read = $state.raw<{ readonly file: TrayFile; readonly words: readonly string[] } | null>(null);
	let said = $state<string | null>(null);
	const room = $derived(ITEMS_MAX - tray.items.length);
	const tooMany = $derived(read !== null && read.file.fresh.length > room);

	// The reader of sheets comes when it is needed.
	const reader = () => import('./trayFile');

	async function save(): Promise<void> {
		const { trayCsv } = await reader();
		download('tray.csv', trayCsv(tray.items), 'text/csv');
	}

	async function preview(given: string): Promise<void> {
		said = null;
		if (given.trim() === '') return void (read = null);
		const { readTray, inWords } = await reader();
		const file = readTray(given, tray.items);
		if (given === text) read = { file, words: inWords(file.fresh.slice(0, SHOWN)) };
	}

	async function open(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
		const [file] = event.currentTarget.files ?? [];
		if (!file) return;
		text = await file.text();
		await preview(text);
	}

	function add(): void {
		const { fresh } = read!.file;
		app.changeTray((before) => fresh.reduce((held, entry) => withItem(held, { id: newUuid(), ...entry }), before));
		said = `Added ${fresh.length} ${fresh.length === 1 ? 'entry' : 'entries'}. Undo takes them out.`;
		[text, read] = ['', null];
	}
</script>

<details>
	<summary class="min-h-44">Import or export as CSV</summary>
	<div class="grid gap-8 pt-6">
		<label class="grid gap-2"
			>Paste cells with their heading, or open a file
			<textarea
				class="field min-h-92"
				rows="4"
				spellcheck="false"
				placeholder="part,style,size,finish,count,place"
				bind:value={text}
				oninput={() => void preview(text)}></textarea></label
		>
		<div class="flex flex-wrap gap-8">
			<label class="button"
				>Open a file<input class="sr-only" type="file" accept=".csv,.tsv,.txt,text/csv" onchange={open} /></label
			>
			<button class="button" disabled={tray.items.length === 0} onclick={() => void save()}>Export mine</button>
		</div>
		{#if read}
			{@const { fresh, known, wrong } = read.file}
			<div class="notice grid gap-6" role="status">
				<p>
					<strong>{fresh.length} new</strong>{#if known > 0}, {known} already in your tray{/if}{#if wrong.length > 0}, {wrong.length}
						{wrong.length === 1 ? 'line that can’t' : 'lines that can’t'} be read{/if}.
				</p>
				<ul>
					{#each read.words as word, at (at)}<li>{word}</li>{/each}
					{#if fresh.length > SHOWN}<li class="quiet">and {fresh.length - SHOWN} more</li>{/if}
				</ul>
				{#if wrong.length > 0}
					<ul class="wrong">
						{#each wrong.slice(0, SHOWN) as line (line)}<li>{line}</li>{/each}
						{#if wrong.length > SHOWN}<li>and {wrong.length - SHOWN} more</li>{/if}
					</ul>
				{/if}
				{#if tooMany}<p class="wrong">There is room for {room} more.</p>{/if}
				<div>
					<button class="button button-amber" disabled={!app.live || fresh.length === 0 || tooMany} onclick={add}
						>Add {fresh.length === 1 ? 'it' : `these ${fresh.length}`}</button
					>
				</div>
			</div>
		{/if}
		<p class="quiet" role="status">{said ?? ''}</p>
	</div>
</details>
