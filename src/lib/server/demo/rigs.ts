import { rigRecordOf } from '../../core/records/rigRecord';
import { startBuild, withLayout, withOwn, withRig } from '../../core/rig/build/start';
import type { Build, OwnUse } from '../../core/foundation/schema/build';
import type { RigLog } from '../../core/foundation/schema/rigLog';
import { SCHEMA_VERSION } from '../../core/records/version';
import type { PartRecord, RigRecord } from '../../core/records/rigSchemas';

/** Parts that the demo's angler has weighed and measured. */
export const OWN_PARTS: readonly PartRecord['part'][] = [
	{ kind: 'blade', name: 'Hand-hammered Colorado', form: 'colorado', lengthMm: 36, massG: 4.4, price: 2 },
	{ kind: 'head', name: 'Bismuth arrow, own mold', form: 'bismuth', lengthMm: 22, massG: 14.8, price: 2 },
	{ kind: 'trailer', name: 'Cut-down swimmer', form: 'slim-swimmer', lengthMm: 64, massG: 4.1, price: 1 },
	{
		kind: 'skirt',
		name: 'Hand-tied bream',
		form: 'silicone',
		lengthMm: 58,
		massG: 2.4,
		price: 1,
		colour: {
			strands: [
				{ colour: 'green-pumpkin', share: 0.5 },
				{ rgb: '#c8742a', share: 0.2 },
				{ colour: 'chartreuse', share: 0.3 }
			],
			countsAs: 'sunfish'
		}
	}
];

const HISTORY: RigLog = [
	{ kind: 'flick', at: '2026-04-11T05:30:00.000Z', spins: true },
	{ kind: 'run', at: '2026-04-11T05:32:00.000Z', saw: 'leans-left' },
	{ kind: 'act', at: '2026-04-11T05:34:00.000Z', act: 'centre-skirt', degrees: 0 },
	{ kind: 'run', at: '2026-04-11T05:35:00.000Z', saw: 'leans-left' },
	{ kind: 'act', at: '2026-04-11T05:37:00.000Z', act: 'bend-right', degrees: 3 },
	{ kind: 'run', at: '2026-04-11T05:38:00.000Z', saw: 'true' },
	{ kind: 'hours', at: '2026-04-11T10:40:00.000Z', hours: 4.5 },
	{ kind: 'fish', at: '2026-04-11T08:15:00.000Z' }
];

const dressed = (
	build: Build,
	colour: 'perch' | 'black-blue' | 'white-chartreuse' | 'shad',
	blades = build.rig.blades
): Build => withRig(build, { skirt: { ...build.rig.skirt, colour }, blades });

/** The kept rigs of the demo. */
export function demoRigs(hammered: OwnUse): RigRecord[] {
	const tandem = dressed(startBuild('spinnerbait'), 'white-chartreuse');
	const slow = withOwn(dressed(withLayout(startBuild('spinnerbait'), 'single'), 'black-blue'), 'rear', hammered);
	const jig = dressed(startBuild('bladed-jig'), 'perch');
	const thin = withRig(tandem, { wireIn: 0.03 });
	return [
		rigRecordOf('Mere tandem', { ...thin, notes: 'Alder Bank, over the grass tops with a chop.' }, HISTORY),
		rigRecordOf('Pit thumper', withRig(slow, { weightOz: 0.75 }), []),
		rigRecordOf('Landing jig', jig, []),
		rigRecordOf('Ditch underspin', startBuild('underspin'), [])
	];
}

/** A part's document. */
export const partDocument = (part: PartRecord['part']): PartRecord => ({ schemaVersion: SCHEMA_VERSION, part });
