import {
	bladesText,
	finishText,
	lineText,
	ouncesText,
	plainWords,
	rigName,
	trailerText
} from '../../foundation/labels/describe';
import type { Rig } from '../../foundation/schema/rig';

/** What an angler would name of a rig, in the order in which it is chosen. */
const SAID: readonly ((rig: Rig) => string)[] = [
	rigName,
	(rig) => `${ouncesText(rig.weightOz)} oz`,
	bladesText,
	(rig) => `${finishText(rig)} blades`,
	(rig) => (rig.skirt.colour === 'none' ? 'no skirt' : `${plainWords(rig.skirt.colour)} skirt`),
	trailerText,
	(rig) => lineText(rig.line),
	(rig) => `${plainWords(rig.retrieve.style)}, ${rig.retrieve.speedMps} m/s`,
	(rig) => `${rig.rod.lengthIn} in ${rig.rod.power} ${rig.rod.material} rod`,
	(rig) => `${rig.reel.inchesPerTurn} in a turn, ${rig.reel.kind}`,
	(rig) => (rig.trailerHook === 'none' ? 'no second hook' : `${rig.trailerHook} second hook`),
	(rig) => (rig.wireIn ? `wire ${rig.wireIn} in` : 'no wire')
];

/** What differs between two rigs in an angler's words: from what to what, the weightiest first. */
export function differencesOf(from: Rig, to: Rig): { from: string; to: string }[] {
	return SAID.map((say) => ({ from: say(from), to: say(to) })).filter((pair) => pair.from !== pair.to);
}
