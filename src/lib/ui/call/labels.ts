import { bladeName, lineText, ouncesText, plainWords } from '$lib/core/drawing/describe';
import type { DrawnPart } from '$lib/core/drawing/shape';
import type { CalledRig, Reason } from '$lib/core/schema/call';
import { MM_PER_IN } from '$lib/core/units';

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
	blades: ['BLD', 'FAM-08b', 'FAM-07c'],
	finish: ['FIN'],
	wire: ['WIR'],
	head: ['WGT', 'HED'],
	skirt: ['SKT'],
	trailer: ['TRL'],
	hook: ['HKS'],
	line: ['LIN']
};

function best(reasons: readonly Reason[], topic: string): Reason | null {
	const prefixes = ABOUT[topic] ?? [];
	return reasons.find(({ claim, points }) => points > 0 && prefixes.some((prefix) => claim.startsWith(prefix))) ?? null;
}

function label(key: string, part: DrawnPart | null, title: string, reason: Reason | null): PartLabel {
	return { key, part, title, why: reason?.text ?? '', split: reason?.split ?? null };
}

/** Labels of a called rig's parts, for the drawing and for the list beside it. */
export function labelsOf({ rig, reasons }: CalledRig): PartLabel[] {
	const why = (topic: string): Reason | null => best(reasons, topic);
	const [first, second] = rig.blades;
	const blades = rig.blades.map((blade, at) => {
		const where = second ? (blade.position === 'front' ? 'Front: ' : 'Rear: ') : '';
		const name = bladeName(blade);
		const text = `${where}${where ? name : name.charAt(0).toUpperCase() + name.slice(1)}, ${plainWords(blade.finish)}`;
		return label(
			blade.position,
			blade.position,
			text,
			why(at === 0 && second ? 'blades' : first && second ? 'finish' : 'blades')
		);
	});
	const skirt = rig.skirt.colour === 'none' ? 'No skirt' : `Skirt: ${plainWords(rig.skirt.colour)}`;
	const trailer = rig.trailer ? `Trailer: ${plainWords(rig.trailer.kind)} ${rig.trailer.lengthIn}` : 'No trailer';
	const hook = `Hook ${rig.hook.size}, ${rig.trailerHook === 'none' ? 'no second' : 'second hook'}`;
	return [
		...blades,
		...(rig.wireIn ? [label('wire', 'wire', `Wire ${(rig.wireIn * MM_PER_IN).toFixed(2)} mm`, why('wire'))] : []),
		label('line', null, lineText(rig.line), why('line')),
		label('head', 'head', `Head ${ouncesText(rig.weightOz)} oz, ${rig.headMaterial}`, why('head')),
		label('hook', 'hook', hook, why('hook')),
		label('skirt', rig.skirt.colour === 'none' ? null : 'skirt', skirt, why('skirt')),
		label('trailer', rig.trailer ? 'trailer' : null, trailer, why('trailer'))
	];
}

/** What a row of the alternates shows; a dash stands where it is as in the top call. */
export interface AltCells {
	readonly blades: string;
	readonly weight: string;
	readonly skirt: string;
	readonly trailer: string;
	readonly line: string;
	readonly retrieve: string;
}

export function cellsOf({ rig }: CalledRig): AltCells {
	return {
		blades: rig.blades.map(bladeName).join(' + '),
		weight: `${ouncesText(rig.weightOz)} oz`,
		skirt: plainWords(rig.skirt.colour),
		trailer: rig.trailer ? plainWords(rig.trailer.kind) : 'none',
		line: `${rig.line.testLb} lb ${rig.line.type === 'fluorocarbon' ? 'fluoro' : rig.line.type}`,
		retrieve: plainWords(rig.retrieve.style)
	};
}
