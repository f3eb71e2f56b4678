import { describe, expect, it } from 'vitest';
import { LINES, SPEEDS_MPS, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { KEEP_SHARE } from '../../simulation/physics/blade';
import { lineWidthM } from '../../simulation/physics/gateTable';
import { heldCast } from '../../testing/held';
import { lineDiameterM } from '../../simulation/physics/line';
import { assembleLure, dragM2, liftM2, startMps, type RunningRig } from '../../simulation/physics/lure';
import { pick, type Random, seeded } from '../../foundation/basics/random';
import { BandWindow, type Band } from './band';
import { pullOf } from './running';

/** What docs/CHOICE.md says of the gate's tables; measured here against the fast estimate itself. */
const AGREES = 0.94;
const RMS_M = 0.16;
const WORST_M = 1;
const SAMPLES = 700;

const TRAILERS = ['none', 'split-tail', 'paddle-tail', 'craw', 'swimbait'] as const;

function anyRig(random: Random): RunningRig {
	const family = pick(random, ['spinnerbait', 'bladed-jig', 'underspin'] as const);
	const turning = () => pick(random, ['colorado', 'indiana', 'willow'] as const);
	const rear =
		family === 'bladed-jig'
			? { position: 'rear' as const, style: pick(random, ['standard', 'oversized', 'clear']), size: 1 }
			: { position: 'rear' as const, style: turning(), size: family === 'underspin' ? 3 : 3 + random() * 3 };
	const front = { position: 'front' as const, style: turning(), size: 3 };
	const blades = family === 'spinnerbait' && random() < 0.5 ? [front, rear] : [rear];
	return {
		family,
		weightOz: pick(random, WEIGHTS_OZ),
		headMaterial: pick(random, ['lead', 'tungsten'] as const),
		blades,
		wireIn: 0.035,
		skirt: family === 'underspin' ? 'none' : pick(random, ['thin', 'full'] as const),
		trailer: pick(random, TRAILERS)
	};
}

interface Sample {
	readonly table: boolean;
	readonly estimate: boolean;
	/** Error (m) of the table's depth, where depth and not the cast is what runs out. */
	readonly errorM: number | null;
}

function sample(random: Random): Sample | null {
	const lure = assembleLure(anyRig(random));
	const at = Math.floor(random() * SPEEDS_MPS.length);
	const speedMps = SPEEDS_MPS[at]!;
	if (speedMps < KEEP_SHARE * startMps(lure)) return null;
	const line = pick(random, LINES);
	const lineM = lineDiameterM(line);
	const fromM = random() * 4;
	const band: Band = { fromM, toM: fromM + 0.3 + random() * 2, castM: 20 + random() * 20, aimM: fromM };
	const { holds } = heldCast(lure, lineM, speedMps, { ...band, fromM: -1 });
	if (!holds) return null;
	const capped = heldCast(lure, lineM, speedMps, { ...band, fromM: band.toM + 9 });
	const second = [...capped.depthsM].map((depth) => depth!).sort((a, b) => b - a)[1]!;
	const drag = dragM2(lure, speedMps);
	const pull = pullOf(lure.weightN, drag, liftM2(lure, speedMps), speedMps);
	const share = lineWidthM(lineM) / drag;
	const margin = new BandWindow(band).margin(at, pull, share);
	const spareM = second - fromM;
	const byDepth = capped.countdownS > 5 && capped.countdownS < 55;
	return { table: margin >= 0, estimate: spareM >= 0, errorM: byDepth ? margin - spareM : null };
}

describe('the tables of the gate against the fast estimate', () => {
	const random = seeded(12);
	const samples: Sample[] = [];
	while (samples.length < SAMPLES) {
		const one = sample(random);
		if (one) samples.push(one);
	}

	it('agree about nearly every lure', () => {
		const agreeing = samples.filter(({ table, estimate }) => table === estimate);
		expect(agreeing.length / samples.length).toBeGreaterThanOrEqual(AGREES);
	});

	it('are off by no more depth than is published', () => {
		const errors = samples.flatMap(({ errorM }) => (errorM === null ? [] : [Math.abs(errorM)]));
		expect(errors.length).toBeGreaterThan(SAMPLES / 3);
		const rms = Math.sqrt(errors.reduce((sum, error) => sum + error ** 2, 0) / errors.length);
		expect({ rms: rms <= RMS_M, worst: Math.max(...errors) <= WORST_M }).toEqual({ rms: true, worst: true });
	});
});
