/** Place of a value among ascending nodes, whole and part, held to the ends: 2.5 is halfway between the third and the fourth. */
export function positionAmong(value: number, nodes: readonly number[]): number {
	const last = nodes.length - 1;
	if (value <= nodes[0]!) return 0;
	if (value >= nodes[last]!) return last;
	let at = 1;
	while (nodes[at]! < value) at++;
	return at - 1 + (value - nodes[at - 1]!) / (nodes[at]! - nodes[at - 1]!);
}
