// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { App } from '$lib/client/state/app.svelte';
import { FakeServer } from '$lib/client/testing/server';
import { startBuild } from '$lib/core/rig/build/start';
import type { Flip } from '$lib/core/ranking/answer/flips';
import { callInputSchema } from '$lib/core/foundation/schema/call';
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
	const ontry = vi.fn();
	const props = { flips, busy: false, units: 'metric' as const, ontry, ...more };
	return { ...render(Flips, props), ontry };
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
		expect(rows().map((row) => row.split(' ')[0])).toEqual(['Water', 'See', 'Wind:']);
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
		expect(rows()).toEqual(['No small change would change it.']);
	});

	it('leads to the call for the change', async () => {
		const one = flip('wind', 'calm');
		const { ontry } = drawn([one]);
		await fireEvent.click(screen.getByRole('button', { name: 'Wind: calm' }));
		expect(ontry).toHaveBeenCalledWith(one, 'Wind: calm');
	});
});

describe('other conditions that are looked at', () => {
	const read = callInputSchema.parse({
		reading: { waterTemperatureC: 18, visibilityM: 1.2, bottomM: 2.5, sky: 'overcast', windMps: 4 }
	}).reading;
	function onDesk() {
		const app = new App(new FakeServer().start(undefined, []), () => 'call');
		app.desk.change((desk) => ({ ...desk, reading: read }), app.editContext());
		return { app, tried: new Tried(app) };
	}

	it('are asked about, while the reading stays what it is and nothing is there to undo', () => {
		const patches = [
			{ sky: 'sun' },
			{ wind: 'calm', windMps: undefined },
			{ bottomM: 1, fishFromM: 0.2, fishToM: 1 }
		] as const;
		for (const patch of patches) {
			const { app, tried } = onDesk();
			const [revision, asked] = [app.desk.revision, app.question];
			tried.take(patch, 'this');
			expect([tried.wrong, tried.text]).toEqual([null, 'this']);
			expect({ ...app.question.reading }).toMatchObject(patch);
			expect([app.reading, app.desk.revision]).toEqual([read, revision]);
			tried.back();
			expect([app.question, tried.text]).toEqual([asked, null]);
		}
	});

	it('come on top of each other, and one tap goes back from all', () => {
		const { app, tried } = onDesk();
		tried.take({ waterTemperatureC: 24 }, 'warmer');
		tried.take({ visibilityM: 3 }, 'clearer');
		expect(app.question.reading).toMatchObject({ waterTemperatureC: 24, visibilityM: 3 });
		expect(tried.text).toBe('warmer; clearer');
		tried.back();
		expect(app.question.reading).toMatchObject({ waterTemperatureC: 18, visibilityM: 1.2 });
	});

	it('are used when the angler says so, and Undo takes that back', () => {
		const { app, tried } = onDesk();
		tried.take({ waterTemperatureC: 24 }, 'warmer');
		tried.use();
		expect([app.reading.waterTemperatureC, tried.text]).toEqual([24, null]);
		app.undo();
		expect(app.reading.waterTemperatureC).toBe(18);
	});

	it('end once the reading is changed', () => {
		const { app, tried } = onDesk();
		tried.take({ waterTemperatureC: 24 }, 'warmer');
		app.change({ visibilityM: 2 });
		expect(tried.text).toBeNull();
		expect(app.question.reading).toMatchObject({ waterTemperatureC: 18, visibilityM: 2 });
	});

	it('that make no reading say why and change nothing', () => {
		const { app, tried } = onDesk();
		tried.take({ bottomM: -1 }, 'no bottom');
		expect(tried.wrong).toMatch(/\w/);
		expect([app.reading, tried.text]).toEqual([read, null]);
	});
});
