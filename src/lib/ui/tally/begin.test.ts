// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import type { Rig } from '$lib/core/foundation/schema/rig';
import Begin from './Begin.svelte';

afterEach(cleanup);
const rig = startBuild('spinnerbait').rig;
const skirted = (colour: Rig['skirt']['colour']): Rig => ({ ...rig, skirt: { ...rig.skirt, colour } });
const finished = skirted('black');
const other = { ...skirted('perch'), weightOz: rig.weightOz + 0.125 } as Rig;
function drawn(rigs: readonly Rig[] = [rig, finished, other]) {
	const onbegin = vi.fn();
	render(Begin, {
		usualName: 'Pad Bay, May',
		place: 'Pad Bay',
		rigs: rigs.map((one, at) => ({ name: `Rig ${at + 1}`, rig: one })),
		onbegin
	});
	return onbegin;
}
const begin = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Start' });
const compare = () => fireEvent.click(screen.getByRole('checkbox', { name: /Compare it with another/ }));

describe('an outing', () => {
	it('begins with the current rig and its usual name, two taps from nothing', async () => {
		const onbegin = drawn();
		await fireEvent.click(begin());
		expect(onbegin).toHaveBeenCalledWith({ name: 'Pad Bay, May', rig, trial: null });
	});

	it('is called as it was typed, and never nothing', async () => {
		const onbegin = drawn();
		await fireEvent.input(screen.getByLabelText('Name'), { target: { value: '  Dawn ' } });
		await fireEvent.click(begin());
		await fireEvent.input(screen.getByLabelText('Name'), { target: { value: ' ' } });
		await fireEvent.click(begin());
		expect(onbegin.mock.calls.map(([{ name }]) => name)).toEqual(['Dawn', 'Outing']);
	});

	it('cannot begin without a rig, and says where one is to be had', () => {
		drawn([]);
		expect(begin().disabled).toBe(true);
		expect(screen.getByRole('link', { name: 'Pick one on Call' }).getAttribute('href')).toBe('/call');
	});
});

describe('a comparison', () => {
	it('of two that differ in one thing says so, and is drawn by lot', async () => {
		const onbegin = drawn();
		await compare();
		expect(screen.getByRole('status').textContent).toMatch(/differ in one thing, the .*: good/);
		await fireEvent.click(begin());
		const { trial } = onbegin.mock.calls[0]![0];
		expect(trial).toMatchObject({ a: rig, b: finished, pairs: 4, casts: 12 });
		expect(Number.isInteger(trial.seed)).toBe(true);
	});

	it('of two that differ in more is warned of, and may be made all the same', async () => {
		const onbegin = drawn();
		await compare();
		await fireEvent.change(screen.getByLabelText('Against'), { target: { value: '2' } });
		expect(screen.getByRole('status').textContent).toMatch(/won’t tell you which one did it/);
		await fireEvent.click(begin());
		expect(onbegin.mock.calls[0]![0].trial).toMatchObject({ b: other });
	});

	it('of a rig with itself is none', async () => {
		drawn();
		await compare();
		await fireEvent.change(screen.getByLabelText('Against'), { target: { value: '0' } });
		expect(screen.getByRole('status').textContent).toContain('They are the same');
		expect(begin().disabled).toBe(true);
	});

	it.each(['Pairs of turns', 'Casts a turn'])('without its %s does not begin', async (label) => {
		const onbegin = drawn();
		await compare();
		await fireEvent.input(screen.getByLabelText(label), { target: { value: '' } });
		await fireEvent.submit(begin().form!);
		expect(onbegin).not.toHaveBeenCalled();
		expect(screen.getByRole('alert').textContent).toMatch(/\d+ to \d+/);
	});
});
