import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Sight } from '../../foundation/schema/sight';
import { STAINS } from '../../foundation/schema/words';
import { BASE, daylight, NM, type Spectrum } from './bands';
import { EYE } from './eye';
import { answerSight, everyTarget } from './sight';
import { refusalOf } from '../../testing/refusal';
import { cases } from './sight.cases.json';
import { skyOf } from './sky';
import { targetOf } from './targets';
import { diffuseLoss, waterOf } from './water';

const M_PER_FT = 0.3048;
const at = (answer: Sight, path: string): unknown =>
	path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], answer);

describe('scenes that were worked out by a second implementation', () => {
	it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, one) => {
		const answer = answerSight(one.input);
		for (const { path, value, rel = 0, abs = 0 } of one.expect) {
			if (typeof value === 'string') expect(at(answer, path)).toBe(value);
			else
				expect(Math.abs((at(answer, path) as number) - value), path).toBeLessThanOrEqual(
					Math.max(abs, rel * Math.abs(value))
				);
		}
	});
});

describe('the published figures', () => {
	it('has the daylight of the standard at its color temperature', () => {
		const d65 = daylight(6504);
		const of = (nm: number): number => (100 * d65[NM.indexOf(nm)]!) / d65[NM.indexOf(560)]!;
		for (const [nm, value] of [
			[400, 82.75],
			[450, 117.01],
			[500, 109.35],
			[600, 90.01],
			[700, 71.61]
		] as const) {
			expect(Math.abs(of(nm) / value - 1), String(nm)).toBeLessThan(0.005);
		}
	});

	it('follows the worked example: green water, a disc lost at 4 ft, overcast, 4 ft down', () => {
		const water = waterOf('green', 4 * M_PER_FT, 'disc');
		const band = NM.indexOf(560);
		expect(water.absorbs[band]).toBeCloseTo(0.42444, 4);
		expect(water.backscatters[band]).toBeCloseTo(0.062259, 5);
		expect(water.attenuates[band]).toBeCloseTo(5.5245, 3);
		const sky = skyOf({ sunElevationDeg: 45, cloud: 'overcast', surface: 'ripple' });
		expect(diffuseLoss(water, sky.perCosine)[band]).toBeCloseTo(0.76323, 4);
		const targets = ['white', 'black', 'green-pumpkin'].map((colour) => ({ kind: 'skirt', colour }));
		const answer = answerSight({
			water: { stain: 'green', visibilityM: 4 * M_PER_FT, kind: 'disc' },
			sky: { sunElevationDeg: 45, cloud: 'overcast', surface: 'ripple' },
			depthM: 4 * M_PER_FT,
			targets: [...targets, { kind: 'blade', finish: 'gold' }]
		});
		expect(answer.lightLux).toBeCloseTo(2851.1, 0);
		expect(answer.targets.map(({ side }) => Number(side.contrast.toFixed(4)))).toEqual([
			1.5496, -0.9069, -0.6396, 1.2426
		]);
		expect(answer.targets.map(({ side }) => Number((side.sightedM / M_PER_FT).toFixed(2)))).toEqual([
			2.55, 2.25, 2.04, 2.45
		]);
		expect(answer.targets[3]!.flash).toMatchObject({ contrast: expect.closeTo(7.4546, 3) });
		expect(answer.targets[3]!.flash!.sightedM / M_PER_FT).toBeCloseTo(3.51, 2);
	});

	/** Side distances in ft of white, chartreuse, green pumpkin, red craw and black, where they are told. */
	it.each([
		['clear', 15, 60, 'clear', 6, [10.41, 10.21, 6.81, 8.08]],
		['tannic', 3, 45, 'overcast', 3, [2.62, 2.55, 1.72, 2.03]],
		['mud', 1, 45, 'overcast', 1.5, [0.45, 0.35, 0.63, 0.66]]
	] as const)('%s water, lost at %s ft', (stain, lostFt, sunElevationDeg, cloud, depthFt, feet) => {
		const colours = ['white', 'chartreuse', 'green-pumpkin', 'black'];
		const answer = answerSight({
			water: { stain, visibilityM: lostFt * M_PER_FT, kind: 'disc' },
			sky: { sunElevationDeg, cloud, surface: 'ripple' },
			depthM: depthFt * M_PER_FT,
			targets: colours.map((colour) => ({ kind: 'skirt', colour }))
		});
		for (const [index, { side }] of answer.targets.entries()) {
			expect(Math.abs(side.sightedM / M_PER_FT - feet[index]!), colours[index]).toBeLessThan(
				0.06 + 0.02 * feet[index]!
			);
		}
	});
});

