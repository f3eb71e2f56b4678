// Measures speed: npm run bench, or a part of it by name (npm run bench -- deck). Figures depend on the machine;
// compare medians.
import type { ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import fc from 'fast-check';
import type { Page } from 'playwright-core';
import { anyReading } from '../src/lib/core/testing/arbitraries';
import { benchFirstView, benchLoop, benchRanking } from './bench/application';
import { benchGrowth, benchSight, benchTow } from './bench/core';
import { benchDrag, benchSightSlider } from './bench/dragging';
import { WARM_UP } from './bench/figures';
import { benchFuzz, benchMemory, HEAP_FILE } from './bench/hostile';
import { benchMetronome } from './bench/metronome';
import { benchDeck, benchTally } from './bench/records';
import { benchBench, benchInputToPaint } from './bench/screens';
import { ROOT } from './lib/run.mjs';
import { onStage, opened } from './lib/stage.mjs';

const READINGS = 300;

const asked = fc.sample(anyReading, { numRuns: READINGS + WARM_UP, seed: 1 });
const only = process.argv.slice(2);
const wanted = (name: string): boolean => only.length === 0 || only.includes(name);
/** What needs no browser, and what is measured in one, each by its name. */
const ALONE = { tow: benchTow, sight: benchSight, growth: () => benchGrowth(asked) };
type Stage = readonly [page: Page, address: string, server: ChildProcess];
const ON_STAGE: Readonly<Record<string, (...stage: Stage) => Promise<void>>> = {
	ranking: (page) => benchRanking(page, asked),
	weight: benchFirstView,
	drag: benchDrag,
	slider: benchSightSlider,
	bench: benchBench,
	input: benchInputToPaint,
	metronome: benchMetronome,
	loop: (page, _address, server) => benchLoop(page, asked, server),
	deck: benchDeck,
	tally: benchTally,
	fuzz: benchFuzz,
	memory: benchMemory
};
for (const [name, measure] of Object.entries(ALONE)) if (wanted(name)) measure();
const measured = { NODE_OPTIONS: `--import ${join(ROOT, 'scripts', 'lib', 'loopDelay.mjs')}`, HEAP_FILE };
const staged = Object.entries(ON_STAGE).filter(([name]) => wanted(name));
if (staged.length > 0) {
	await onStage(async (browser: import('playwright-core').Browser, address: string, server: ChildProcess) => {
		for (const [, measure] of staged) {
			const page = await opened(browser, address, 'Alder Bank');
			await measure(page, address, server);
			await page.context().close();
		}
	}, measured);
}
