import { describe, expect, it } from 'vitest';
import { answerCall } from '$lib/core/ranking/answer/call';
import { partAdvice, stepsOf } from './plan';

const { plan } = answerCall({
	reading: {
		waterTemperatureC: 20,
		visibilityM: 1.2,
		bottomM: 2.4,
		fishToM: 1.5,
		wind: 'chop',
		bank: 'windblown',
		cover: [{ kind: 'stems', density: 'medium', topM: 0 }]
	}
});

describe('the plan of the cast', () => {
	it('comes in the order of the work and leaves nothing out', () => {
		const steps = stepsOf(plan);
		expect(steps.map(({ key }) => key)).toEqual(['position', 'cast', 'retrieve', 'hookset', 'weed']);
		const shown = steps.flatMap(({ items }) => items).length + partAdvice(plan).length;
		expect(shown).toBe(plan.filter(({ kind }) => kind !== 'caution').length);
	});

	it('puts the strongest and most specific first in every step', () => {
		for (const { items } of stepsOf(plan)) {
			const strengths = items.map(({ strength }) => strength);
			expect(strengths).toEqual([...strengths].sort((a, b) => b - a));
		}
		expect(stepsOf(plan)[0]!.items[0]!.claim).toBe('POS-01');
	});

	it('puts advice beside the part that it concerns', () => {
		const advice = partAdvice(plan);
		expect(advice.find(({ text }) => text.startsWith('Tie direct'))?.part).toBe('Line');
		expect(advice.every(({ part, text }) => part !== '' && text !== '')).toBe(true);
	});
});
