import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { answerCall } from '../choice/call';
import { readingSchema } from '../schema/reading';
import { SCHEMAS } from './verbs';

const WATER = { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4 };

const core = (args: string[], input = '') => {
	const { status, stdout, stderr } = spawnSync('npx', ['--no-install', 'tsx', 'src/lib/core/cli/main.ts', ...args], {
		input,
		encoding: 'utf8'
	});
	const error = stderr.split('\n').find((line) => line.startsWith('{'));
	return { status, stdout, error: error ? JSON.parse(error).error : null };
};

describe('the command line', () => {
	it('answers as the core does, one and many', () => {
		const { status, stdout } = core(['call'], JSON.stringify([{ reading: WATER }]));
		expect(status).toBe(0);
		expect(JSON.parse(stdout)).toEqual([answerCall({ reading: WATER })]);
	}, 20_000);

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
	])(
		'refuses %s with exit 2, one error object and nothing on standard output',
		(_name, args, input, error) => {
			const result = core(args, input);
			expect(result).toMatchObject({ status: 2, stdout: '', error });
		},
		20_000
	);

	it.each(Object.keys(SCHEMAS))(
		'prints the JSON Schema of %s',
		(name) => {
			const { status, stdout } = core(['schema', name]);
			expect(status).toBe(0);
			expect(JSON.parse(stdout)).toHaveProperty('type', 'object');
		},
		20_000
	);
});

it('a reading that went through the core goes back in unchanged', () => {
	const once = readingSchema.parse(WATER);
	expect(readingSchema.parse(JSON.parse(JSON.stringify(once)))).toEqual(once);
});
