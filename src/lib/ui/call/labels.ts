import { bladeName, ouncesText, plainWords } from '$lib/core/foundation/labels/describe';
import type { DrawnPart } from '$lib/core/rig/drawing/shape';
import type { CalledRig, Reason } from '$lib/core/foundation/schema/call';
import { MM_PER_IN } from '$lib/core/foundation/basics/units';
import type { UnitSystem } from '$lib/core/records/schemas';

/** A label on the drawing: the part, and the weightiest reason for it. */
export interface PartLabel {
	readonly key: string;
	readonly part: DrawnPart | null;
	readonly title: string;
	readonly why: string;
	readonly split: string | null;
}

/** Claims whose ids begin like this speak about the part, the most telling first. */
const ABOUT: Readonly<Record<string, readonly string[]>> = {
	blades: ['BLD', 'FAM-08b', 'FAM-08d', 'FAM-07c'],
	finish: ['FIN'],
	wire: ['WIR'],
	head: ['WGT', 'HED-03'],
	skirt: ['SKT'],
	trailer: ['TRL'],
	hook: ['HKS-0']
};

function best(reasons: readonly Reason[], topic: string): Reason | null {
	const prefixes = ABOUT[topic] ?? [];
	return reasons.find(({ claim, points }) => points > 0 && prefixes.some((prefix) => claim.startsWith(prefix))) ?? null;
}

function label(key: string, part: DrawnPart | null, title: string, reason: Reason | null): PartLabel {
	return { key, part, title, why: reason?.text ?? '', split: reason?.split ?? null };
}

/** Labels of a called rig's parts, for the drawing and for the list beside it. */
export function labelsOf({ rig, reasons }: CalledRig, units: UnitSystem): PartLabel[] {
	const wireText = (inches: number): string =>
		units === 'metric' ? `Wire ${(inches * MM_PER_IN).toFixed(2)} mm` : `Wire ${inches.toFixed(3)} in`;
	const why = (topic: string): Reason | null => best(reasons, topic);
	const [first, other] = rig.blades;
	const blades = rig.blades.map((blade, at) => {
		const where = other ? (blade.position === 'front' ? 'Front: ' : 'Rear: ') : '';
		const name = bladeName(blade);
		const text = `${where}${where ? name : name.charAt(0).toUpperCase() + name.slice(1)}, ${plainWords(blade.finish)}`;
		return label(
			blade.position,
			blade.position,
			text,
			why(at === 0 && other ? 'blades' : first && other ? 'finish' : 'blades')
		);
	});
	const skirt = rig.skirt.colour === 'none' ? 'No skirt' : `Skirt: ${plainWords(rig.skirt.colour)}`;
	const trailer = rig.trailer ? `Trailer: ${plainWords(rig.trailer.kind)} ${rig.trailer.lengthIn}` : 'No trailer';
	const second = rig.trailerHook === 'none' ? 'No second hook' : 'Second hook, swings free';
	return [
		...blades,
		...(rig.wireIn ? [label('wire', 'wire', wireText(rig.wireIn), why('wire'))] : []),
		label('head', 'head', `Head ${ouncesText(rig.weightOz)} oz, ${rig.headMaterial}`, why('head')),
		label('skirt', rig.skirt.colour === 'none' ? null : 'skirt', skirt, why('skirt')),
		label('trailer', rig.trailer ? 'trailer' : null, trailer, why('trailer')),
		label('hook', 'hook', second, why('hook'))
	];
}
