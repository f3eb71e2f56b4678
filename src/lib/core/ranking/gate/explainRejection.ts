import { ouncesText } from '../../foundation/labels/describe';
import type { Gate } from './gates';
import type { Part, Space } from '../space/part';

/** Words for changing one part into another. */
const CHANGES: Readonly<Record<string, (from: Part, to: Part) => string>> = {
	weight: (_from, to) => `${ouncesText(to.patch.weightOz!)} oz`,
	line: (from, to) => (to.patch.line!.testLb! < from.patch.line!.testLb! ? 'a thinner line' : 'another line'),
	speed: (from, to) =>
		to.patch.retrieve!.speedMps! < from.patch.retrieve!.speedMps! ? 'a slower retrieve' : 'a faster retrieve',
	blades: () => 'other blades',
	diameter: () => 'another blade',
	trailerKind: (_from, to) => (to.patch.trailer === null ? 'no trailer' : 'another trailer')
};

/** The nearest other value of a variable with which the rig runs. */
function nearest(space: Space, gate: Gate, assignment: Int32Array, variable: number): number | null {
	const now = assignment[variable]!;
	const trial = assignment.slice();
	const others = [...space.variables[variable]!.parts.keys()].filter((value) => value !== now);
	const found = others
		.sort((a, b) => Math.abs(a - now) - Math.abs(b - now))
		.find((value) => {
			trial[variable] = value;
			return gate.runs(trial);
		});
	return found ?? null;
}

/** What keeps a rig from running, and the single changes that would make it run: "Rolls; needs 3/4 oz or other blades." */
export function explainRejection(space: Space, gate: Gate, assignment: Int32Array): string {
	const why = gate.lack(assignment);
	const changes = Object.entries(CHANGES).flatMap(([id, say]) => {
		const variable = space.variables.findIndex((one) => one.id === id);
		const value = variable < 0 ? null : nearest(space, gate, assignment, variable);
		const { parts } = space.variables[variable] ?? { parts: [] };
		return value === null ? [] : [say(parts[assignment[variable]!]!, parts[value]!)];
	});
	const said = why[0]!.toUpperCase() + why.slice(1);
	return changes.length > 0 ? `${said}; needs ${changes.join(' or ')}.` : `${said}; no single change fixes it.`;
}
