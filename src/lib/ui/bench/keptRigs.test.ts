// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within, waitFor } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { App } from '$lib/client/state/app.svelte';
import { MemoryDevice } from '$lib/client/sync/device';
import { renderWithApp } from '$lib/client/testing/renderWithApp';
import { FakeServer } from '$lib/client/testing/server';
import { startBuild, withRig } from '$lib/core/rig/build/start';
import { completeReading } from '$lib/core/water/reading/complete';
import { rigRecordOf } from '$lib/core/records/rigRecord';
import type { PartRecord } from '$lib/core/records/rigSchemas';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { Build } from '$lib/core/foundation/schema/build';
import type { OwnColour } from '$lib/core/foundation/schema/ownColour';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import type { OwnEntry } from './controls';
import BenchBeside from './testing/BenchBeside.svelte';
import Compare from './Compare.svelte';
import OwnParts from './OwnParts.svelte';
import Rigs from './Rigs.svelte';
// It comes with the first file; here it is at hand, so that no test waits for the tools that make it.
import '$lib/core/records/rigFile';

let open: App | null = null;
afterEach(() => {
	open?.close();
	open = null;
	cleanup();
});
const reading = completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1, bottomM: 3 }));
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const type = (name: string | RegExp, value: string) =>
	fireEvent.input(screen.getByRole('textbox', { name }), { target: { value } });

/** A part of Bench beside a build, on a device that is open. */
async function shown(of: unknown, given: Record<string, unknown>, build = startBuild('spinnerbait')) {
	const server = new FakeServer();
	open = renderWithApp(BenchBeside, { of, build, with: given }, { server, screen: 'bench' });
	await open.open(new MemoryDevice(), server.start());
	return { app: open, server, flush: () => open!.sync.outbox!.flush() };
}

describe('kept rigs', () => {
	const ID = '11111111-1111-4111-8111-111111111111';
	const heavy = withRig(startBuild('spinnerbait'), { weightOz: 0.75 });
	const rig = {
		id: ID,
		version: 3,
		record: rigRecordOf('Deep one', heavy, [{ kind: 'fish', at: '2026-04-11T08:15:00.000Z' }])
	};
	const list = (oncompare = vi.fn()) => shown(Rigs, { rigs: [rig], oncompare });

	it('are opened with their name, key and history', async () => {
		const { app } = await list();
		await press('Open Deep one');
		expect(app.bench.record).toMatchObject({ name: 'Deep one', rigId: ID, rigVersion: 3, log: rig.record.log });
		expect(app.bench.build!.rig.weightOz).toBe(0.75);
		app.undo();
		expect(app.bench.build!.rig.weightOz).not.toBe(0.75);
	});

	it('are copied under a key of their own, without their history', async () => {
		const { app } = await list();
		await press('Duplicate Deep one');
		expect(app.bench.record).toMatchObject({ name: 'Deep one, again', rigVersion: 0, log: [] });
		expect(app.bench.record!.rigId).not.toBe(ID);
		expect(screen.getByRole('status').textContent).toContain('It is not saved yet');
	});

	it('are deleted with a way back', async () => {
		const { app, server } = await list();
		server.write(`rigs/${ID}`, rig.record);
		await press('Delete Deep one');
		await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Deleted “Deep one”.'));
		await app.sync.outbox!.flush();
		expect(server.at(`rigs/${ID}`)).toBeUndefined();
		await press('Undo');
		await waitFor(() => expect(screen.getByRole('status').textContent).toContain('is back'));
		await app.sync.outbox!.flush();
		expect(server.at(`rigs/${ID}`)?.record).toEqual(rig.record);
	});

	const bring = (text: string) => {
		const file = new File([text], 'rig.json', { type: 'application/json' });
		return fireEvent.change(screen.getByLabelText(/Import a rig/), { target: { files: [file] } });
	};
	const said = () => screen.getByRole('status').textContent!;

	it('come in from a file by way of a look at them', async () => {
		const { app } = await list();
		await bring(JSON.stringify({ kind: 'lucernal-rig', schemaVersion: SCHEMA_VERSION, rig: rig.record }));
		await waitFor(() => expect(said()).toContain('“Deep one”'));
		expect(app.bench.build!.rig.weightOz).not.toBe(0.75);
		await press('Open it on Bench');
		expect(app.bench.build!.rig.weightOz).toBe(0.75);
	});

	it.each([
		['{ this is none', 'This file is not JSON.'],
		['{"kind":"something"}', 'This is not a rig file.'],
		[
			JSON.stringify({ kind: 'lucernal-rig', schemaVersion: SCHEMA_VERSION, rig: { name: 'x' } }),
			'This is not a rig file.'
		]
	])('and %s is refused in words, with nothing changed', async (text, words) => {
		const { app } = await list();
		const before = app.bench.record;
		await bring(text);
		await waitFor(() => expect(said()).toContain(words));
		expect(screen.queryByRole('button', { name: 'Open it on Bench' })).toBeNull();
		expect(app.bench.record).toBe(before);
	});
});

