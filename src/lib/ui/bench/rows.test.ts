import { SCHEMA_VERSION } from '$lib/core/records/version';
import { describe, expect, it } from 'vitest';
import { startBuild, withRig } from '$lib/core/rig/build/start';
import { runOf } from '$lib/core/ranking/gate/run';
import { checkBuild } from '$lib/core/rig/bench/checks/checkBuild';
import { completeReading } from '$lib/core/water/reading/complete';
import { buildSchema, type Build } from '$lib/core/foundation/schema/build';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { FAMILIES } from '$lib/core/foundation/schema/words';
import { checkText } from './checkText';
import type { Control, OwnEntry, Row } from './controls';
import { layoutChoice, rowsOf, slotsFor } from './rows';

const SPOON: OwnEntry = {
	id: '11111111-1111-4111-8111-111111111111',
	version: 3,
	usedBy: [],
	record: {
		schemaVersion: SCHEMA_VERSION,
		part: { kind: 'blade', name: 'Spoon', form: 'colorado', lengthMm: 41, massG: 6.2, price: 2 }
	}
};

const controlsOf = (row: Row): Control[] => [...row.controls, ...row.finer];
const dressed = (build: Build): Build =>
	withRig(build, {
		trailer: build.rig.trailer ?? { kind: 'craw', colour: 'white', lengthIn: 3, mount: 'upright' },
		skirt: { ...build.rig.skirt, colour: build.rig.skirt.colour === 'none' ? 'white' : build.rig.skirt.colour }
	});
/** The control of the same name after a change. */
const again = (build: Build, slot: string, label: string): Control | undefined =>
	rowsOf(build, [SPOON])
		.filter((row) => row.slot === slot)
		.flatMap(controlsOf)
		.find((control) => control.label === label);

describe.each(FAMILIES)('the rows of a %s', (family) => {
	const build = dressed(startBuild(family));
	const all = rowsOf(build, [SPOON]).flatMap((row) => controlsOf(row).map((control) => [row, control] as const));

	it('make a build of every option of every choice, and show what was chosen', () => {
		for (const [row, control] of all) {
			if (control.kind !== 'choice') continue;
			expect(control.options.map(({ value }) => value)).toContain(control.value);
			for (const { value } of control.options) {
				const changed = control.set(value);
				expect([row.slot, control.label, value, buildSchema.safeParse(changed).error]).toEqual([
					row.slot,
					control.label,
					value,
					undefined
				]);
				const after = again(changed, row.slot, control.label);
				if (after?.kind === 'choice') expect([control.label, after.value]).toEqual([control.label, value]);
			}
		}
	});

	it('make a build of both ends of every figure, and show it', () => {
		for (const [row, control] of all) {
			if (control.kind !== 'figure') continue;
			for (const value of [control.low, control.high]) {
				const changed = control.set(value);
				expect([control.label, value, buildSchema.safeParse(changed).success]).toEqual([control.label, value, true]);
				expect(again(changed, row.slot, control.label)).toMatchObject({ value });
			}
		}
	});
});

describe('own parts among the rows', () => {
	it('stand where their kind belongs, and give way to the table', () => {
		const build = startBuild('spinnerbait');
		const style = rowsOf(build, [SPOON]).find(({ slot }) => slot === 'rear')!.controls[0]!;
		if (style.kind !== 'choice') throw new Error('The style of a blade is a choice.');
		const used = style.set(`own:${SPOON.id}`);
		expect(used.own.rear).toMatchObject({ version: 3, part: { massG: 6.2 } });
		const after = again(used, 'rear', 'Style')!;
		if (after.kind !== 'choice') throw new Error('The style of a blade is a choice.');
		expect(after.set('willow').own.rear).toBeUndefined();
		expect(slotsFor(build, 'blade')).toEqual(['front', 'rear']);
		expect(slotsFor(startBuild('buzzbait'), 'blade')).toEqual([]);
	});

	it('stay choosable on a rig when they are gone from the list', () => {
		const build = startBuild('spinnerbait');
		const use = { id: SPOON.id, version: 3, part: SPOON.record.part };
		const row = rowsOf({ ...build, own: { rear: use } }, []).find(({ slot }) => slot === 'rear')!;
		const [style] = row.controls;
		expect(style).toMatchObject({ value: `own:${SPOON.id}` });
	});
});

it('only a spinnerbait has a layout', () => {
	expect(layoutChoice(startBuild('spinnerbait'))).not.toBeNull();
	expect(layoutChoice(startBuild('underspin'))).toBeNull();
});

it('a check reads as it is held against its limit, and depth as on every screen', () => {
	const reading = completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.3, bottomM: 3 }));
	const depth = checkBuild(startBuild('spinnerbait'), reading).find(({ id }) => id === 'depth')!;
	expect(checkText('metric', depth)).toMatchObject({ limit: 'at least 50\u202f%', basis: 'model' });
	expect(depth.value).toBe(runOf(startBuild('spinnerbait').rig, reading).inZone);
});

it.each([
	['start', 1.51, '51\u202f% over its start'],
	['start', 0.7, '30\u202f% under its start'],
	['start', 0, 'this blade can’t turn on this head'],
	['start', NaN, 'this blade can’t turn on this head'],
	['start', 2.51, 'far over its start'],
	['roll', 39, 'leans 39°'],
	['roll', 60, 'rolls over'],
	['lineWire', 1.49, '49\u202f% too strong for the wire'],
	['depth', 0.63, 'for 65\u202f% of the retrieve'],
	['rearHook', -2.04, '2.0\u202fmm into it'],
	['hooks', 0, 'allowed'],
	['hooks', 1, '1 more than allowed'],
	['rod', 1.1, '10\u202f% outside its rating'],
	['coverLine', 0.85, '15\u202f% too weak for this cover']
] as const)('a check of %s at %d says what is true', (id, value, said) => {
	const check = { id, value, state: 'pass', reason: '', slots: [] } as const;
	expect(checkText('metric', check).said).toBe(said);
});
