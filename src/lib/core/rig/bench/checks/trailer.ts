import { SOFT_BODIES } from '../../../foundation/catalogue/dress';
import { STROUHAL } from '../../../simulation/physics/window';
import { check, type Check } from './check';
import type { Subject } from './subject';

/** Beat (Hz) and sweep (m, peak to peak) of a trailer's tail and of the plate before it: f = St V / A for both. */
export function beatsOf({ lure, geometry, build }: Subject): { tail: Beat; plate: Beat } | null {
	const { rig } = build;
	if (lure.engine.kind !== 'plate' || !rig.trailer || !geometry.trailer) return null;
	const sweepM = (SOFT_BODIES[rig.trailer.kind].sweep * (geometry.trailer.lengthMm + geometry.trailer.cutMm)) / 1000;
	const plateM = (lure.engine.plate.sweep * lure.engine.plate.widthMm) / 1000;
	const beat = (widthM: number): Beat => ({
		sweepM: widthM,
		hz: widthM === 0 ? 0 : (STROUHAL * rig.retrieve.speedMps) / widthM
	});
	return { tail: beat(sweepM), plate: beat(plateM) };
}

interface Beat {
	readonly sweepM: number;
	readonly hz: number;
}

function beating(subject: Subject): Check[] {
	const beats = beatsOf(subject);
	if (!beats) return [];
	const { tail, plate } = beats;
	const over = tail.sweepM === 0 ? 0 : Math.max(tail.hz / plate.hz, tail.sweepM / plate.sweepM);
	const reason =
		tail.sweepM === 0
			? 'A straight tail does not beat by itself; the plate moves it.'
			: 'A tail that beats faster or wider than the plate stills it: cut it down, or take a straight tail.';
	return [check('beat', over, reason, 'trailer', 'rear')];
}

/** Does the trailer go with blade, skirt and hook. */
export function trailerChecks(subject: Subject): Check[] {
	const { geometry } = subject;
	if (!geometry.trailer) return [];
	const end = geometry.trailer.from.x + geometry.trailer.lengthMm;
	const bend = geometry.trailerHook ? geometry.trailerHook.hindmostMm : geometry.hook.hindmostMm;
	const far = 'A long tail behind the last hook is bitten short: shorten it, or a trailer hook where open and legal.';
	const shows = 'A tail that ends inside the strands is not seen: longer trailer, or cut the skirt.';
	const strands = geometry.skirt ? geometry.skirt.collar.x + geometry.skirt.lengthMm : null;
	return [
		...beating(subject),
		check('trailerHook', end - bend, far, 'trailer', 'hook', 'trailerHook'),
		...(strands === null ? [] : [check('trailerSkirt', end - strands, shows, 'trailer', 'skirt')])
	];
}
