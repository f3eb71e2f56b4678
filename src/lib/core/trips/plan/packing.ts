import { bladesText, lineText } from '../../foundation/labels/describe';
import { spoken } from '../../foundation/labels/spoken';
import type { Plan } from '../../foundation/schema/plan';
import type { Rig } from '../../foundation/schema/rig';

/** Things to take along, by what they are for. */
export interface Packed {
	readonly title: string;
	readonly items: readonly string[];
}

const once = (items: readonly string[]): string[] => [...new Set(items)];

/** Braid shows and does not stretch: a leader of 12 to 20 lb, a rod's length or less (LIN-08), where its line has none. */
const LEADER = 'nylon or fluorocarbon, 12 to 20 lb, a rod’s length';

function leaderOf({ line }: Plan['rods'][number]['outfit']): string | null {
	if (line.leader) return `${spoken(line.leader.type)}, ${line.leader.testLb} lb, ${line.leader.lengthIn} in`;
	return line.type === 'braid' ? LEADER : null;
}

/** The same things together, each with how many. */
function counted(items: readonly string[]): string[] {
	return once(items).map((item) => `${items.filter((one) => one === item).length} × ${item}`);
}

/** What bends wire back, opens rings, sharpens and cuts. */
const TOOLS = [
	'pliers that open split rings',
	'round-nose pliers, to bend wire straight again',
	'side cutters, for line and for a hook in a hand',
	'hook file',
	'spare swivels and split rings'
] as const;

function bladesOf(rigs: readonly Rig[]): string[] {
	return once(
		rigs.flatMap((rig) => {
			if (rig.family === 'bladed-jig') return [];
			return rig.blades.map((blade) => `${bladesText({ ...rig, blades: [blade] })}, ${spoken(blade.finish)}`);
		})
	);
}

function skirtsOf(rigs: readonly Rig[]): string[] {
	const worn = rigs.filter(({ skirt }) => skirt.colour !== 'none');
	return once(worn.map(({ skirt }) => `${spoken(skirt.colour)}, ${spoken(skirt.material)}`));
}

function trailersOf(rigs: readonly Rig[]): string[] {
	const bodies = rigs.flatMap(({ trailer }) => {
		if (!trailer) return [];
		const length = trailer.lengthIn ? `, ${trailer.lengthIn} in` : '';
		return [`${spoken(trailer.kind)}${length}, ${spoken(trailer.colour)}`];
	});
	const hooks = rigs.filter(({ trailerHook }) => trailerHook !== 'none').map(({ trailerHook }) => trailerHook);
	return once([...bodies, ...hooks.map((hook) => `trailer hook, ${spoken(hook)}`)]);
}

/** What to take along for a day's deck: lures twice over, leaders, spare parts, tools; sections with nothing are left out. */
export function packingOf({ rods }: Pick<Plan, 'rods'>): Packed[] {
	const rigs = rods.flatMap(({ hours }) => hours.map(({ rig }) => rig));
	const leaders = rods.flatMap(({ outfit, hours }) => (hours.length > 0 ? (leaderOf(outfit) ?? []) : []));
	const spools = once(rods.map(({ outfit }) => lineText(outfit.line)));
	const sections: Packed[] = [
		{ title: 'Line', items: spools },
		{ title: 'Leaders', items: counted(leaders) },
		{ title: 'Spare blades', items: bladesOf(rigs) },
		{ title: 'Skirts', items: skirtsOf(rigs) },
		{ title: 'Trailers', items: trailersOf(rigs) },
		{ title: 'Tools', items: rigs.length > 0 ? TOOLS : [] }
	];
	return sections.filter(({ items }) => items.length > 0);
}
