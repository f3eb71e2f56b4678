import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STAINS } from '../../foundation/schema/words';
import { backdropOf, NODES, RED_ROW, ROD_ROW, rowsOf, VIEWS, type View } from './backdrop';
import { BANDS } from './bands';
import { lookedAt, radianceOf } from './contrast';
import { sceneOf, type Scene } from './scene';
import { everyTarget } from './sight';
import { CLOUDS, SURFACES } from './sky';
import { targetOf, type Target } from './targets';
import { waterOf } from './water';

const HALF_DEGREE = (0.5 * Math.PI) / 180;

/** How many times over the least that is told something is, by brightness or by hue, at every distance from the nearest on. */
function toldAt(target: Target, scene: Scene, view: View): number[] {
	const { behind, weights, stepM } = backdropOf(scene, view);
	const light = radianceOf(target, scene, view);
	const { cones, leastContrast, leastHue } = scene.eye;
	return Array.from({ length: NODES }, (_, node) => {
		const [green, red, rod] = [0, RED_ROW, ROD_ROW].map((row) => {
			let sum = 0;
			for (let at = 0; at < BANDS; at++) sum += weights[rowsOf(node) + row + at]! * (light[at]! - behind[at]!);
			return sum;
		}) as [number, number, number];
		const contrast = (cones * (green + 2 * red)) / 3 + (1 - cones) * rod;
		const hue = Math.log(Math.max(0.05, 1 + red) / Math.max(0.05, 1 + green));
		const small = 1 + ((node * stepM * HALF_DEGREE) / target.sizeM) ** 2;
		const byHue = cones < 0.02 ? 0 : (cones * Math.abs(hue)) / (leastHue * small);
		return Math.max(Math.abs(contrast) / (leastContrast * small), byHue);
	});
}

const anyScene = fc
	.record({
		stain: fc.constantFrom(...STAINS),
		visibilityM: fc.double({ min: 0.1, max: 8, noNaN: true }),
		sunElevationDeg: fc.double({ min: -12, max: 80, noNaN: true }),
		cloud: fc.constantFrom(...CLOUDS),
		surface: fc.constantFrom(...SURFACES),
		depthM: fc.double({ min: 0.1, max: 9, noNaN: true })
	})
	.map(({ stain, visibilityM, depthM, ...sky }) => sceneOf(waterOf(stain, visibilityM, 'lure'), sky, depthM));
const all = everyTarget();

describe('how far something is seen', () => {
	it('is where it is told last, looked for at every distance there is', () => {
		fc.assert(
			fc.property(anyScene, fc.constantFrom(...all), fc.constantFrom(...VIEWS), (scene, { target }, view) => {
				const { stepM } = backdropOf(scene, view);
				const last = toldAt(target, scene, view).findLastIndex((times) => times >= 1);
				const farthest = lookedAt(target, scene, view).sightedM;
				const deepest = view === 'above' ? scene.depthM : Infinity;
				const [from, to] = last < 0 ? [0, 0] : [last * stepM, (last + 1) * stepM];
				expect(farthest).toBeGreaterThanOrEqual(Math.min(deepest, from) - 1e-9);
				expect(farthest).toBeLessThanOrEqual(Math.min(deepest, to) + 1e-9);
			}),
			{ numRuns: 400 }
		);
	});

	it('is nothing for what is just like the water behind it', () => {
		const scene = sceneOf(
			waterOf('green', 1, 'lure'),
			{ sunElevationDeg: 40, cloud: 'overcast', surface: 'ripple' },
			1
		);
		const white = targetOf('skirt', 'white')!;
		const grey = (share: number): Target => ({
			...white,
			reflects: white.reflects.map(() => share),
			passes: white.passes.map(() => 0)
		});
		const contrasts = [0.02, 0.9].map((share) => lookedAt(grey(share), scene, 'side'));
		expect(contrasts.map(({ looks }) => looks)).toEqual(['dark', 'bright']);
		// Between the two there is a gray that is lost in the water long before either of them.
		const least = Math.min(
			...Array.from({ length: 60 }, (_, at) => lookedAt(grey(0.02 + at * 0.015), scene, 'side').sightedM)
		);
		expect(least).toBeLessThan(0.7 * Math.min(...contrasts.map(({ sightedM }) => sightedM)));
	});
});
