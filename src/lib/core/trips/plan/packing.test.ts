import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { call } from '../../ranking/answer/call';
import { callInputSchema } from '../../foundation/schema/call';
import { likelyReading } from '../../testing/waters';
import { startBuild } from '../../rig/build/start';
import type { Rig } from '../../foundation/schema/rig';
import { packingOf } from './packing';

const rodOf = (rigs: readonly Rig[]) => {
	const { rod, reel, line } = rigs[0] ?? startBuild('spinnerbait').rig;
	const hours = rigs.map((rig, at) => ({ at: `2026-05-09T0${at}:00:00.000Z`, spot: null, rig, behind: 0 }));
	return { outfit: { rod, reel, line }, hours, adds: 0, for: [] };
};
const section = (title: string, rigs: readonly Rig[]) =>
	packingOf({ rods: [rodOf(rigs)] }).find((one) => one.title === title)?.items ?? null;

describe('what to take along', () => {
	const { rig } = startBuild('spinnerbait');

	it('has a leader for each rod with braid and for no other', () => {
		const braid = { ...rig, line: { ...rig.line, type: 'braid' as const, leader: null } };
		const mono = { ...rig, line: { ...rig.line, type: 'mono' as const, leader: null } };
		expect(section('Leaders', [braid])).toEqual([expect.stringMatching(/^1 × .*12 to 20 lb/)]);
		expect(section('Leaders', [mono])).toBeNull();
		const own = {
			...braid,
			line: { ...braid.line, leader: { type: 'fluorocarbon' as const, testLb: 17, lengthIn: 60 } }
		};
		expect(section('Leaders', [own])).toEqual(['1 × fluorocarbon, 17 lb, 60 in']);
		expect(
			packingOf({ rods: [rodOf([braid]), rodOf([braid])] }).find(({ title }) => title === 'Leaders')!.items[0]
		).toMatch(/^2 ×/);
	});

	it('names each blade, skirt and trailer once, and nothing that is not worn', () => {
		const bare = {
			...rig,
			skirt: { ...rig.skirt, colour: 'none' as const },
			trailer: null,
			trailerHook: 'none' as const
		};
		expect(section('Skirts', [bare])).toBeNull();
		expect(section('Trailers', [bare])).toBeNull();
		expect(section('Spare blades', [rig, rig])).toHaveLength(
			new Set(rig.blades.map((one) => JSON.stringify(one))).size
		);
		expect(section('Spare blades', [startBuild('bladed-jig').rig])).toBeNull();
		expect(packingOf({ rods: [] })).toEqual([]);
	});

	it('has words and no empty section for whatever is called', () => {
		fc.assert(
			fc.property(likelyReading, (reading) => {
				const { calls } = call(callInputSchema.parse({ reading, top: 3 }), { windows: false, families: false });
				for (const { title, items } of packingOf({ rods: calls.map((one) => rodOf([one.rig])) })) {
					expect([title, items.length > 0]).toEqual([title, true]);
					for (const item of items) expect(item).not.toMatch(/undefined|null|NaN|\[object/);
				}
			}),
			{ numRuns: 12, seed: 4 }
		);
	});
});
