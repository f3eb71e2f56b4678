// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/build/start';
import { changedFields } from '$lib/core/tally/changed';
import type { Rig } from '$lib/core/schema/rig';
import RigNow from './RigNow.svelte';

afterEach(cleanup);
const rig = startBuild('spinnerbait').rig;
const other = startBuild('bladed-jig').rig;
function drawn(more: object = {}) {
	const onrig = vi.fn();
	render(RigNow, {
		rig,
		deck: [{ name: 'The jig', rig: other }],
		fixed: false,
		units: 'metric' as const,
		onrig,
		...more
	});
	return onrig;
}
const open = () => fireEvent.click(screen.getByRole('button', { name: 'Change' }));
const choose = (label: RegExp, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('the rig that is fished', () => {
	it('is told in words, and changed only when that is asked for', async () => {
		drawn();
		expect(screen.queryByRole('group', { name: 'Change one thing' })).toBeNull();
		await open();
		expect(screen.getByRole('group', { name: 'Change one thing' })).toBeTruthy();
	});

	it('is wound at so much in the angler’s own unit', () => {
		drawn({ units: 'imperial' });
		expect(screen.getByText(/, \d+(\.\d+)? (ft\/s|mph)/)).toBeTruthy();
		expect(screen.queryByText(/m\/s/)).toBeNull();
	});

	it('changes to another from the deck', async () => {
		const onrig = drawn();
		await open();
		await choose(/^Another from the deck/, '0');
		expect(onrig).toHaveBeenCalledWith(other);
		expect(screen.queryByRole('group')).toBeNull();
	});

	it('differs afterwards in the one thing that was changed', async () => {
		const changes: [RegExp, string][] = [
			[/^Rear blade/, 'copper'],
			[/^Skirt/, 'black'],
			[/^Retrieve/, 'burn-pause']
		];
		for (const [label, value] of changes) {
			const onrig = drawn();
			await open();
			await choose(label, value);
			expect(changedFields(rig, onrig.mock.calls[0]![0] as Rig)).toHaveLength(1);
			cleanup();
		}
	});

	it('is wound a step faster or slower, never out of what a reel does', async () => {
		const paced = (speedMps: number): Rig => ({ ...rig, retrieve: { ...rig.retrieve, speedMps } });
		for (const [speedMps, name, after] of [
			[1, /faster/i, 1.1],
			[1, /slower/i, 0.9],
			[0.2, /slower/i, 0.2],
			[2.4, /faster/i, 2.4]
		] as const) {
			const onrig = drawn({ rig: paced(speedMps) });
			await open();
			await fireEvent.click(screen.getByRole('button', { name }));
			expect(onrig.mock.calls[0]![0].retrieve.speedMps).toBe(after);
			cleanup();
		}
	});

	it('stays as it is in a trial’s turn', () => {
		drawn({ fixed: true });
		expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Change' }).disabled).toBe(true);
	});
});