describe('two rigs side by side', () => {
	const compared = (build: Build, other: Build) =>
		render(Compare, {
			build,
			other: { name: 'Other', build: other },
			reading,
			units: 'metric',
			onclose: vi.fn(),
			onswap: vi.fn()
		});
	const start = startBuild('spinnerbait');

	it('that are alike say so, and have no row', () => {
		compared(start, start);
		expect(screen.getByText(/The rigs are the same\./)).toBeTruthy();
		expect(screen.queryAllByRole('rowheader')).toEqual([]);
	});

	it('that differ in one thing are fit for a trial', () => {
		compared(start, withRig(start, { skirt: { ...start.rig.skirt, colour: 'black' } }));
		expect(screen.getByText(/Only one thing differs, so a trial will tell you something\./)).toBeTruthy();
		const row = screen.getByRole('row', { name: /black/ });
		expect(within(row).getAllByRole('cell')).toHaveLength(2);
	});

	it('that differ in more are not, and each check that comes out otherwise has a row', () => {
		compared(start, withRig(start, { weightOz: 1, wireIn: 0.03, skirt: { ...start.rig.skirt, colour: 'black' } }));
		expect(screen.queryByText(/a trial tells/)).toBeNull();
		expect(screen.getByRole('row', { name: /Wire bears the line/ })).toBeTruthy();
	});
});

describe('parts of one’s own', () => {
	const part = { kind: 'blade', name: 'Hammered', form: 'colorado', lengthMm: 36, massG: 4.4, price: 2 } as const;
	const entry: OwnEntry = {
		id: '22222222-2222-4222-8222-222222222222',
		version: 2,
		record: { schemaVersion: SCHEMA_VERSION, part },
		usedBy: ['Deep one']
	};
	const list = (own: readonly OwnEntry[] = [], onbuild = vi.fn()) =>
		shown(OwnParts, { own, onbuild }).then((rest) => ({ ...rest, onbuild }));
	const keptParts = ({ rows }: FakeServer) =>
		[...rows].flatMap(([place, row]) => (place.startsWith('parts/') ? [(row.record as PartRecord).part] : []));

	it('are kept as they were weighed and measured, with a point or a comma', async () => {
		const { server, flush } = await list();
		await type(/^Name/, 'Thin willow');
		await type(/^Length/, '41,5');
		await type(/^Weight/, '3.2');
		await press('Add the part');
		await waitFor(() => expect(screen.getByRole('status').textContent).toContain('“Thin willow” is in the list'));
		await flush();
		expect(keptParts(server)).toEqual([
			{ kind: 'blade', name: 'Thin willow', form: 'willow', lengthMm: 41.5, massG: 3.2, price: 1 }
		]);
		expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^Name/ }).value).toBe('');
	});

	it('are refused at each field, and what was typed stays', async () => {
		const { server, flush } = await list();
		await type(/^Length/, 'long');
		await press('Add the part');
		const fields = [/^Name/, /^Length/, /^Weight/].map((name) => screen.getByRole('textbox', { name }));
		expect(fields.map((field) => field.getAttribute('aria-invalid'))).toEqual(['true', 'true', 'true']);
		expect((fields[1] as HTMLInputElement).value).toBe('long');
		await flush();
		expect(keptParts(server)).toEqual([]);
	});

	it('are changed under the same key, and what is begun can be left', async () => {
		const { server, flush } = await list([entry]);
		server.rows.set(`parts/${entry.id}`, { version: 2, record: entry.record });
		await press('Change Hammered');
		expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^Name/ }).value).toBe('Hammered');
		await press('Cancel');
		expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^Name/ }).value).toBe('');
		await press('Change Hammered');
		await type(/^Weight/, '4.6');
		await press('Save the change');
		await flush();
		expect(server.at(`parts/${entry.id}`)).toMatchObject({ version: 3, record: { part: { ...part, massG: 4.6 } } });
	});

	it('that are left to be changed take no color along to the next', async () => {
		const colour: OwnColour = { strands: [{ colour: 'chartreuse', share: 1 }], countsAs: 'chartreuse' };
		const skirt = { ...part, kind: 'skirt', form: 'silicone', name: 'Bright', colour } as const;
		await list([{ ...entry, record: { ...entry.record, part: skirt } }]);
		const strands = () =>
			screen.queryAllByRole('textbox', { name: /share/i }).length + screen.queryAllByRole('spinbutton').length;
		await press('Change Bright');
		expect(strands()).toBeGreaterThan(0);
		await press('Cancel');
		expect(strands()).toBe(0);
	});

	it('are put on the rig at each place that takes them', async () => {
		const { onbuild, app } = await list([entry]);
		await press('Use Hammered as rear');
		const [build] = onbuild.mock.calls[0] as [Build];
		expect(build.own?.rear).toMatchObject({ id: entry.id, version: 2, part });
		expect(build.rig).not.toEqual(app.bench.build!.rig);
	});

	it('are deleted with who keeps them, and come back', async () => {
		const { server, flush } = await list([entry]);
		server.rows.set(`parts/${entry.id}`, { version: 2, record: entry.record });
		await press('Delete Hammered');
		await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Deep one still have it.'));
		await flush();
		expect(keptParts(server)).toEqual([]);
		await press('Undo');
		await waitFor(() => expect(screen.getByRole('status').textContent).toContain('is back'));
		await flush();
		expect(keptParts(server)).toEqual([part]);
	});
});
