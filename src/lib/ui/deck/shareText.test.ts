import { describe, expect, it } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import type { Plan } from '$lib/core/foundation/schema/plan';
import { outfitText } from './lures';
import { deckText } from './shareText';

const { rig } = startBuild('spinnerbait');
const { rod, reel, line } = rig;
const outfit = { rod, reel, line };
const at = (hour: number): string => new Date(Date.UTC(2026, 4, 9, hour)).toISOString();
const rods: Plan['rods'] = [
	{ outfit, hours: [6, 7].map((hour) => ({ at: at(hour), spot: 'bay', rig, behind: 0 })), adds: 1, for: [] },
	{ outfit, hours: [], adds: 0, for: [] }
];
const told = {
	title: 'Tallow Mere, Saturday',
	best: 'Best hours 06:00 to 08:00.',
	clock: (instant: string) => instant.slice(11, 16),
	spotName: () => 'Pad Bay',
	units: 'metric',
	cautions: ['Lead: wash hands.']
} as const;

describe('a deck as text', () => {
	it('has its rods, what they cast when and where, what to take along, and the cautions', () => {
		const text = deckText(rods, told);
		expect(text.startsWith('Tallow Mere, Saturday\nBest hours 06:00 to 08:00.\n')).toBe(true);
		expect(text).toContain(`Rod 1: ${outfitText(outfit)}\n  06:00–08:00, Pad Bay\n`);
		expect(text).toMatch(/ oz, .*; steady at [\d.]+\sm\/s\n/);
		expect(text).toContain('Rod 2: ');
		expect(text.indexOf('To take along')).toBeGreaterThan(text.indexOf('Rod 2: '));
		expect(text.trimEnd().endsWith('Lead: wash hands.')).toBe(true);
	});

	it('speaks of feet as anglers write them', () => {
		expect(outfitText({ ...outfit, rod: { ...rod, lengthIn: 84 } })).toMatch(/^7'0" /);
	});
});
