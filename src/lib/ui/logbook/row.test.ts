// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { LISTED_KIND_NAMES } from '$lib/core/records/kinds';
import { rigRecordOf } from '$lib/core/records/rigRecord';
import type { ImportPlan } from '$lib/core/records/transfer';
import { rigEntry, type Entry } from './entries';
import Row from './Row.svelte';
import Transfer from './Transfer.svelte';

afterEach(cleanup);
const rig = rigEntry({ id: 'r1', version: 1, record: rigRecordOf('Mere tandem', startBuild('spinnerbait'), []) });
const call: Entry = { ...rig, kind: 'call', id: 'c1', name: 'First light' };
const reading: Entry = { ...rig, kind: 'reading', id: 'w1', name: 'Alder Bank', rig: null };

function row(entry: Entry, more: { waits?: boolean; chosen?: boolean } = {}) {
	const acts = { onchoose: vi.fn(), onopen: vi.fn(), onduplicate: vi.fn(), onremove: vi.fn() };
	render(Row, { entry, waits: false, chosen: false, later: false, ...more, ...acts });
	return acts;
}
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

describe('a row of what is kept', () => {
	it('is opened, duplicated and deleted by names that say of what', async () => {
		const acts = row(reading);
		await press('Open Alder Bank');
		await press('Duplicate Alder Bank');
		await press('Delete Alder Bank');
		for (const act of [acts.onopen, acts.onduplicate, acts.onremove]) expect(act).toHaveBeenCalledOnce();
		expect(acts.onchoose).not.toHaveBeenCalled();
	});

	it.each([
		[call, 'Open First light, reading and rig', 'Delete the call First light', 'Choose the call First light'],
		[rig, 'Open Mere tandem, on the bench', 'Delete the rig Mere tandem', 'Choose the rig Mere tandem']
	])('tells a $kind from a reading of the same name', (entry, opens, deletes, chooses) => {
		row(entry);
		for (const name of [opens, deletes]) expect(screen.getByRole('button', { name })).toBeTruthy();
		expect(screen.getByRole('checkbox', { name: chooses })).toBeTruthy();
		expect(screen.queryByRole('button', { name: /^Duplicate/ })).toBeNull();
	});

	it('leads to a call that the records have, and says of one that they have not that it waits', () => {
		row(call);
		expect(screen.getByRole('link', { name: 'See the call First light' }).getAttribute('href')).toBe('/logbook/c1');
		cleanup();
		row(call, { waits: true });
		expect(screen.queryByRole('link')).toBeNull();
		expect(screen.getByText('not sent yet')).toBeTruthy();
	});

	it('works without scripts: its form knows what it is about', () => {
		row(call);
		const form = document.querySelector('form')!;
		expect(Object.fromEntries(new FormData(form))).toEqual({ id: 'c1', kind: 'call', name: 'First light' });
		expect(form.method).toBe('post');
		const open = screen.getByRole<HTMLButtonElement>('button', { name: /^Open/ });
		expect(open.getAttribute('formaction')).toBe('?/openCall');
	});

	it('is chosen and left', async () => {
		const { onchoose } = row(reading, { chosen: true });
		await fireEvent.click(screen.getByRole('checkbox'));
		expect(onchoose).toHaveBeenCalledExactlyOnceWith(false);
	});
});

const nothing = Object.fromEntries(LISTED_KIND_NAMES.map((kind) => [kind, { added: 0, changed: 0, same: 0 }]));
const plan = (more: Partial<ImportPlan> = {}): ImportPlan =>
	({ records: nothing, replaced: [], aside: [], ...more }) as unknown as ImportPlan;

describe('a file that is brought in', () => {
	const choose = (name: string, type: string, size = 10) => {
		const file = new File(['{}'], name, { type });
		Object.defineProperty(file, 'size', { value: size });
		return fireEvent.change(screen.getByLabelText(/A file exported here/), { target: { files: [file] } });
	};
	const refusal = () => screen.queryByRole('alert')?.textContent ?? null;

	it('of another kind is refused by its name before anything is sent', async () => {
		render(Transfer, { preview: null, parts: 1 });
		await choose('fish.png', 'image/png');
		expect(refusal()).toContain('“fish.png” was not exported here');
		await choose('records.json', '');
		expect(refusal()).toBeNull();
	});

	it('of too many bytes is refused with how many it has', async () => {
		render(Transfer, { preview: null, parts: 1 });
		await choose('records.json', 'application/json', 90e6);
		expect(refusal()).toContain('is 90 MB');
	});

	it('says what it would bring, kind by kind, and what would be left out', () => {
		const records = { ...nothing, readings: { added: 2, changed: 1, same: 18 } } as ImportPlan['records'];
		const aside = [{ path: 'stand.stances.moon', why: 'no such split' }] as ImportPlan['aside'];
		render(Transfer, { preview: plan({ records, replaced: ['stand'], aside }), parts: 1 });
		const text = screen.getByText(/This file contains/).textContent!.replace(/\s+/g, ' ');
		expect(text).toContain('readings: 2 new, 1 changed, 18 the same.');
		expect(text).toContain('It replaces your views and own rules.');
		expect(text).toContain('stand.stances.moon (no such split)');
		expect(text).toContain('Nothing is changed yet.');
	});

	it('that brings nothing says so, and can be left', async () => {
		render(Transfer, { preview: plan(), parts: 1 });
		expect(screen.getByText(/This file contains/).textContent).toContain('no records');
		await press('Cancel');
		expect(screen.queryByText(/This file contains/)).toBeNull();
		expect(document.activeElement).toBe(screen.getByLabelText(/A file exported here/));
	});

	it('comes in parts where everything is more than one file takes, in the order in which they come back', () => {
		render(Transfer, { preview: null, parts: 3 });
		const links = screen.getAllByRole('link').map((link) => link.getAttribute('href'));
		expect(links).toEqual([1, 2, 3].map((part) => `/api/v1/records?part=${part}`));
	});
});
