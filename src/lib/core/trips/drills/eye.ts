import { pick, type Random, seeded } from '../../foundation/basics/random';
import { BLADE_SIZES } from '../../foundation/catalogue/bladeSizes';
import { bladeName } from '../../foundation/labels/describe';
import { bladeSets, LAYOUTS } from '../../foundation/catalogue/layouts';
import type { Rig } from '../../foundation/schema/rig';
import { TURNING_STYLES, type TurningStyle } from '../../foundation/schema/words';
import { startBuild } from '../../rig/build/start';
import { runningWindow } from '../../simulation/physics/window';

/** A blade to be named from its outline, with what it might be; its own name is among them. */
export interface BladeQuestion {
	readonly style: TurningStyle;
	readonly size: number;
	readonly options: readonly string[];
	readonly answer: string;
}

/** Blades of a style that are offered beside the right one, and how many of another. */
const OF_STYLE = 3;
const OF_OTHERS = 2;

/** A blade to name: the same for the same seed. */
export function bladeQuestion(seed: number): BladeQuestion {
	const random = seeded(seed);
	const style = pick(random, TURNING_STYLES);
	const sizes = BLADE_SIZES[style].map(({ size }) => size);
	const size = pick(random, sizes);
	const at = sizes.indexOf(size);
	const first = Math.max(0, Math.min(sizes.length - OF_STYLE, at - 1));
	const near = sizes.slice(first, first + OF_STYLE);
	const others = TURNING_STYLES.filter((other) => other !== style).map((other) => {
		const their = BLADE_SIZES[other].map((one) => one.size);
		return bladeName({ style: other, size: pick(random, their) });
	});
	const options = [...near.map((one) => bladeName({ style, size: one })), ...others.slice(0, OF_OTHERS)];
	return { style, size, options: options.sort(), answer: bladeName({ style, size }) };
}

/** What two rigs are compared by. */
export const COMPARED = ['runs deeper', 'starts to turn first', 'rolls first'] as const;
export type Compared = (typeof COMPARED)[number];

/** Two spinnerbaits at one speed, and which of them does something. */
export interface PairQuestion {
	readonly asks: Compared;
	readonly speedMps: number;
	readonly rigs: readonly [Rig, Rig];
	readonly answer: 0 | 1;
	/** The model's figures of both: depth m, or speed m/s. */
	readonly figures: readonly [number, number];
}

/** Two rigs have to differ by this share before anyone is asked to tell them apart. */
const CLEAR_SHARE = 0.12;
const PAIR_TRIES = 60;
const PAIR_OZ = [0.25, 0.375, 0.5, 0.75, 1];
const PAIR_MPS = [0.6, 0.8, 1, 1.2];

function anySpinnerbait(random: Random): Rig {
	const { rig } = startBuild('spinnerbait');
	const { front, rear } = pick(random, bladeSets(pick(random, LAYOUTS)));
	const plain = rig.blades.find(({ position }) => position === 'rear')!;
	const ahead = front ? [{ ...plain, ...front, position: 'front' as const }] : [];
	return { ...rig, weightOz: pick(random, PAIR_OZ), blades: [...ahead, { ...plain, ...rear }] };
}

/** The figure of a rig by which it is compared; what never rolls rolls last. */
function figureOf(asks: Compared, rig: Rig, speedMps: number): number {
	const window = runningWindow({ rig, speedMps });
	if (asks === 'runs deeper') return window.depthM ?? 0;
	return asks === 'rolls first' ? (window.rollMps ?? Infinity) : window.startMps;
}

/** Which of two rigs runs deeper, starts or rolls first, by the model: the same for the same seed. */
export function pairQuestion(seed: number): PairQuestion {
	const random = seeded(seed);
	const asks = pick(random, COMPARED);
	const speedMps = pick(random, PAIR_MPS);
	let rigs: [Rig, Rig] = [anySpinnerbait(random), anySpinnerbait(random)];
	let figures: [number, number] = [0, 0];
	for (let tries = 0; tries < PAIR_TRIES; tries++) {
		figures = [figureOf(asks, rigs[0], speedMps), figureOf(asks, rigs[1], speedMps)];
		const [less, more] = [Math.min(...figures), Math.max(...figures)];
		if (Number.isFinite(more) && more - less > CLEAR_SHARE * more) break;
		rigs = [rigs[0], anySpinnerbait(random)];
	}
	const first = asks === 'runs deeper' ? figures[0] > figures[1] : figures[0] < figures[1];
	return { asks, speedMps, rigs, figures, answer: first ? 0 : 1 };
}
