import fc from 'fast-check';
import { expect, it } from 'vitest';
import { callInputSchema } from '../../foundation/schema/call';
import { STAINS } from '../../foundation/schema/words';
import { likelyReading } from '../../testing/waters';
import { CallVariations } from './callVariations';
import { call } from './call';

/** Steps that are often taken twice, so that what is known already is asked for too. */
const patch = fc.oneof(
	fc.record({ sunElevationDeg: fc.constantFrom(4, 20, 55) }),
	fc.record({ waterTemperatureC: fc.constantFrom(9, 17, 26) }),
	fc.record({ visibilityM: fc.constantFrom(0.2, 0.8, 3) }),
	fc.record({ castM: fc.constantFrom(12, 25, 40) }),
	fc.record({ stain: fc.constantFrom(...STAINS) })
);

it('what is called near a reading is what is called there, whatever was asked before', () => {
	fc.assert(
		fc.property(likelyReading, fc.boolean(), fc.array(patch, { maxLength: 6 }), (reading, sight, patches) => {
			const asker = new CallVariations(callInputSchema.parse({ reading, sight }));
			for (const changed of [{}, ...patches]) {
				const asked = callInputSchema.parse({ reading: { ...reading, ...changed }, sight, top: 1 });
				const best = call(asked, { windows: false, families: false }).calls[0];
				expect(asker.topWith(changed)).toEqual(best?.rig ?? null);
				if (best) expect(asker.scoresWith(changed)[best.rig.family]).toBe(best.score);
			}
		}),
		{ numRuns: 12 }
	);
});
