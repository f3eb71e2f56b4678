// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { App } from '$lib/client/app.svelte';
import { FakeServer } from '$lib/client/testing/server';
import { startBuild } from '$lib/core/build/start';
import type { Flip } from '$lib/core/choice/flips';
import { callInputSchema } from '$lib/core/schema/call';
import Flips from './Flips.svelte';
import { Tried } from './tried.svelte';

afterEach(cleanup);
const becomes = startBuild('buzzbait').rig;
const flip = (field: string, to: Flip['to'], aspect: Flip['aspect'] = 'blades', distance = 0.5): Flip => ({
	field,
	from: typeof to === 'string' ? 'chop' : 15,
	to,
	aspect,
	becomes,
	patch: { [field]: to },
	distance
});
const drawn = (flips: readonly Flip[], more: object = {}) => {
	const [ontry, onback] = [vi.fn(), vi.fn()];
	const props = { flips, busy: false, units: 'metric' as const, tried: null, ontry, onback, ...more };
	return { ...render(Flips, props), ontry, onback };
};
const rows = (): string[] =>
	screen.queryAllByRole('listitem').map((row) => row.textContent!.replace(/\s+/g, ' ').trim());

describe('what would flip the call', () => {
	it('says which change, what it is now and what is called then', () => {
		drawn([flip('waterTemperatureC', 22.4, 'family')]);
		expect(rows()).toEqual(['Water above 22.4 °C now 15 °C Buzzbait']);
	});

	it('begins with another family, then by how near it is; of one field the nearest change', () => {
		drawn([
			flip('visibilityM', 3, 'blades', 0.2),
			flip('visibilityM', 4, 'blades', 0.3),
			flip('wind', 'calm', 'weight', 0.1),
			flip('waterTemperatureC', 22, 'family', 0.4)
		]);
		expect(rows().map((row) => row.split(' ')[0])).toEqual(['Water', 'Seen', 'Wind:']);
	});

	it('is five rows until more are asked for', async () => {
		const words = ['calm', 'ripple', 'chop', 'heavy', 'gale', 'none', 'else'];
		drawn(words.map((word, at) => flip('wind', word, 'colour', at / 10)));
		expect(rows()).toHaveLength(5);
		await fireEvent.click(screen.getByRole('button', { name: '2 more' }));
		expect(rows()).toHaveLength(7);
		await fireEvent.click(screen.getByRole('button', { name: 'Show fewer' }));
		expect(rows()).toHaveLength(5);
	});

	it('says so while it is looked for, and where nothing near changes it', async () => {
		const { rerender } = drawn([], { busy: true });
		expect(screen.getByRole('heading').textContent).toContain('still looking');
		expect(rows()).toEqual([]);
		await rerender({ busy: false });
		expect(rows()).toEqual(['Nothing near changes it.']);
	});

	it('leads to the changed reading and back', async () => {
		const one = flip('wind', 'calm');
		const { ontry, onback, rerender } = drawn([one]);
		await fireEvent.click(screen.getByRole('button', { name: 'Wind: calm' }));
		expect(ontry).toHaveBeenCalledWith(one, 'Wind: calm');
		await rerender({ tried: 'Wind: calm' });
		const told = within(screen.getByRole('status'));
		expect(told.getByText('Wind: calm')).toBeTruthy();
		await fireEvent.click(told.getByRole('button', { name: 'Back to what was read' }));
		expect(onback).toHaveBeenCalledOnce();
	});
});

describe('a change that is tried', () => {
	const read = callInputSchema.parse({
		reading: { waterTemperatureC: 18, visibilityM: 1.2, bottomM: 2.5, sky: 'overcast', windMps: 4 }
	}).reading;
	function onDesk() {
		const app = new App(new FakeServer().start(undefined, []), () => 'call');
		app.desk.change((desk) => ({ ...desk, reading: read }), app.making());
		return { app, tried: new Tried(app) };
	}

	it('leaves the reading as the change makes it, and goes back to exactly what was read', () => {
		const patches = [
			{ sky: 'sun' },
			{ wind: 'calm', windMps: undefined },
			{ bottomM: 1, fishFromM: 0.2, fishToM: 1 }
		] as const;
		for (const patch of patches) {
			const { app, tried } = onDesk();
			tried.take(patch, 'this');
			expect(tried.wrong).toBeNull();
			expect({ ...app.reading }).toMatchObject(patch);
			expect(tried.text).toBe('this');
			tried.back();
			expect(app.reading).toBe(read);
			expect(tried.text).toBeNull();
		}
	});

	it('after another goes back to what was read, not to the first', () => {
		const { app, tried } = onDesk();
		tried.take({ waterTemperatureC: 24 }, 'warmer');
		tried.take({ visibilityM: 3 }, 'clearer');
		expect([app.reading.waterTemperatureC, app.reading.visibilityM, tried.text]).toEqual([24, 3, 'clearer']);
		tried.back();
		expect(app.reading).toBe(read);
	});

	it('has no way back once the reading was changed otherwise: that is Undo’s', () => {
		const { app, tried } = onDesk();
		tried.take({ waterTemperatureC: 24 }, 'warmer');
		app.change({ visibilityM: 2 });
		expect(tried.text).toBeNull();
		tried.back();
		expect(app.reading).toMatchObject({ waterTemperatureC: 24, visibilityM: 2 });
	});

	it('that makes no reading says why and changes nothing', () => {
		const { app, tried } = onDesk();
		tried.take({ bottomM: -1 }, 'no bottom');
		expect(tried.wrong).toMatch(/\w/);
		expect([app.reading, tried.text]).toEqual([read, null]);
	});
});
