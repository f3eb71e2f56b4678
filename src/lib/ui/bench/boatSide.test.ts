// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within, waitFor } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Bench } from '$lib/client/state/bench.svelte';
import { renderWithApp } from '$lib/client/testing/renderWithApp';
import { MODS } from '$lib/core/rig/bench/mods';
import { startBuild, withRig } from '$lib/core/rig/build/start';
import { completeReading } from '$lib/core/water/reading/complete';
import type { Build } from '$lib/core/foundation/schema/build';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import BenchBeside from './testing/BenchBeside.svelte';
import Faults from './Faults.svelte';
import Mods from './Mods.svelte';
import Tune from './Tune.svelte';

afterEach(cleanup);
const reading = completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1, bottomM: 3 }));

/** A part of Bench beside a build that lies there. */
function shown(of: unknown, build: Build = startBuild('spinnerbait')): Bench {
	const app = renderWithApp(
		BenchBeside,
		{ of, build, with: { reading, zone: 'Europe/Paris', stances: {} } },
		{ screen: 'bench' }
	);
	return app.bench;
}
const asked = () => screen.getByRole('status').textContent!;
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const kinds = ({ log }: Bench) => log.map(({ kind }) => kind);

describe('tuning at the boat side', () => {
	it('asks one thing at a time, and writes down what was seen and done', async () => {
		const bench = shown(Tune);
		await press('Yes, freely');
		await press('Leans left');
		const order: string[] = [];
		// Trailer, skirt, then the wire: what costs nothing comes first.
		while (screen.queryByRole('button', { name: 'Done, test again' })) {
			order.push(asked());
			await press('Done, test again');
			if (order.length < 3) await press('Leans left');
		}
		expect(order.at(-1)).toMatch(/bend the upper arm about 3° to the right/);
		await press('Runs straight');
		expect(asked()).toContain('the cause was the wire');
		expect(bench.log.at(-1)).toMatchObject({ kind: 'run', saw: 'true' });
		const entries = within(screen.getByRole('list')).getAllByRole('listitem');
		expect(entries).toHaveLength(bench.log.length);
		expect(entries[0]!.textContent).toContain('runs straight');
		expect(entries.at(-1)!.textContent).toContain('blades spin freely');
	});

	it('begins again without forgetting what was', async () => {
		const bench = shown(Tune);
		await press('Yes, freely');
		await press('Runs straight');
		await press('Begin a new round');
		expect(kinds(bench)).toEqual(['flick', 'run', 'begin']);
		expect(screen.getByText(/^Step/).textContent).toContain('Step 1');
	});

	it('uses up the wire by the hour, and refuses hours that cannot be at their field', async () => {
		const bench = shown(Tune);
		const left = () =>
			Number(/(\d+) percent/.exec(screen.getByRole('img', { name: /Wire life left/ }).getAttribute('aria-label')!)![1]);
		const before = left();
		const hours = screen.getByRole('textbox', { name: /Cast/ });
		for (const typed of ['0', '25', 'two', '']) {
			await fireEvent.input(hours, { target: { value: typed } });
			await press('Add');
			expect(screen.getByRole('alert').textContent).toBe('0.1 to 24 h');
			expect([hours.getAttribute('aria-invalid'), (hours as HTMLInputElement).value]).toEqual(['true', typed]);
		}
		expect(bench.log).toEqual([]);
		await fireEvent.input(hours, { target: { value: '12,5' } });
		await press('Add');
		await press('Add');
		expect(bench.log.map((event) => event.kind === 'hours' && event.hours)).toEqual([12.5, 12.5]);
		expect(screen.queryByRole('alert')).toBeNull();
		expect(left()).toBeLessThan(before);
	});

	it('says when a wire is to be retuned: before it ever ran true, and a thin one after each good fish', async () => {
		const bench = shown(Tune, withRig(startBuild('spinnerbait'), { wireIn: 0.03 }));
		expect(screen.getByText('Retune now.')).toBeTruthy();
		await press('Yes, freely');
		await press('Runs straight');
		expect(screen.getByText('No retune due.')).toBeTruthy();
		await press('A good fish');
		expect(kinds(bench)).toEqual(['flick', 'run', 'fish']);
		expect(screen.getByText('Retune now.')).toBeTruthy();
	});
});

