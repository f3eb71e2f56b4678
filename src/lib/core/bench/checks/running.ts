import { bandOf } from '../../choice/band';
import { heldCast } from '../../physics/held';
import { lineDiameterM } from '../../physics/line';
import { rollMps } from '../../physics/roll';
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
		? 'The plate begins to swing at its start speed and stops at eight tenths of it.'
		: 'Blades begin to turn at the start speed and stop at eight tenths of it; rounder and smaller ones start sooner.';
	return check('start', speed / window.startMps, reason, 'front', 'rear');
}

/** Planned speed over the speed at which it leans 60 degrees; 0 when nothing upsets it. */
function rollShare({ build, lure, armM }: Subject, kinkDeg: number): number {
	const roll = rollMps(lure, armM, kinkDeg * RAD);
	return roll === null ? 0 : build.rig.retrieve.speedMps / roll;
}

const upright = (subject: Subject): Check =>
	check(
		'roll',
		rollShare(subject, 0),
		'Too fast for its weight it leans and rolls: slow down, add weight, or take smaller blades or a shorter arm.',
		'head',
		'rear',
		'wire'
	);

/** How far (m) the path leaves the fish band at the planned speed with the best countdown: above it, below it. */
function offBandM({ build, reading, lure }: Subject): { aboveM: number; belowM: number } {
	const band = bandOf(reading, build.rig.family);
	const { depthsM } = heldCast(lure, lineDiameterM(build.rig.line), Math.max(0.05, build.rig.retrieve.speedMps), band);
	const depths = depthsM.filter((depth) => depth !== null).sort((a, b) => b - a);
	if (depths.length === 0) return { aboveM: 0, belowM: 0 };
	const second = depths[Math.min(1, depths.length - 1)]!;
	return { aboveM: Math.max(0, band.fromM - second), belowM: Math.max(0, depths[0]! - band.toM) };
}

function depth(subject: Subject): Check {
	const { aboveM, belowM } = offBandM(subject);
	const slots = ['head', 'line', 'rear'] as const;
	if (belowM > aboveM) {
		const reason =
			'It runs below the fish or into the cover: wind faster, or a lighter head, bigger blades, thicker line.';
		return check('depth', belowM, reason, ...slots);
	}
	const reason =
		aboveM > 0
			? 'It runs above the fish at this speed: wind slower, or a heavier head, smaller blades, thinner line.'
			: 'With the best countdown it passes the fish at this speed.';
	return check('depth', aboveM, reason, ...slots);
}

function crooked(subject: Subject): Check[] {
	if (!subject.build.rig.trailer) return [];
	const { kinkDeg } = subject.fit;
	const straight = check(
		'kink',
		kinkDeg,
		'A crooked trailer rolls the lure; thread it again, dead straight.',
		'trailer'
	);
	if (subject.build.rig.family !== 'spinnerbait' || kinkDeg === 0) return [straight];
	const reason = 'The roll speed with the trailer as crooked as it sits.';
	return [straight, check('kinkRoll', rollShare(subject, kinkDeg), reason, 'trailer')];
}

/** Does it start, stand and hold its depth at the planned speed. */
export const runningChecks = (subject: Subject): Check[] => [
	turning(subject),
	upright(subject),
	...(subject.build.rig.family === 'buzzbait' ? [] : [depth(subject)]),
	...crooked(subject)
];
