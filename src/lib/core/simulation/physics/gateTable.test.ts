import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPEEDS_MPS } from '../../foundation/catalogue/parts';
import { DEPTHS_M, NODES, SpeedPaths } from './gateTable';
import { Flow, FARTHEST_MARK_M, MARKS, NEAREST_MARK_M, PATHS, shareBetween } from './flow';

/** A path that goes straight down or up before a distance is out of reach of any band there. */
const OUT_OF_REACH_M = 99;
const reached = (depthM: number): number => Math.max(-OUT_OF_REACH_M, Math.min(OUT_OF_REACH_M, depthM));

const anySpeed = fc.constantFrom(...SPEEDS_MPS);

describe('the paths of a speed', () => {
	it('never cross: what is deeper near the angler is deeper farther out', () => {
		for (const speedMps of SPEEDS_MPS) {
			const paths = new SpeedPaths(speedMps);
			for (let node = 0; node < NODES; node++) {
				for (let depth = 1; depth < DEPTHS_M.length; depth++) {
					const [upper, lower] = [paths.at(node, depth - 1), paths.at(node, depth)];
					const inOrder = (depthsM: Float64Array): boolean => reached(depthsM[lower]!) >= reached(depthsM[upper]!);
					expect(inOrder(paths.middleM) && inOrder(paths.farM), `${speedMps} m/s, ${node}, ${depth}`).toBe(true);
				}
			}
		}
	});

	it('are the same in whatever order they are read', () => {
		const asked = fc.array(
			fc.record({ node: fc.nat({ max: NODES - 1 }), depth: fc.nat({ max: DEPTHS_M.length - 1 }) }),
			{ minLength: 1, maxLength: 40 }
		);
		fc.assert(
			fc.property(anySpeed, asked, (speedMps, reads) => {
				const [forth, back] = [new SpeedPaths(speedMps), new SpeedPaths(speedMps)];
				for (const { node, depth } of reads) forth.at(node, depth);
				for (const { node, depth } of [...reads].reverse()) {
					const at = back.at(node, depth);
					expect([back.middleM[at], back.farM[at], back.surfaceM[at]]).toEqual([
						forth.middleM[at],
						forth.farM[at],
						forth.surfaceM[at]
					]);
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('run deeper the harder the lure pulls down', () => {
		const paths = new SpeedPaths(0.6);
		const [light, heavy] = [paths.at(4, 8), paths.at(12, 8)];
		// Both pass the same depth near the angler; the heavy one was shallower before it, the light one rises faster.
		expect(paths.farM[heavy]!).toBeLessThan(paths.farM[light]!);
	});
});

const anyWater = fc.record({
	speedMps: anySpeed,
	pull: fc.double({ min: -0.05, max: 2, noNaN: true }),
	lineShare: fc.double({ min: 0.06, max: 2, noNaN: true })
});

const range = fc.double({ min: NEAREST_MARK_M + 1, max: FARTHEST_MARK_M - 1, noNaN: true });
const depth = fc.double({ min: 0, max: 6, noNaN: true });

describe('a flow', () => {
	it('keeps its paths in order at every mark', () => {
		fc.assert(
			fc.property(anyWater, (water) => {
				const flow = new Flow(water);
				for (let path = 1; path < PATHS; path++) {
					const [upper, lower] = [flow.at(path - 1, MARKS - 1), flow.at(path, MARKS - 1)];
					for (let mark = 0; mark < MARKS; mark++) {
						expect(flow.depthsM[lower + mark]!).toBeGreaterThanOrEqual(flow.depthsM[upper + mark]! - 1e-4);
					}
				}
			}),
			{ numRuns: 40 }
		);
	});

	it('gives a share of the meters between none and all, and all of them for a band without ends', () => {
		fc.assert(
			fc.property(anyWater, range, depth, depth, depth, (water, rangeM, depthM, a, b) => {
				const share = (from: number, to: number) => shareBetween(new Flow(water), rangeM, depthM, from, to);
				const [fromM, toM] = [Math.min(a, b), Math.max(a, b)];
				expect(share(fromM, toM)).toBeGreaterThanOrEqual(0);
				expect(share(fromM, toM)).toBeLessThanOrEqual(share(0, toM));
				expect(share(0, 1000)).toBe(1);
			}),
			{ numRuns: 60 }
		);
	});

	it('answers alike whatever was read of it before', () => {
		fc.assert(
			fc.property(anyWater, fc.array(fc.tuple(range, depth), { maxLength: 6 }), (water, before) => {
				const [read, fresh] = [new Flow(water), new Flow(water)];
				for (const [rangeM, depthM] of before) shareBetween(read, rangeM, depthM, 0.5, 2);
				expect(shareBetween(read, 20, 1, 0.5, 2)).toBe(shareBetween(fresh, 20, 1, 0.5, 2));
			}),
			{ numRuns: 40 }
		);
	});
});