describe('the fault finder', () => {
	const ask = () => screen.getByText(/^Change one thing:/).textContent!;

	it('changes one thing on the bench, and learns from what came of it', async () => {
		const bench = shown(Faults);
		const before = bench.build!.rig;
		const first = ask();
		await press(/Change it on Bench and try it|Try it/);
		expect(bench.log.at(-1)).toMatchObject({ kind: 'fault', outcome: 'open', before });
		expect(asked()).toContain('Trying');
		await press('Better');
		expect(bench.log).toHaveLength(1);
		expect(bench.log[0]).toMatchObject({ outcome: 'better' });
		await press(/^Go on:/);
		expect(ask()).not.toBe(first);
	});

	it('says that two changes at once teach nothing', async () => {
		const bench = shown(Faults);
		await press(/Change it on Bench and try it|Try it/);
		const { rig } = bench.build!;
		bench.change(
			withRig(bench.build!, { weightOz: rig.weightOz === 0.5 ? 0.75 : 0.5, skirt: { ...rig.skirt, colour: 'black' } })
		);
		await waitFor(() => expect(asked()).toContain('Two changes at once teach you nothing.'));
	});

	it('goes through a whole list and then says so, whatever is wrong', async () => {
		shown(Faults);
		const { options } = screen.getByRole<HTMLSelectElement>('combobox', { name: /What is wrong/ });
		expect(options.length).toBeGreaterThan(3);
		const asks = new Set<string>();
		for (let round = 0; screen.queryByText(/^Change one thing:/) && round < 20; round++) {
			expect(asks.has(ask())).toBe(false);
			asks.add(ask());
			await press(/Change it on Bench and try it|Try it/);
			await press('No change');
			const on = screen.queryByRole('button', { name: /^Go on:/ });
			if (on) await fireEvent.click(on);
			else break;
		}
		expect(asks.size).toBeGreaterThan(1);
		const rows = within(screen.getByRole('list', { name: 'Checks in order' })).getAllByRole('listitem');
		const open = rows.filter((row) => row.querySelector('em')!.textContent === '');
		expect(open).toEqual([]);
	});
});

describe('modifications', () => {
	const fitting = (build: Build) => MODS.filter(({ fits }) => fits(build.rig));

	it('are those that the rig has room for, each with why, steps and cautions', async () => {
		for (const family of ['spinnerbait', 'bladed-jig', 'buzzbait', 'underspin'] as const) {
			const build = startBuild(family);
			render(Mods, { build, onbuild: vi.fn() });
			const titles = within(screen.getAllByRole('list')[0]!).getAllByRole('button');
			expect(titles.map((one) => one.textContent!.trim())).toEqual(fitting(build).map(({ title }) => title));
			for (const [at, mod] of fitting(build).entries()) {
				await fireEvent.click(titles[at]!);
				for (const text of [mod.why, ...mod.steps, ...mod.cautions]) expect(screen.getByText(text)).toBeTruthy();
			}
			cleanup();
		}
	});

	it('are done and put back, and the build is what it was', async () => {
		const build = startBuild('spinnerbait');
		for (const mod of fitting(build)) {
			const onbuild = vi.fn<(build: Build, key: string) => void>();
			const { rerender } = render(Mods, { build, onbuild });
			await press(mod.title);
			await press('Mark as done');
			const after = onbuild.mock.calls[0]![0];
			expect([mod.id, mod.done(after)]).toEqual([mod.id, true]);
			await rerender({ build: after });
			await press('Put it back');
			expect([mod.id, mod.done(onbuild.mock.calls[1]![0])]).toEqual([mod.id, false]);
			cleanup();
		}
	});
});
