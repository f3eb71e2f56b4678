import { countRigs } from '../../src/lib/core/ranking/space/count';
import { Judgements } from '../../src/lib/core/ranking/scoring/judgements';
import { rank } from '../../src/lib/core/ranking/search/ranking';
import { SpaceSearch } from '../../src/lib/core/ranking/search/search';
import { SharedWork } from '../../src/lib/core/ranking/search/sharedWork';
import { SPACES } from '../../src/lib/core/ranking/space/spaces';
import { waterColours } from '../../src/lib/core/simulation/sight/colour';
import { skyInputOf } from '../../src/lib/core/simulation/sight/ofReading';
import { everyTarget, sceneOfReading, sightIn } from '../../src/lib/core/simulation/sight/sight';
import { waterOf } from '../../src/lib/core/simulation/sight/water';
import { completeReading } from '../../src/lib/core/water/reading/complete';
import { readingSchema } from '../../src/lib/core/foundation/schema/reading';
import { towInputSchema } from '../../src/lib/core/foundation/schema/tow';
import { FAMILIES } from '../../src/lib/core/foundation/schema/words';
import { MAP_WEIGHTS_OZ, mapOf } from '../../src/lib/core/simulation/cast/map';
import { tow } from '../../src/lib/core/simulation/cast/tow';
import { report } from './figures';

/** Runs before Node has made the most of a loop. */
const WARM = 100;

/** How the cost of a ranking grows as the catalog of blades doubles. */
export function benchGrowth(inputs: readonly unknown[]): void {
	for (const share of [0.125, 0.25, 0.5, 1]) {
		let rigs = 0;
		const times = inputs.slice(0, 120).map((given) => {
			const reading = completeReading(readingSchema.parse(given));
			const begun = performance.now();
			const judgements = new Judgements(reading, {});
			const open = SPACES.map((space) => ({
				space,
				mask: space.variables.map(({ id, parts }) =>
					parts.map((_part, at) => id !== 'blades' || at < Math.max(1, Math.round(parts.length * share)))
				)
			}));
			const shared = new Map(FAMILIES.map((family) => [family, new SharedWork()]));
			const searches = open.map(({ space, mask }) => {
				const gate = judgements.windows.gate(space, mask);
				return new SpaceSearch(space, mask, judgements.about(space), gate, shared.get(space.family));
			});
			rank(searches, { top: 5, perFamily: 2, everyFamily: true }, { nodes: 0, bound: 0, gate: 0 });
			rigs = open.reduce((sum, { space, mask }) => sum + countRigs(space, mask), 0);
			return performance.now() - begun;
		});
		report(`in Node, ${share} of the blades, ${rigs.toExponential(1)} rigs`, times.slice(20));
	}
}

/** A map is coarse once five speeds of each weight are there. */
const COARSE_CELLS = 5 * MAP_WEIGHTS_OZ.length;

/** Casts simulated in Node: one of about thirty seconds, and a whole map. */
export function benchTow(): void {
	const input = towInputSchema.parse({
		rig: {
			family: 'spinnerbait',
			weightOz: 0.5,
			blades: [
				{ position: 'front', style: 'willow', size: 4.5 },
				{ position: 'rear', style: 'willow', size: 5 }
			]
		},
		castM: 28,
		speedMps: 0.9,
		countdownS: 3,
		segments: 12,
		band: { fromM: 1, toM: 2 }
	});
	const cast: number[] = [];
	for (let run = 0; run < WARM + 60; run++) {
		const begun = performance.now();
		tow(input);
		cast.push(performance.now() - begun);
	}
	report('a retrieve of thirty seconds, 12 segments, 10 ms', cast.slice(WARM));
	const begun = performance.now();
	let [cells, coarseMs] = [0, 0];
	const found = mapOf({ ...input, band: input.band! });
	while (!found.next().done) if (++cells === COARSE_CELLS) coarseMs = performance.now() - begun;
	const wholeMs = performance.now() - begun;
	console.log(
		`a map of ${cells} casts in one thread: coarse ${coarseMs.toFixed(0)} ms, whole ${wholeMs.toFixed(0)} ms`
	);
}

/** How colors show: everything at once, and a section's tint, in Node. */
export function benchSight(): void {
	const all = everyTarget();
	const [whole, tint]: [number[], number[]] = [[], []];
	for (let run = 0; run < WARM + 60; run++) {
		const reading = completeReading(
			readingSchema.parse({ waterTemperatureC: 18, visibilityM: 0.8 + run / 100, bottomM: 3, stain: 'green' })
		);
		let begun = performance.now();
		sightIn(sceneOfReading(reading), all);
		whole.push(performance.now() - begun);
		begun = performance.now();
		waterColours(waterOf(reading.stain, reading.visibilityM, 'lure'), skyInputOf(reading), [0, 0.5, 1, 1.5, 2, 2.5, 3]);
		tint.push(performance.now() - begun);
	}
	report('sight of everything, three views, pairs and matches', whole.slice(WARM));
	report('tint of a section whose water is known', tint.slice(WARM));
}
