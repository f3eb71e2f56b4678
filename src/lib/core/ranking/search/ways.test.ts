import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readingSchema } from '../../foundation/schema/reading';
import { anyReading } from '../../testing/arbitraries';
import { call } from '../answer/call';
import { SPACES } from '../space/spaces';
import { areApart, waysOf } from './ways';

const single = SPACES.find(({ family, layout }) => family === 'spinnerbait' && layout === 'single')!;
const at = (id: string, is: (patch: (typeof single.variables)[number]['parts'][number]['patch']) => boolean): number =>
	single.variables.find((variable) => variable.id === id)!.parts.findIndex(({ patch }) => is(patch));

/** How a single spinnerbait of a blade is fished. */
function wayOf(blade: string, style: string, speedMps: number) {
	const { beat, way } = waysOf(single);
	const engine = at('blades', ({ blades }) => blades![0]!.style === blade);
	return way(
		beat[engine]!,
		at('retrieve', ({ retrieve }) => retrieve!.style === style),
		at('speed', ({ retrieve }) => retrieve!.speedMps === speedMps)
	);
}

describe('another way of fishing a family', () => {
	const usual = wayOf('colorado', 'steady', 0.7);

	it('is another beat, another height, or a pace that is told apart', () => {
		expect(areApart(usual, wayOf('willow', 'steady', 0.7))).toBe(true);
		expect(areApart(usual, wayOf('colorado', 'lift-drop', 0.7))).toBe(true);
		expect(areApart(usual, wayOf('colorado', 'steady', 1))).toBe(true);
	});

	it('is not a step of pace, wherever it lies, nor another word for the same height', () => {
		for (const speedMps of [0.5, 0.6, 0.8, 0.9])
			expect(areApart(usual, wayOf('colorado', 'steady', speedMps))).toBe(false);
		// One rig wound at one pace runs at one depth, whatever that is called.
		for (const style of ['slow-roll', 'deflect']) expect(areApart(usual, wayOf('colorado', style, 0.7))).toBe(false);
	});

	it('is what a family is called a second time for, on any water', () => {
		fc.assert(
			fc.property(anyReading, (given) => {
				const { calls } = call({ reading: readingSchema.parse(given) }, { windows: false, families: false });
				for (const { rig } of calls) {
					const [other, more] = calls.filter((one) => one.rig !== rig && one.rig.family === rig.family);
					expect(more).toBeUndefined();
					if (!other) continue;
					const beats = [rig, other.rig].map(({ blades }) =>
						[...new Set(blades.map(({ style }) => style))].sort().join()
					);
					const wound = [rig, other.rig].every(({ retrieve }) =>
						['steady', 'slow-roll', 'deflect'].includes(retrieve.style)
					);
					const slower = Math.abs(rig.retrieve.speedMps - other.rig.retrieve.speedMps) > 0.29;
					expect(beats[0] !== beats[1] || (!wound && rig.retrieve.style !== other.rig.retrieve.style) || slower).toBe(
						true
					);
				}
			}),
			{ numRuns: 25, seed: 12 }
		);
	});
});
