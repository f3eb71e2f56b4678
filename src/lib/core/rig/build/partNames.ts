import { bladeName, ouncesText, plainWords, rigName } from '../../foundation/labels/describe';
import { completeFit } from './fit';
import { partsOf, type PlacedPart, type Slot } from './partsOf';
import type { Build } from '../../foundation/schema/build';
import type { Blade } from '../../foundation/schema/rig';

const SLOT_WORDS: Readonly<Record<Slot, string>> = {
	head: 'Head',
	hook: 'Hook',
	wire: 'Wire',
	clevis: 'Clevis',
	beads: 'Beads',
	front: 'Front blade',
	swivel: 'Swivel',
	rear: 'Rear blade',
	clip: 'Clip',
	rivet: 'Rivet',
	clacker: 'Clacker',
	keeper: 'Keeper',
	skirt: 'Skirt',
	trailer: 'Trailer',
	trailerHook: 'Trailer hook',
	tubing: 'Tubing',
	array: 'Clip-on array',
	arrayStop: 'Array stop',
	line: 'Line',
	leader: 'Leader',
	rod: 'Rod',
	reel: 'Reel'
};

/** What a slot is called on a rig: a lone blade is the blade. */
export function slotWord(slot: Slot, build: Build): string {
	if (slot === 'rear' && build.rig.blades.length === 1) return build.rig.family === 'bladed-jig' ? 'Plate' : 'Blade';
	if (slot === 'wire' && build.rig.family === 'underspin') return build.rig.screwIn ? 'Screw-in arm' : 'Blade arm';
	if (slot === 'trailer' && build.rig.family === 'underspin') return 'Soft body';
	return SLOT_WORDS[slot];
}

const blade = ({ rig }: Build, position: Blade['position']): Blade =>
	rig.blades.find((candidate) => candidate.position === position)!;

const bladeWords = (found: Blade): string =>
	`${bladeName(found)}, ${plainWords(found.finish)}${found.texture === 'hammered' ? ', hammered' : ''}`;

/** A part as the angler would name it, an own part by its own name. */
export function partWords({ slot, part, count, own }: PlacedPart, build: Build): string {
	const { rig } = build;
	if (own) return own.part.name;
	if (slot === 'head') return `${ouncesText(rig.weightOz)} oz ${rig.headMaterial}`;
	if (slot === 'hook') return `${rig.hook.size}, ${rig.hook.gauge} wire`;
	if (slot === 'wire' && rig.wireIn !== undefined) {
		const { lowerArmMm, upperArmMm } = completeFit(build);
		const arms =
			rig.family === 'spinnerbait' ? `, arms ${Math.round(lowerArmMm)} and ${Math.round(upperArmMm)} mm` : '';
		return `${rig.wireIn.toFixed(3)} in${arms}`;
	}
	if (slot === 'front' || slot === 'rear') return bladeWords(blade(build, slot));
	if (slot === 'skirt') return `${plainWords(rig.skirt.colour)}, ${rig.skirt.material}, ${rig.skirt.length}`;
	if (slot === 'trailer' && rig.trailer) {
		return `${plainWords(rig.trailer.kind)} ${rig.trailer.lengthIn} in, ${plainWords(rig.trailer.colour)}`;
	}
	if (slot === 'beads' || slot === 'keeper') return `${count} ${slot === 'beads' ? 'beads' : 'wire'}`;
	if (slot === 'trailerHook') return rig.trailerHook === 'free' ? 'swings free' : 'stiff';
	return part.name;
}

/** Every part of a build by name, in assembly order, for those who do not see the drawing. */
export function describeBuild(build: Build): string {
	const parts = partsOf(build).map(
		(placed) => `${slotWord(placed.slot, build).toLowerCase()} ${partWords(placed, build)}`
	);
	return `${rigName(build.rig)}, swimming to the left: ${parts.join('; ')}.`;
}
