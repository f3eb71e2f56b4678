import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { answerCall } from '../ranking/answer/call';
import { readingSchema } from '../foundation/schema/reading';
import { commandLine } from './commandLine';
import { SCHEMAS } from './verbs';

const WATER = { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4 };

const core = (args: string[], input = '') => {
	const { status, stdout, stderr } = commandLine(args, () => input);
	return { status, stdout, error: stderr === '' ? null : JSON.parse(stderr).error };
};

describe('the command line', () => {
	it('answers as the core does, one and many', () => {
		const { status, stdout } = core(['call'], JSON.stringify([{ reading: WATER }]));
		expect(status).toBe(0);
		expect(JSON.parse(stdout)).toEqual([answerCall({ reading: WATER })]);
	});

	it('as a process of its own reads, prints and ends in the same way', () => {
		const words = ['--no-install', 'tsx', 'src/lib/core/cli/main.ts', 'window'];
		const { status, stdout, stderr } = spawnSync('npx', words, { input: '{', encoding: 'utf8' });
		expect([status, stdout]).toEqual([2, '']);
		expect(stderr.split('\n')).toContainEqual(commandLine(['window'], () => '{').stderr.trim());
	});

	it.each([
		['no JSON', ['call'], '{', { code: 'bad-json' }],
		['an unknown verb', ['guess'], '{}', { code: 'unknown-verb' }],
		[
			'a bad item of a batch',
			['call'],
			JSON.stringify([{ reading: WATER }, { reading: {} }]),
			{ code: 'invalid', path: '1.reading.waterTemperatureC' }
		],
		[
			'an unknown key',
			['call'],
			JSON.stringify({ reading: WATER, mood: 'good' }),
			{ code: 'unknown-key', path: 'mood' }
		],
		['an unknown schema', ['schema', 'boat'], '', { code: 'unknown-schema' }]
	])('refuses %s with exit 2, one error object and nothing on standard output', (_name, args, input, error) => {
		expect(core(args, input)).toMatchObject({ status: 2, stdout: '', error });
	});

	it.each(Object.keys(SCHEMAS))('prints the JSON Schema of %s', (name) => {
		const { status, stdout } = core(['schema', name]);
		expect(status).toBe(0);
		const { type, anyOf = [] } = JSON.parse(stdout);
		expect(type ?? anyOf[0].type).toBe('object');
	});
});

it('a reading that went through the core goes back in unchanged', () => {
	const once = readingSchema.parse(WATER);
	expect(readingSchema.parse(JSON.parse(JSON.stringify(once)))).toEqual(once);
});
