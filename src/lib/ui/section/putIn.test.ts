// @vitest-environment jsdom
import { LIST_MAX } from '$lib/core/foundation/schema/limits';
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { completeReading } from '$lib/core/water/reading/complete';
import { readingSchema, type ParsedReading } from '$lib/core/foundation/schema/reading';
import PutIn from './PutIn.svelte';

/** jsdom has no popovers: shown and hidden as the browser would. */
const [showPopover, hidePopover] = [vi.fn(), vi.fn()];
beforeAll(() => {
	Object.assign(HTMLElement.prototype, { showPopover, hidePopover });
});
afterEach(cleanup);

function shown(more: object = {}) {
	const reading = completeReading(
		readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1, bottomM: 4, fishFromM: 1, fishToM: 2, ...more })
	);
	const onchange = vi.fn<(patch: Partial<ParsedReading>, key: string) => void>();
	const { component } = render(PutIn, { reading, units: 'metric', onchange });
	const press = (name: string) => fireEvent.click(screen.getByRole('button', { name, hidden: true }));
	return { onchange, press, component };
}
const wood = { kind: 'wood', density: 'thick', form: 'edge', topM: 0.5 };

describe('what is put into the section', () => {
	it('stands at the depth that was pointed at, and the list closes', async () => {
		const { onchange, press, component } = shown();
		component.openAt(1.23, 100, 100);
		await press('Add timber');
		expect(onchange).toHaveBeenLastCalledWith({ cover: [expect.objectContaining({ kind: 'timber', topM: 1.23 })] }, '');
		expect(hidePopover).toHaveBeenCalled();
	});

	it('stands among the fish where the keyboard opened the list', async () => {
		const { onchange, press } = shown();
		await press('+ cover, bait');
		expect(showPopover).toHaveBeenCalled();
		await press('Add leafy weed');
		expect(onchange.mock.calls[0]![0].cover![0]!.topM).toBe(1.5);
	});

	it('is never under the bottom nor over the surface, wherever was pointed', async () => {
		for (const [pointed, top] of [
			[9, 4],
			[-2, 0]
		] as const) {
			const { onchange, press, component } = shown();
			component.openAt(pointed, 0, 0);
			await press('Add wood');
			expect(onchange.mock.calls[0]![0].cover![0]!.topM).toBe(top);
			cleanup();
		}
	});

	it('is taken out by the same press, and nothing else with it', async () => {
		const { onchange, press } = shown({ cover: [wood, { ...wood, kind: 'pads', topM: 0 }] });
		expect(screen.getByRole('button', { name: 'Remove wood', hidden: true }).getAttribute('aria-pressed')).toBe('true');
		await press('Remove wood');
		expect(onchange.mock.calls[0]![0].cover!.map(({ kind }) => kind)).toEqual(['pads']);
	});

	it('cannot be more than a reading holds', () => {
		shown({ forage: Array.from({ length: LIST_MAX }, () => ({ kind: 'perch', lengthIn: 2, amount: 'some' })) });
		const bait = (name: string) => screen.getByRole<HTMLButtonElement>('button', { name, hidden: true });
		expect([bait('Add fry').disabled, bait('Remove perch').disabled]).toEqual([true, false]);
	});
});