describe('a water', () => {
	it('loses the very lure that was read where it was read, and a disc a little deeper', () => {
		fc.assert(
			fc.property(fc.constantFrom(...STAINS), fc.double({ min: 0.2, max: 4, noNaN: true }), (stain, visibilityM) => {
				const { discM, clamped } = waterOf(stain, visibilityM, 'lure');
				if (clamped) return;
				expect(discM).toBeGreaterThan(visibilityM);
				expect(waterOf(stain, discM, 'disc').discM).toBeCloseTo(discM, 4);
			})
		);
	});

	it('says so where no water of its stain is that clear', () => {
		expect(waterOf('green', 40, 'disc').clamped).toBe(true);
		expect(waterOf('green', 1, 'disc').clamped).toBe(false);
	});

	it('of tea lets red through, clear water blue and green', () => {
		const left = (stain: 'tannic' | 'clear', nm: number): number => {
			const loss = diffuseLoss(waterOf(stain, 1.5, 'disc'), 1.1);
			return Math.exp(-loss[NM.indexOf(nm)]!);
		};
		expect(left('tannic', 630)).toBeGreaterThan(left('tannic', 470));
		expect(left('clear', 520)).toBeGreaterThan(left('clear', 690));
	});
});

describe('the light', () => {
	it('grows with the sun, is less under clouds, and never comes in more than it came', () => {
		fc.assert(
			fc.property(
				fc.double({ min: -30, max: 85, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.constantFrom('calm' as const, 'ripple' as const, 'chop' as const),
				(sunElevationDeg, moon, surface) => {
					const sky = skyOf({ sunElevationDeg, moon, surface, cloud: 'clear' });
					expect(sky.lux).toBeGreaterThan(skyOf({ sunElevationDeg, moon, surface, cloud: 'heavy' }).lux);
					expect(
						skyOf({
							sunElevationDeg: sunElevationDeg + 5,
							moon: sunElevationDeg + 5 < 0 ? moon : 0,
							surface,
							cloud: 'clear'
						}).lux
					).toBeGreaterThan(sky.lux * 0.2);
					expect(sky.through).toBeGreaterThan(0.3);
					expect(sky.through).toBeLessThanOrEqual(1);
					expect(sky.beam).toBeGreaterThanOrEqual(0);
					expect(sky.beam).toBeLessThan(1);
				}
			)
		);
	});

	it('is taken by each receptor of a bass most at its own peak', () => {
		const peak = (of: Spectrum): number => NM[of.indexOf(Math.max(...of))]!;
		for (const [eye, nm] of [
			[EYE.green, 535],
			[EYE.red, 614],
			[EYE.rod, 528]
		] as const) {
			expect(Math.abs(peak(eye) - nm)).toBeLessThanOrEqual(5);
		}
	});
});

describe('how things show', () => {
	const ask = (more: object) =>
		answerSight({
			water: { stain: 'green', visibilityM: 1.2 },
			sky: { sunElevationDeg: 40, cloud: 'clear', surface: 'ripple' },
			depthM: 1,
			...more
		});

	it('every lure and forage of the catalog, but clear plastic and no skirt', () => {
		const answer = ask({});
		expect(answer.targets).toHaveLength(everyTarget().length);
		for (const { rgb, side } of answer.targets) {
			for (const channel of rgb) expect(channel >= 0 && channel <= 255 && Number.isInteger(channel)).toBe(true);
			expect(side.sightedM).toBeGreaterThanOrEqual(0);
		}
		expect(targetOf('blade', 'clear')).toBeNull();
		expect(targetOf('skirt', 'none')).toBeNull();
		expect(answer.ranking.side).toHaveLength(answer.targets.filter(({ kind }) => kind !== 'forage').length);
		expect(Object.keys(answer.match)).toHaveLength(7);
		expect(answer.pair!.steps).toBeGreaterThan(1);
	});

	it('no lure is seen from above farther than the surface, nor from below farther than the bottom', () => {
		for (const { above, below } of ask({ bottomM: 1.1 }).targets) {
			expect(above.sightedM).toBeLessThanOrEqual(1);
			expect(below.sightedM).toBeLessThanOrEqual(0.1 + 1e-9);
		}
	});

	it('clearer water is seen farther in, and mud brings dark and bright near each other', () => {
		const targets = [
			{ kind: 'skirt', colour: 'white' },
			{ kind: 'skirt', colour: 'black' }
		];
		const [clear, murk] = [3, 0.6].map((visibilityM) => ask({ water: { stain: 'clear', visibilityM }, targets })) as [
			Sight,
			Sight
		];
		expect(clear.targets[0]!.side.sightedM).toBeGreaterThan(2 * murk.targets[0]!.side.sightedM);
		const mud = ask({ water: { stain: 'mud', visibilityM: 0.3 }, depthM: 0.5, targets });
		const [white, black] = mud.targets.map(({ side }) => side.sightedM) as [number, number];
		expect(black).toBeGreaterThan(white);
		expect(Math.max(white, black)).toBeLessThan(0.3);
	});

	it('a skirt of the forage’s own color is like it, and a white one is not', () => {
		const like = (colour: string): number => ask({}).match['sunfish']!.find((one) => one.colour === colour)!.match;
		expect(like('sunfish')).toBeGreaterThan(0.8);
		expect(like('white')).toBeLessThan(0.1);
	});

	it('a hammered blade flashes in the sun for longer and less bright, and is the same between', () => {
		const blade = (texture: string) => ask({ targets: [{ kind: 'blade', finish: 'nickel', texture }] }).targets[0]!;
		const [smooth, hammered] = [blade('smooth'), blade('hammered')];
		expect(hammered.side).toEqual(smooth.side);
		expect(hammered.flash!.sunShare).toBeGreaterThan(smooth.flash!.sunShare);
		expect(hammered.flash!.sunContrast).toBeLessThan(smooth.flash!.sunContrast);
	});

	it('of a reading is that of its stain, sky and wind in the middle of its fish', () => {
		const reading = {
			waterTemperatureC: 18,
			visibilityM: 1.2,
			bottomM: 3,
			stain: 'green',
			sky: 'overcast',
			wind: 'ripple',
			sunElevationDeg: 40,
			fishFromM: 0.5,
			fishToM: 1.5
		};
		const targets = [{ kind: 'skirt', colour: 'white' }];
		const sky = { sunElevationDeg: 40, cloud: 'overcast', surface: 'ripple' };
		expect(answerSight({ reading, targets })).toEqual(ask({ sky, depthM: 1, bottomM: 3, targets }));
	});
});

describe('what cannot be looked at', () => {
	const good = {
		water: { stain: 'green', visibilityM: 1 },
		sky: { sunElevationDeg: 40, cloud: 'clear', surface: 'calm' },
		depthM: 1
	};
	it.each([
		['a water without a stain', { water: { visibilityM: 1 } }, 'water.stain'],
		['a sun that is not there', { sky: { ...good.sky, sunElevationDeg: 120 } }, 'sky.sunElevationDeg'],
		['a clear blade', { targets: [{ kind: 'blade', finish: 'clear' }] }, 'targets.0'],
		['an unknown key', { fog: true }, 'fog']
	])('%s', (_name, more, path) => {
		expect(refusalOf(() => answerSight({ ...good, ...more }))?.path).toBe(path);
	});

	it('is counted in bands that all have the same length', () => {
		for (const table of Object.values(BASE)) expect(table).toHaveLength(NM.length);
	});
});
