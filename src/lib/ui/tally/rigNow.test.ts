// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { changedFields } from '$lib/core/trips/reactions/changed';
import { storyOf } from '$lib/core/trips/tally/story';
import type { Rig } from '$lib/core/foundation/schema/rig';
import ChangeLure from './ChangeLure.svelte';
import { lureGroups } from './lureGroups';
import RigNow from './RigNow.svelte';

afterEach(cleanup);
const rig = startBuild('spinnerbait').rig;
const other = startBuild('bladed-jig').rig;

describe('the rig that is fished', () => {
	it('is told in words, at so much in the angler’s own unit', () => {
		render(RigNow, { rig, fixed: false, units: 'imperial', open: false, onopen: vi.fn() });
		expect(screen.getByText(/, \d+(\.\d+)? ft\/s/)).toBeDefined();
		expect(screen.queryByText(/m\/s/)).toBeNull();
	});

	it('asks for another, and stays as it is in a trial’s turn', async () => {
		const onopen = vi.fn();
		const { rerender } = render(RigNow, { rig, fixed: false, units: 'metric', open: false, onopen });
		await fireEvent.click(screen.getByRole('button', { name: 'Change lure' }));
		expect(onopen).toHaveBeenCalledWith(true);
		await rerender({ fixed: true });
		expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Change lure' }).disabled).toBe(true);
	});
});

const heavier = { ...rig, weightOz: 1 };
const story = storyOf(
	{
		startedAt: '2026-05-09T06:00:00.000Z',
		spotId: null,
		reading: { waterTemperatureC: 17, visibilityM: 1, bottomM: 3 },
		rig,
		trial: null
	},
	[{ kind: 'cast', count: 12 } as const, { kind: 'rig', rig: other } as const, { kind: 'cast', count: 3 } as const].map(
		(what, at) => ({ id: `${at}`, at: `2026-05-09T06:1${at}:00.000Z`, order: at + 1, what })
	)
);

describe('lures to change to', () => {
	const groups = lureGroups(story, {
		calls: [{ rig: heavier, score: 1, reasons: [], window: null, run: null }],
		saved: [
			{ name: 'Old gold', rig: { ...rig, weightOz: 0.75 } },
			{ name: 'The same', rig: heavier }
		],
		deck: [rig]
	});

	it('are those fished today, called now, saved, then of other families; each once, the one that is cast never', () => {
		expect(groups.map(({ title }) => title)).toEqual([
			'Fished today',
			'Called for these conditions',
			'Saved',
			'Another family'
		]);
		expect(groups[0]!.lures.map(({ note }) => note)).toEqual(['12 casts']);
		expect(groups[2]!.lures.map(({ name }) => name)).toEqual(['Old gold']);
		const all = groups.flatMap(({ lures }) => lures.map((one) => JSON.stringify(one.rig)));
		expect(new Set(all).size).toBe(all.length);
		expect(all).not.toContain(JSON.stringify(other));
	});

	it('are one tap away', async () => {
		const onrig = vi.fn();
		render(ChangeLure, { rig: other, groups, units: 'metric', onrig });
		await fireEvent.click(screen.getByRole('button', { name: /12 casts/ }));
		expect(onrig).toHaveBeenCalledWith(rig);
	});

	it('differ in the one thing that was changed by hand', async () => {
		const changes: [RegExp, string][] = [
			[/^Rear blade/, 'copper'],
			[/^Skirt/, 'black'],
			[/^Retrieve/, 'burn-pause']
		];
		for (const [label, value] of changes) {
			const onrig = vi.fn();
			render(ChangeLure, { rig, groups: [], units: 'metric', onrig });
			await fireEvent.change(screen.getByLabelText(label), { target: { value } });
			expect(changedFields(rig, onrig.mock.calls[0]![0] as Rig)).toHaveLength(1);
			cleanup();
		}
	});

	it('are wound a step faster or slower, never out of what a reel does', async () => {
		for (const [speedMps, name, after] of [
			[1, /faster/i, 1.1],
			[1, /slower/i, 0.9],
			[0.2, /slower/i, 0.2],
			[2.4, /faster/i, 2.4]
		] as const) {
			const onrig = vi.fn();
			const paced = { ...rig, retrieve: { ...rig.retrieve, speedMps } };
			render(ChangeLure, { rig: paced, groups: [], units: 'metric', onrig });
			await fireEvent.click(screen.getByRole('button', { name, hidden: true }));
			expect(onrig.mock.calls[0]![0].retrieve.speedMps).toBe(after);
			cleanup();
		}
	});
});
