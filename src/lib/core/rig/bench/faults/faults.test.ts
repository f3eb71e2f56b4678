import { describe, expect, it } from 'vitest';
import { completeReading } from '../../../water/reading/complete';
import { readingSchema } from '../../../foundation/schema/reading';
import { buildSchema } from '../../../foundation/schema/build';
import type { RigLog } from '../../../foundation/schema/rigLog';
import { FAMILIES } from '../../../foundation/schema/words';
import { startBuild, withRig } from '../../build/start';
import { changedFacets, learned } from './changed';
import { faultSteps, oneChange, SYMPTOMS, type FaultContext, type Symptom } from './finder';

const reading = (more: object = {}) =>
	completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.3, bottomM: 3, ...more }));
const context = (more: Partial<FaultContext> = {}): FaultContext => ({
	build: startBuild('spinnerbait'),
	reading: reading(),
	stances: {},
	log: [],
	...more
});
const idsOf = (symptom: Symptom, given: FaultContext): string[] =>
	faultSteps(symptom, given)
		.filter(({ skipped }) => skipped === null)
		.map(({ id }) => id);

describe('the fault finder', () => {
	it('goes through short strikes in the order of the craft, one change at a time', () => {
		const steps = faultSteps('short', context());
		expect(steps.map(({ id }) => id)).toEqual([
			'rear-colour',
			'front-colour',
			'skirt',
			'trailer-smaller',
			'trailer-hook',
			'slower-in-clear',
			'speed',
			'pause'
		]);
		expect(oneChange(steps)?.id).toBe('rear-colour');
	});

	it('goes on to the next when one was tried', () => {
		const build = startBuild('spinnerbait');
		const log: RigLog = [
			{
				kind: 'fault',
				at: '2026-05-09T06:40:00.000Z',
				symptom: 'short',
				change: 'rear-colour',
				before: build.rig,
				outcome: 'same',
				changed: ['rear blade']
			}
		];
		const steps = faultSteps('short', context({ log }));
		expect(steps[0]!.tried).toBe('same');
		expect(oneChange(steps)?.id).toBe('front-colour');
	});

	it('advises a trailer hook only in the open, within the local limit, and to those who hold with it', () => {
		expect(idsOf('short', context())).toContain('trailer-hook');
		const weed = { cover: [{ kind: 'leafy-weed', density: 'medium', form: 'even', topM: 1 }] };
		expect(idsOf('short', context({ reading: reading(weed) }))).not.toContain('trailer-hook');
		expect(idsOf('short', context({ reading: reading({ rules: { hooksMax: 1 } }) }))).not.toContain('trailer-hook');
		expect(idsOf('short', context({ reading: reading({ rules: { hooksMax: 2 } }) }))).toContain('trailer-hook');
		expect(idsOf('short', context({ stances: { 'TRAILER-HOOK': 'never' } }))).not.toContain('trailer-hook');
	});

	it.each(FAMILIES)('slows a %s in clear water, and quickens it elsewhere', (family) => {
		const build = startBuild(family);
		const clear = idsOf('follows', context({ build, reading: reading({ visibilityM: 4 }) }));
		expect(clear).toContain('slower-in-clear');
		expect(clear).not.toContain('speed');
		const dim = idsOf('follows', context({ build, reading: reading({ visibilityM: 1 }) }));
		expect(dim).toContain('speed');
		expect(dim).not.toContain('slower-in-clear');
	});

	it('lifts the tip first where weed fouls it, and reels faster last', () => {
		const ids = idsOf('fouling', context());
		expect([ids[0], ids.at(-1)]).toEqual(['tip', 'faster']);
		const hooked = withRig(startBuild('spinnerbait'), { trailerHook: 'free' });
		expect(idsOf('fouling', context({ build: hooked }))).toContain('hook-off');
		expect(ids).not.toContain('hook-off');
	});

	it('changes the beat when bites fade, not the finish', () => {
		for (const family of FAMILIES) {
			const build = startBuild(family);
			const [beat] = faultSteps('fade', context({ build }));
			const rear = (of: typeof build) => of.rig.blades.find(({ position }) => position === 'rear')!;
			const changed = rear(beat!.apply!(build));
			expect(changed.style).not.toBe(rear(build).style);
			expect(changed.finish).toBe(rear(build).finish);
		}
	});

	it('changes a bladed jig for a spinnerbait with notes, line and rod as they were', () => {
		const start = startBuild('bladed-jig');
		const line = { type: 'braid', testLb: 40, leader: null } as const;
		const build = { ...withRig(start, { line }), notes: 'From the small box.' };
		const change = faultSteps('fouling', context({ build })).find(({ id }) => id === 'family')!.apply!(build);
		expect(change.rig.family).toBe('spinnerbait');
		expect([change.notes, change.rig.line, change.rig.rod]).toEqual([build.notes, line, build.rig.rod]);
	});

	it('reads the hook’s place in the mouth', () => {
		expect(idsOf('lost-corner', context())[0]).toBe('long-shank');
		expect(idsOf('lost-lip', context())).toContain('later');
		expect(idsOf('lost-deep', context())).toEqual(['gentle']);
	});

	it.each(Object.keys(SYMPTOMS) as Symptom[])(
		'%s leaves a rig a rig, whatever is changed, in each family',
		(symptom) => {
			for (const family of FAMILIES) {
				const build = startBuild(family);
				expect(faultSteps(symptom, context({ build }))).not.toHaveLength(0);
				for (const { apply, skipped } of faultSteps(symptom, context({ build }))) {
					if (!apply || skipped !== null) continue;
					const changed = apply(build);
					expect(buildSchema.safeParse(changed).success).toBe(true);
					expect(changed.rig).not.toEqual(build.rig);
				}
			}
		}
	);
});

describe('what an outcome teaches', () => {
	it('is nothing when two things were changed at once', () => {
		const before = startBuild('spinnerbait').rig;
		const one = withRig(startBuild('spinnerbait'), { weightOz: 0.75 }).rig;
		const two = { ...one, wireIn: 0.04 };
		expect(changedFacets(before, before)).toEqual([]);
		expect(changedFacets(before, one)).toEqual(['weight']);
		expect(learned(changedFacets(before, one))).toContain('counts');
		expect(learned(changedFacets(before, two))).toBe('Nothing was learned: weight and wire were changed at once.');
	});
});
