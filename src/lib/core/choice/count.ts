import type { Mask } from './locks';
import type { Space } from './part';

const indexOf = (space: Space, id: string): number => space.variables.findIndex((variable) => variable.id === id);

/** Number of rigs that the masks and links leave in a space: the counted product, impossible pairs taken out. */
export function countRigs(space: Space, mask: Mask): number {
	const counts = mask.map((row) => row.filter(Boolean).length);
	const linked = new Set(space.links.flatMap(({ a, b }) => [indexOf(space, a), indexOf(space, b)]));
	const free = counts.reduce((total, count, at) => (linked.has(at) ? total : total * count), 1);
	return free * countLinked(space, mask);
}

/** Groups of linked variables are stars about one centre: for each value of the centre multiply what each ray allows. */
function countLinked(space: Space, mask: Mask): number {
	const centres = [...new Set(space.links.map((link) => link.a))];
	return centres.reduce((total, centre) => {
		const rays = space.links.filter((link) => link.a === centre);
		const at = indexOf(space, centre);
		const perValue = space.variables[at]!.parts.map((part, value) => {
			if (!mask[at]![value]) return 0;
			return rays.reduce((product, { b, allows }) => {
				const ray = indexOf(space, b);
				const open = space.variables[ray]!.parts.filter((other, i) => mask[ray]![i] && allows(part, other));
				return product * open.length;
			}, 1);
		});
		return total * perValue.reduce((sum, count) => sum + count, 0);
	}, 1);
}
