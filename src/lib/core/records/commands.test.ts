import { describe, expect, it } from 'vitest';
import { call } from '../ranking/answer/call';
import { callInputSchema } from '../foundation/schema/call';
import { savedCall, savedSettings } from './commands';
import { savedCallRecordSchema } from './schemas';
import { SCHEMA_VERSION } from './version';

const question = callInputSchema.parse({ reading: { waterTemperatureC: 17, visibilityM: 1, bottomM: 4 }, top: 3 });
const screen = {
	desk: { readingId: null, spotId: null, takenAt: '2026-05-09T06:00:00.000Z' },
	question,
	chosen: 1,
	name: ' ',
	keptAt: '2026-05-09T06:05:00.000Z'
};

describe('what is saved', () => {
	it('of a call is the very reading that it answers, whatever was asked meanwhile', () => {
		const answer = call(question);
		const saved = savedCallRecordSchema.parse(savedCall(screen, answer));
		expect(saved.reading).toEqual(question.reading);
		expect(call({ ...question, reading: saved.reading, locks: saved.locks }).calls[saved.chosen]).toEqual(
			answer.calls[1]
		);
		expect(saved.name).toBe('Unnamed call');
	});

	it('of a call is one that is there, however many the marked one was of', () => {
		const answer = call({ ...question, top: 1 });
		expect(savedCall({ ...screen, chosen: 4 }, answer).chosen).toBe(0);
	});

	it('of settings keeps what the form does not show', () => {
		const before = { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true, outingCost: 34 } as const;
		expect(savedSettings(before, { units: 'imperial' })).toMatchObject({
			units: 'imperial',
			outingCost: 34,
			shortcuts: true
		});
		expect(savedSettings(before, { units: 'cubits' })).toBeNull();
	});
});
