import { describe, expect, it } from 'vitest';
import { startBuild } from '../../rig/build/start';
import { FAMILIES } from '../../foundation/schema/words';
import { traySchema, LURES_MAX } from '../../foundation/schema/tray';
import { planInputSchema } from '../../foundation/schema/plan';
import { refusalOf } from '../../testing/refusal';
import { savedTray } from './savedTray';
import { prepared } from './prepared';

const rigs = FAMILIES.map((family) => startBuild(family).rig);
const WATER = { waterTemperatureC: 18, visibilityM: 1.2, bottomM: 2 };
const day = (reading: object, tray: unknown) =>
	prepared(planInputSchema.parse({ hours: [{ at: '2026-05-09T06:00:00Z', reading }], rods: 2, perHour: 4, tray }));

describe('rigs that are kept, as a tray', () => {
	it('are finished lures, each once, however they are fished', () => {
		const [first] = rigs;
		const tray = savedTray([...rigs, { ...first!, retrieve: { style: 'burn', speedMps: 1.4 } }]);
		expect(traySchema.parse(tray)).toEqual(tray);
		expect(tray.map((item) => item.part === 'lure' && item.rig.family)).toEqual([...FAMILIES]);
		for (const item of tray)
			for (const key of ['line', 'rod', 'reel', 'retrieve']) expect(item).not.toHaveProperty(`rig.${key}`);
	});

	it('are at most as many as a tray takes', () => {
		const many = Array.from({ length: LURES_MAX + 5 }, (_, at) => ({ ...rigs[0]!, weightOz: 0.2 + at / 1000 }));
		expect(savedTray(many)).toHaveLength(LURES_MAX);
	});

	it('are all that a day casts, on whatever line, rod and reel serve it best', () => {
		const { candidates } = day(WATER, savedTray(rigs));
		expect(candidates.length).toBeGreaterThan(0);
		for (const { family, blades, weightOz, skirt, trailer } of candidates) {
			const kept = rigs.find((rig) => rig.family === family)!;
			expect({ blades, weightOz, skirt, trailer }).toEqual({
				blades: kept.blades,
				weightOz: kept.weightOz,
				skirt: kept.skirt,
				trailer: kept.trailer
			});
		}
	});

	it('of which none runs leave a day that is refused', () => {
		const deep = { ...WATER, waterTemperatureC: 6, bottomM: 12, fishFromM: 10.5, fishToM: 12 };
		const buzz = savedTray(rigs.filter(({ family }) => family === 'buzzbait'));
		expect(refusalOf(() => day(deep, buzz))).toMatchObject({
			path: 'hours',
			message: expect.stringMatching(/No lure works in any/)
		});
	});
});
