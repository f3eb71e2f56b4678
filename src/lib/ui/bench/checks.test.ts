// @vitest-environment jsdom
import { cleanup, render, screen, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import { check } from '$lib/core/rig/bench/checks/check';
import { THRESHOLDS, type CheckId } from '$lib/core/rig/bench/checks/thresholds';
import Checks from './Checks.svelte';
import { SAID } from './checkWords';

afterEach(cleanup);
const fails = check('lineWire', 1.6, 'A hookset must not open the line tie.');
const marginal = check('depth', 0.3, 'It runs below the fish.');
const pass = [check('start', 1.4, 'It turns.'), check('hooks', 0, 'The authority decides.')];

describe('the checks of a rig', () => {
	it('that do not hold come first, the worst at the top, each with what is true and its limit', () => {
		render(Checks, { checks: [...pass, marginal, fails], units: 'metric' });
		const rows = within(screen.getByRole('list', { name: 'Checks that fail or are close to the limit' })).getAllByRole(
			'listitem'
		);
		expect(rows.map((row) => row.querySelector('strong')!.textContent)).toEqual([
			'Wire bears the line: 60\u202f% too strong for the wire.',
			'In the strike zone: for 30\u202f% of the retrieve.'
		]);
		expect(rows[0]!.textContent).toContain('at most 100');
		expect(within(rows[1]!).getByRole('img', { name: 'close to the limit' })).toBeDefined();
	});

	it('that hold are one line, which names them and opens', () => {
		const { container } = render(Checks, { checks: [...pass, fails], units: 'metric' });
		expect(screen.getByText('2 checks pass')).toBeDefined();
		expect(container.querySelector('summary')!.textContent).toContain('blades start, hooks');
		expect(container.querySelector('details')!.open).toBe(false);
		cleanup();
		render(Checks, { checks: pass, units: 'metric' });
		expect(screen.getByText('All 2 checks pass')).toBeDefined();
		expect(screen.queryByRole('list', { name: 'Checks that fail or are close to the limit' })).toBeNull();
	});

	it('each have words for either side of their limit, none of them a bare figure', () => {
		for (const id of Object.keys(THRESHOLDS) as CheckId[]) {
			const { pass: limit } = THRESHOLDS[id];
			for (const value of [limit - 2, limit, limit + 2]) {
				const said = SAID[id](value, '9\u202fmm');
				expect([id, said, said.length > 3 && !said.includes('NaN') && !said.includes('-')]).toEqual([id, said, true]);
			}
		}
	});
});
