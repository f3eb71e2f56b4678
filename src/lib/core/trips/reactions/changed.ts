import { ouncesText, trailerText, bladesText, lineText, rigName } from '../../foundation/labels/describe';
import { spoken } from '../../foundation/labels/spoken';
import type { Rig } from '../../foundation/schema/rig';

/** What an angler changes, one at a time. */
export const FIELDS = [
	'family',
	'rear finish',
	'front finish',
	'blades',
	'weight',
	'skirt',
	'trailer',
	'trailer hook',
	'retrieve',
	'speed',
	'wire',
	'head',
	'hook',
	'line',
	'rod and reel',
	'place'
] as const;
export type Field = (typeof FIELDS)[number];

/** A change of speed under this (m/s) is no change. */
const SPEED_GRAIN_MPS = 0.05;

const bladeAt = ({ blades }: Rig, position: 'front' | 'rear') => blades.find((blade) => blade.position === position);
const finishAt = (rig: Rig, position: 'front' | 'rear'): string => {
	const blade = bladeAt(rig, position);
	return blade ? `${blade.finish} ${blade.texture}` : '';
};

/** What of a rig each field is; the same text is the same thing. */
const READ: Readonly<Partial<Record<Field, (rig: Rig) => string>>> = {
	family: ({ family }) => family,
	'rear finish': (rig) => finishAt(rig, 'rear'),
	'front finish': (rig) => finishAt(rig, 'front'),
	blades: ({ blades }) => blades.map(({ position, style, size }) => `${position} ${style} ${size}`).join(),
	weight: ({ weightOz }) => String(weightOz),
	skirt: ({ skirt }) => JSON.stringify(skirt),
	trailer: ({ trailer }) => JSON.stringify(trailer),
	'trailer hook': ({ trailerHook }) => trailerHook,
	retrieve: ({ retrieve }) => retrieve.style,
	wire: ({ wireIn }) => String(wireIn ?? ''),
	head: ({ headMaterial, headShape }) => `${headMaterial} ${headShape}`,
	hook: ({ hook }) => JSON.stringify(hook),
	line: ({ line }) => JSON.stringify(line),
	'rod and reel': ({ rod, reel }) => JSON.stringify([rod, reel])
};

/** What differs between two rigs, in the angler's own parts; another family is that alone. */
export function changedFields(from: Rig, to: Rig): Field[] {
	if (from.family !== to.family) return ['family'];
	const found = FIELDS.filter((field) => {
		const read = READ[field];
		return read !== undefined && read(from) !== read(to);
	});
	const faster = Math.abs(from.retrieve.speedMps - to.retrieve.speedMps) >= SPEED_GRAIN_MPS;
	return faster ? [...found, 'speed'] : found;
}

const SAY: Readonly<Partial<Record<Field, (rig: Rig) => string>>> = {
	family: rigName,
	'rear finish': (rig) => spoken(bladeAt(rig, 'rear')?.finish ?? 'none'),
	'front finish': (rig) => spoken(bladeAt(rig, 'front')?.finish ?? 'none'),
	blades: bladesText,
	weight: ({ weightOz }) => `${ouncesText(weightOz)} oz`,
	skirt: ({ skirt }) => spoken(skirt.colour),
	trailer: trailerText,
	'trailer hook': ({ trailerHook }) => spoken(trailerHook),
	retrieve: ({ retrieve }) => spoken(retrieve.style),
	speed: ({ retrieve }) => `${retrieve.speedMps.toFixed(2)} m/s`,
	line: ({ line }) => lineText(line),
	wire: ({ wireIn }) => `${wireIn ?? ''} in`
};

/** A change in words: "Rear finish: gold to nickel". */
export function changeText(field: Field, from: Rig, to: Rig): string {
	const say = SAY[field];
	const title = field.charAt(0).toUpperCase() + field.slice(1);
	return say ? `${title}: ${say(from)} to ${say(to)}` : title;
}
