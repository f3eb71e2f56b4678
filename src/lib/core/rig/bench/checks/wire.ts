import { maxLineLb, pullOnWireLb, safeDragLb, wireWear } from '../../../simulation/physics/wire';
import type { Rod } from '../../../foundation/schema/rig';
import { check, type Check } from './check';
import type { Subject } from './subject';

/** What a rod adds to the peak of a hookset over the model's: stiff and fast more, soft less; a rule of thumb, assumed. */
const ROD_SHOCK = {
	power: { medium: 0.9, 'medium-heavy': 1, heavy: 1.1 },
	action: { slow: 0.9, moderate: 1, 'moderate-fast': 1.05, fast: 1.1 }
} as const;

const shockOf = ({ power, action }: Rod): number => ROD_SHOCK.power[power] * ROD_SHOCK.action[action];

function strength(subject: Subject, wireIn: number): Check[] {
	const { rod, line: tied } = subject.build.rig;
	const straightBraid = tied.type === 'braid' && !tied.leader;
	const bears = maxLineLb(wireIn) / shockOf(rod);
	const line = straightBraid
		? 'Straight braid would open the line tie before it breaks: the drag must slip first.'
		: 'A hookset on this rod must not open the line tie: thinner line, heavier wire, or a softer rod.';
	const drag = 'Two thirds of the pull that opens the line tie; set the drag with a scale.';
	return [
		check('lineWire', pullOnWireLb(tied) / bears, line, 'wire', 'line', 'rod'),
		check('drag', subject.fit.dragLb / safeDragLb(wireIn), drag, 'wire', 'reel')
	];
}

/** Share of the wire's life that is left after the hours and bends on record. */
export function lifeLeft({ build, lure, armM, worn }: Subject): number {
	if (lure.engine.kind !== 'blades' || build.rig.wireIn === undefined) return 1;
	const { rear, wake } = lure.engine;
	const { perHour, perBend } = wireWear(build.rig.wireIn, rear, wake * build.rig.retrieve.speedMps, armM);
	return Math.max(0, 1 - worn.hours * perHour - worn.bends * perBend);
}

/** Does the wire bear the blade, the line, the drag and the season. */
export function wireChecks(subject: Subject): Check[] {
	const { wireIn } = subject.build.rig;
	if (wireIn === undefined) return [];
	const { wire } = subject.window;
	const droop = 'The arm sags by this under the blade at the planned speed: heavier wire, shorter arm, smaller blade.';
	const life = 'Until it breaks, at the usual rate of fish and re-bends; a season is 150 hours. A rough estimate.';
	const left = 'After the hours and bends on record.';
	return [
		...strength(subject, wireIn),
		...(wire
			? [
					check('droop', wire.droopMm, droop, 'wire', 'rear'),
					check('life', wire.lifeH, life, 'wire', 'rear'),
					check('fatigue', lifeLeft(subject), left, 'wire')
				]
			: [])
	];
}
