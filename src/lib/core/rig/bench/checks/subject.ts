import type { RigGeometry } from '../../geometry/rigGeometry';
import { rigGeometryOf } from '../../geometry/rigGeometry';
import { assembleLure, type Lure } from '../../../simulation/physics/lure';
import { runningRig, runningWindow } from '../../../simulation/physics/window';
import type { Reading } from '../../../water/reading/complete';
import type { Build } from '../../../foundation/schema/build';
import type { Run } from '../../../foundation/schema/run';
import type { RunningWindow } from '../../../foundation/schema/window';
import { measuredOf, type Fit } from '../../build/fit';

/** Hours fished and bends made on a rig's wire so far. */
export interface Worn {
	readonly hours: number;
	readonly bends: number;
}

export const UNWORN: Worn = { hours: 0, bends: 0 };

/** A build as the checks see it: geometry out, assembled, and run at its own speed. */
export interface Subject {
	readonly build: Build;
	readonly reading: Reading;
	readonly worn: Worn;
	readonly fit: Fit;
	readonly geometry: RigGeometry;
	readonly lure: Lure;
	readonly armM: number;
	readonly window: RunningWindow;
	/** How it runs on the reading; `null` while that is being worked out. */
	readonly run: Run | null;
}

/** Prepares a build for its checks on a reading. */
export function subjectOf(build: Build, reading: Reading, worn: Worn = UNWORN, run: Run | null = null): Subject {
	const geometry = rigGeometryOf(build);
	const measured = measuredOf(build);
	const armM = geometry.fit.upperArmMm / 1000;
	const { rig } = build;
	const input = { rig, speedMps: Math.max(0.01, rig.retrieve.speedMps), armM, castM: reading.castM };
	return {
		build,
		reading,
		worn,
		run,
		geometry,
		armM,
		fit: geometry.fit,
		lure: assembleLure(runningRig(rig, measured)),
		window: runningWindow(input, measured)
	};
}
