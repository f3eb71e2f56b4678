import { leanDeg, rollMps } from '../../../simulation/physics/roll';
import type { Run } from '../../../foundation/schema/run';
import { check, type Check } from './check';
import type { Subject } from './subject';

const RAD = Math.PI / 180;

function turning({ build, window }: Subject): Check {
	const speed = build.rig.retrieve.speedMps;
	if (window.surface) {
		const reason = 'Below that speed it sinks; a bigger blade, a lighter head or more wings keep it up.';
		return check('plane', speed / window.surface.planeMps, reason, 'rear', 'head');
	}
	const plate = build.rig.family === 'bladed-jig';
	const reason = plate
		? 'The plate starts to swing at its start speed and stops at 80 % of it.'
		: 'Blades start turning at the start speed and stop at 80 % of it; rounder and smaller ones start sooner.';
	return check('start', speed / window.startMps, reason, 'front', 'rear');
}

/** How far (degrees) it leans at the planned speed; 0 when nothing upsets it. */
function leaning({ build, lure, armM }: Subject, kinkDeg: number): number {
	const roll = rollMps(lure, armM, kinkDeg * RAD);
	return roll === null ? 0 : leanDeg(roll, build.rig.retrieve.speedMps);
}

const upright = (subject: Subject): Check =>
	check(
		'roll',
		leaning(subject, 0),
		'Too fast for its weight, it leans and rolls over: slow down, add weight, or use smaller blades or a shorter arm.',
		'head',
		'rear',
		'wire'
	);

const DEPTH_REASONS = {
	above: 'It runs above the fish: reel slower, count longer, or use a heavier head, smaller blades or thinner line.',
	below:
		'It runs below the fish or into cover: reel faster, count less, or use a lighter head, bigger blades or thicker line.',
	within: 'Most of the retrieve is in the strike zone.'
} as const;

function depth({ inZone, outside }: Run): Check {
	const found = check('depth', inZone, '', 'head', 'line', 'rear');
	return { ...found, reason: DEPTH_REASONS[found.state === 'pass' ? 'within' : (outside ?? 'within')] };
}

function crooked(subject: Subject): Check[] {
	if (!subject.build.rig.trailer) return [];
	const { kinkDeg } = subject.fit;
	const straight = check('kink', kinkDeg, 'A crooked trailer rolls the lure: rig it again, dead straight.', 'trailer');
	if (subject.build.rig.family !== 'spinnerbait' || kinkDeg === 0) return [straight];
	const reason = 'How far it leans with the trailer this crooked.';
	return [straight, check('kinkRoll', leaning(subject, kinkDeg), reason, 'trailer')];
}

/** Does it start, stand and hold its depth at the planned speed. */
export const runningChecks = (subject: Subject): Check[] => [
	turning(subject),
	upright(subject),
	...(subject.build.rig.family === 'buzzbait' || !subject.run ? [] : [depth(subject.run)]),
	...crooked(subject)
];
