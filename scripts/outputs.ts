// Writes what the core answers to 500 seeded readings, without its texts: npm run outputs -- FILE.
// Run it before and after a change that is meant to change no behavior, and compare the two files.
import { createHash } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import fc from 'fast-check';
import loadHighs from 'highs';
import { answer } from '../src/lib/core/cli/verbs';
import type { Verb } from '../src/lib/core/cli/verbNames';
import { solveBy } from '../src/lib/core/trips/plan/highs';
import { solveWith } from '../src/lib/core/trips/plan/solver';
import { likelyReading } from '../src/lib/core/testing/waters';

const SEED = 35_500;
const READINGS = 500;
/** Plans take seconds each; a few days show what a change of the plan would do. */
const DAYS = 6;
const HOURS = 4;

/** A sentence may change; what it stands beside may not. */
const withoutTexts = (_key: string, value: unknown) =>
	typeof value === 'string' && value.includes(' ') ? '(text)' : value;

const readings = fc.sample(likelyReading, { seed: SEED, numRuns: READINGS });
const every = (step: number) => readings.filter((_, at) => at % step === 0);

interface Called {
	readonly calls: readonly { readonly rig: unknown; readonly run: { readonly cast: object } }[];
}

const lines: string[] = [];
const record = (verb: Verb, input: unknown): unknown => {
	const found = answer(verb, input);
	lines.push(`${verb} ${JSON.stringify(found, withoutTexts)}`);
	return found;
};

const firsts = readings.map((reading) => (record('call', { reading, top: 3 }) as Called).calls[0]);
firsts.forEach((first, at) => {
	if (!first) return;
	record('window', { rig: first.rig, speedMps: 0.9 });
	if (at % 2 === 0) record('tow', { rig: first.rig, ...first.run.cast });
	if (at % 2 === 0) record('score', { reading: readings[at], rig: first.rig });
});
for (const reading of every(2)) record('sight', { reading });
for (let at = 0; at < 100; at++) {
	const arm = (casts: number, bites: number) => ({ casts, bites });
	const blocks = [0, 1, 2].map((block) => ({
		id: String(block),
		planned: block !== 1,
		a: arm(10 + ((at * 7 + block * 3) % 40), (at + block) % 5),
		b: arm(10 + ((at * 5 + block * 11) % 40), (at * 3 + block) % 4)
	}));
	record('evidence', { blocks });
}
solveWith(solveBy(await loadHighs()));
for (let day = 0; day < DAYS; day++) {
	const hours = readings.slice(day * HOURS, (day + 1) * HOURS).map((reading, hour) => ({
		at: `2026-05-0${day + 1}T${10 + hour}:00:00Z`,
		reading,
		weight: 1
	}));
	record('plan', { hours, rods: 2 });
}

const text = `${lines.join('\n')}\n`;
if (process.argv[2]) writeFileSync(process.argv[2], text);
for (const verb of new Set(lines.map((line) => line.split(' ', 1)[0]!))) {
	const own = lines.filter((line) => line.startsWith(`${verb} `));
	const digest = createHash('sha256').update(own.join('\n')).digest('hex').slice(0, 16);
	console.log(`${verb}: ${own.length} answers, ${digest}`);
}
