import { assignmentOf, eliminate, eliminationOrder, type Eliminated, type Factor } from './factors';
import { scopesOf, type Judgement, type Judgements } from './judge';
import type { Mask } from './locks';
import type { Link, Part, Space } from './part';
import { addContribution } from './tables';

/** Scores in the tables are thousandths of a point times this, less the plainness of the rig: ties go to the simpler. */
const TIE = 4096;

/** The best rig of a space for one weight and one style of retrieve. */
export interface Find {
	readonly space: Space;
	readonly assignment: readonly number[];
	/** Score and plainness in one number; larger is better. */
	readonly rank: number;
	readonly weightOz: number;
	readonly retrieve: string;
}

const indexOf = (space: Space, id: string): number => space.variables.findIndex((variable) => variable.id === id);

function maskFactor(variable: number, parts: readonly Part[], row: readonly boolean[]): Factor {
	const table = Float64Array.from(parts, (part, at) => (row[at] ? -part.plain : -Infinity));
	return { variables: [variable], table };
}

const orders = new Map<Space, number[]>();

/** The order of removal that suits every table a claim may ever make in a space. */
function orderOf(space: Space, sizes: readonly number[], kept: readonly number[]): number[] {
	let order = orders.get(space);
	if (!order) {
		const scopes = [...linksOf(space).map(({ variables }) => variables), ...scopesOf(space)];
		order = eliminationOrder(scopes, sizes, kept);
		orders.set(space, order);
	}
	return order;
}

function linkFactor(space: Space, link: Link): Factor {
	const a = indexOf(space, link.a);
	const b = indexOf(space, link.b);
	const cells = space.variables[a]!.parts.flatMap((first) =>
		space.variables[b]!.parts.map((second) => (link.allows(first, second) ? 0 : -Infinity))
	);
	return { variables: [a, b], table: Float64Array.from(cells) };
}

const linkFactors = new Map<Space, Factor[]>();

/** Tables of impossible pairs: they belong to the catalogue, so they are made once per space. */
function linksOf(space: Space): Factor[] {
	let factors = linkFactors.get(space);
	if (!factors) {
		factors = space.links.map((link) => linkFactor(space, link));
		linkFactors.set(space, factors);
	}
	return factors;
}

/** Sums of tables by the variables they are over: fewer, larger steps for the elimination. */
class Sums {
	readonly #byKey = new Map<string, Factor>();

	/** The running sum over some variables, begun at zero. */
	over(variables: readonly number[], cells: number): Float64Array {
		const key = variables.join();
		let sum = this.#byKey.get(key);
		if (!sum) this.#byKey.set(key, (sum = { variables, table: new Float64Array(cells) }));
		return sum.table;
	}

	add({ variables, table }: Factor): void {
		const sum = this.over(variables, table.length);
		for (let cell = 0; cell < table.length; cell++) sum[cell]! += table[cell]!;
	}

	factors(): Factor[] {
		return [...this.#byKey.values()];
	}
}

function solve(space: Space, mask: Mask, judgements: readonly Judgement[]): Eliminated {
	const sizes = space.variables.map((variable) => variable.parts.length);
	const sums = new Sums();
	space.variables.forEach(({ parts }, at) => sums.add(maskFactor(at, parts, mask[at]!)));
	linksOf(space).forEach((link) => sums.add(link));
	for (const { claim, share, table, most, asIs } of judgements) {
		const sum = sums.over(table.variables, table.fit.length);
		addContribution(sum, table, { strength: claim.strength, share }, most, asIs, TIE);
	}
	const kept = [indexOf(space, 'weight'), indexOf(space, 'retrieve')];
	return eliminate(sums.factors(), sizes, orderOf(space, sizes, kept), kept);
}

/**
 * The best rig of a space for every weight and style of retrieve that the mask leaves.
 *
 * @returns Finds in no particular order.
 */
export function searchSpace(space: Space, mask: Mask, judgements: Judgements): Find[] {
	const solved = solve(space, mask, judgements.about(space));
	const sizes = space.variables.map((variable) => variable.parts.length);
	const weights = space.variables[indexOf(space, 'weight')]!.parts;
	const styles = space.variables[indexOf(space, 'retrieve')]!.parts;
	const finds: Find[] = [];
	solved.kept.table.forEach((rank, cell) => {
		if (rank === -Infinity) return;
		finds.push({
			space,
			rank,
			get assignment() {
				return assignmentOf(solved, sizes, cell);
			},
			weightOz: weights[Math.floor(cell / styles.length)]!.patch.weightOz!,
			retrieve: styles[cell % styles.length]!.patch.retrieve!.style!
		});
	});
	return finds;
}

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
