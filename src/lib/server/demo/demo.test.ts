import { describe, expect, it } from 'vitest';
import { checkBuild } from '../../core/rig/bench/checks/checkBuild';
import { distanceM, movedBy, planeAbout } from '../../core/water/places/plane';
import { isOnWater } from '../../core/water/places/shore';
import { completeReading } from '../../core/water/reading/complete';
import { chartRecordSchema } from '../../core/records/chartSchema';
import { partRecordSchema, rigRecordSchema } from '../../core/records/rigSchemas';
import { SCHEMA_VERSION } from '../../core/records/version';
import { readingSchema } from '../../core/foundation/schema/reading';
import { chartOf } from './charts';
import { demoRigs, OWN_PARTS, partDocument } from './rigs';
import { WATERS, type DemoWater } from './scenario';

const charted = (water: DemoWater) => {
	const middle = [water.longitude, water.latitude] as const;
	const bearings = water.spots.map(({ bankBearingDeg }) => bankBearingDeg);
	const chart = chartOf(water.name, middle, bearings);
	const { pointOf } = planeAbout(middle);
	return { chart, bearings, pointOf, shores: chart.shores.map((ring) => ring.map(pointOf)) };
};

describe.each(WATERS.map((water) => [water.name, water] as const))('the chart of %s', (_, water) => {
	const { chart, bearings, pointOf, shores } = charted(water);

	it('is one that could be read from a file, and the same each time', () => {
		const { spots, ...rest } = chart;
		const waterId = '11111111-1111-4111-8111-111111111111';
		expect(chartRecordSchema.parse({ schemaVersion: SCHEMA_VERSION, waterId, ...rest })).toMatchObject(rest);
		expect(charted(water).chart.spots).toEqual(spots);
	});

	it('has its spots on the shore, looking over water, well apart', () => {
		const spots = chart.spots.map(pointOf);
		for (const [at, spot] of spots.entries()) {
			expect(isOnWater(shores, movedBy(spot, bearings[at]!, 8))).toBe(true);
			expect(isOnWater(shores, movedBy(spot, bearings[at]! + 180, 8))).toBe(false);
			for (const other of spots.slice(0, at)) expect(distanceM(spot, other)).toBeGreaterThan(80);
		}
	});

	it('was sounded on its water, nowhere deeper than a hole of its own, and weed grows in it', () => {
		expect(chart.soundings.length).toBeGreaterThan(50);
		for (const [place, depthM] of chart.soundings) {
			expect(isOnWater(shores, pointOf(place))).toBe(true);
			expect(depthM).toBeGreaterThan(0);
			expect(depthM).toBeLessThan(11);
		}
		for (const { ring } of chart.growths ?? []) {
			for (const corner of ring) expect(isOnWater(shores, pointOf(corner))).toBe(true);
		}
	});
});

describe('what the demo is made of', () => {
	it('reads as waters that exist', () => {
		for (const { water, visibilityM, spots, forage } of WATERS) {
			for (const { profile, cover } of spots) {
				const bottomM = profile.at(-1)!.depthM;
				const given = { ...water, waterTemperatureC: 16, visibilityM, bottomM, cover: [...cover], forage: [...forage] };
				expect(readingSchema.safeParse(given).success).toBe(true);
				const outs = profile.map(({ outM }) => outM);
				expect(outs).toEqual(outs.toSorted((a, b) => a - b));
			}
		}
	});

	it('has rigs that hold on the bench, but for one whose wire is too thin on purpose', () => {
		const own = { id: '11111111-1111-4111-8111-111111111111', version: 1, part: OWN_PARTS[0]! };
		for (const record of demoRigs(own)) {
			expect(rigRecordSchema.parse(record)).toEqual(record);
			const reading = completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1, bottomM: 3 }));
			const failing = checkBuild(record.build, reading).filter(({ state }) => state === 'fail');
			expect(failing.map(({ id }) => id)).toEqual(record.build.rig.wireIn === 0.03 ? ['lineWire', 'life'] : []);
		}
	});

	it('has parts of its angler’s own that could be kept', () => {
		for (const part of OWN_PARTS) expect(partRecordSchema.safeParse(partDocument(part)).success).toBe(true);
	});
});
