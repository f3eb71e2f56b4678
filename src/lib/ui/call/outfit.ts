import { plainWords } from '$lib/core/foundation/labels/describe';
import type { CalledRig } from '$lib/core/foundation/schema/call';
import type { Locks, Rig } from '$lib/core/foundation/schema/rig';
import type { UnitSystem } from '$lib/core/records/schemas';
import { M_PER_IN } from '$lib/core/foundation/basics/units';

/** One question about what a lure hangs on: its answer, why, and what a lock on it fixes. */
export interface OutfitItem {
	readonly key: keyof Locks;
	readonly name: string;
	readonly value: string;
	readonly why: string;
	readonly lock: Locks;
}

const INCHES_PER_FOOT = 12;

function lengthText(inches: number, units: UnitSystem): string {
	if (units === 'metric') return `${(inches * M_PER_IN).toFixed(2)} m`;
	return `${Math.floor(inches / INCHES_PER_FOOT)} ft ${inches % INCHES_PER_FOOT}`;
}

/** What a turn of the reel takes in. @param inches Inches a turn. */
export function turnText(inches: number, units: UnitSystem): string {
	return units === 'metric' ? `${Math.round(inches * M_PER_IN * 100)} cm a turn` : `${Math.round(inches)} in a turn`;
}

/** The loudest reason for a part, by the beginnings of the ids of the claims about it. */
function whyOf({ reasons }: CalledRig, ...prefixes: string[]): string {
	const about = reasons.filter(
		({ claim, points }) => points > 0 && prefixes.some((prefix) => claim.startsWith(prefix))
	);
	return about[0]?.text ?? '';
}

function own(rig: Rig): OutfitItem[] {
	const items: OutfitItem[] = [];
	if (rig.noise) {
		items.push({ key: 'noise', name: 'Noise', value: rig.noise, why: '', lock: { noise: rig.noise } });
	}
	if (rig.trailer) {
		const { kind, colour, mount } = rig.trailer;
		const lock: Locks = { trailer: { kind, colour, mount } };
		items.push({ key: 'trailer', name: 'Trailer', value: `${plainWords(colour)}, ${mount}`, why: '', lock });
	}
	return items;
}

/** What a called lure hangs on, part by part: the question that anglers ask each other most. */
export function outfitOf(called: CalledRig, units: UnitSystem): OutfitItem[] {
	const { rig } = called;
	const { rod, reel, line, hook } = rig;
	const { lengthIn, power, action, material } = rod;
	return [
		{
			key: 'rod',
			name: 'Rod',
			value: `${lengthText(lengthIn, units)} ${plainWords(power)}, ${action}, ${material}`,
			why: whyOf(called, 'ROD-01', 'ROD-02', 'ROD-03', 'ROD-04', 'ROD-07', 'ROD-05', 'ROD-06', 'WIR-04c'),
			lock: { rod }
		},
		{
			key: 'reel',
			name: 'Reel',
			value: `${turnText(reel.inchesPerTurn, units)}, ${reel.kind}`,
			why: whyOf(called, 'REL', 'ROD-08'),
			lock: { reel }
		},
		{
			key: 'line',
			name: 'Line',
			value: `${line.testLb} lb ${line.type}${line.leader ? `, leader ${line.leader.testLb} lb ${line.leader.type}` : ', no leader'}`,
			why: whyOf(called, 'LIN'),
			lock: { line: { type: line.type, testLb: line.testLb } }
		},
		{
			key: 'hook',
			name: 'Hook',
			value: `${hook.size} ${hook.gauge}, ${hook.shank} shank`,
			why: whyOf(called, 'HKS-07', 'HKS-08'),
			lock: { hook: { gauge: hook.gauge, shank: hook.shank } }
		},
		{
			key: 'headShape',
			name: 'Head form',
			value: HEAD_FORMS[rig.headShape],
			why: whyOf(called, 'HED-02', 'HED-05', 'HED-07'),
			lock: { headShape: rig.headShape }
		},
		...bodyOf(called),
		...own(rig)
	];
}

/** The body of a spinnerbait; a bladed jig's stands in its name. */
function bodyOf(called: CalledRig): OutfitItem[] {
	const { family, body = 'full' } = called.rig;
	if (family !== 'spinnerbait') return [];
	const value = body === 'compact' ? 'compact, on a short arm' : 'full';
	return [{ key: 'body', name: 'Body', value, why: whyOf(called, 'HED-06'), lock: { body } }];
}

const HEAD_FORMS: Readonly<Record<Rig['headShape'], string>> = {
	plain: 'plain',
	grass: 'narrow, sheds grass',
	deflect: 'wedge, glances off',
	palate: 'turns the point up',
	'low-keel': 'weight low along the shank'
};
