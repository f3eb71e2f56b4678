import type { Locks } from '../schema/rig';
import type { PartKind, TrayPart } from '../schema/tray';
import { bladeName, lineText, ouncesText, plainWords, styleName } from './describe';
import { spoken } from './spoken';

/** What kinds of parts are called as headings. */
export const PART_TITLES: Readonly<Record<PartKind, string>> = {
	lure: 'Finished lures',
	head: 'Heads',
	blade: 'Blades',
	wire: 'Wires',
	skirt: 'Skirts',
	trailer: 'Trailers',
	'trailer-hook': 'Trailer hooks',
	line: 'Lines',
	rod: 'Rods',
	reel: 'Reels'
};

const joined = (...words: readonly (string | null | undefined | false | 0)[]): string =>
	words.filter(Boolean).join(', ');

function bladeText({ style, size, finish, texture }: Partial<NonNullable<Locks['blades']>[number]>): string {
	const name = style && (size === undefined ? styleName(style) : bladeName({ style, size }));
	return joined(name ?? 'Blade', finish && plainWords(finish), texture === 'hammered' && 'hammered');
}

function headText({ weightOz, headMaterial, headShape, body }: Locks): string {
	const weight = weightOz === undefined ? '' : `${ouncesText(weightOz)} oz `;
	const shape = headShape && headShape !== 'plain' ? `, ${plainWords(headShape)} shape` : '';
	return `${weight}${headMaterial ? `${headMaterial} ` : ''}head${shape}${body === 'compact' ? ', compact' : ''}`;
}

/** A lure by what it names. */
function lureText({ family, weightOz, blades = [], skirt }: Locks): string {
	const weight = weightOz === undefined ? '' : `${ouncesText(weightOz)} oz `;
	const dress = skirt?.colour && (skirt.colour === 'none' ? 'no skirt' : `${plainWords(skirt.colour)} skirt`);
	return joined(`${weight}${family ? spoken(family) : 'lure'}`, blades.map(bladeText).join(' + '), dress);
}

/** A part as it is read on a packet: "1/2 oz lead head", "Colorado 4, gold". */
export function partText(part: TrayPart): string {
	switch (part.part) {
		case 'head':
			return headText(part);
		case 'blade':
			return bladeText(part);
		case 'wire':
			return `${part.wireIn ?? 'any'} in wire`;
		case 'skirt':
			return joined(
				`${plainWords(part.colour ?? 'any')} skirt`,
				part.material && part.material !== 'silicone' && plainWords(part.material),
				part.length && part.length !== 'standard' && part.length
			);
		case 'trailer':
			return joined(
				`${plainWords(part.kind ?? 'any')} trailer`,
				part.lengthIn && `${part.lengthIn} in`,
				part.colour && plainWords(part.colour)
			);
		case 'trailer-hook':
			return `${part.trailerHook ?? 'any'} trailer hook`;
		case 'line':
			return part.type && part.testLb
				? lineText({ leader: null, ...part, type: part.type, testLb: part.testLb })
				: `${part.type ?? 'any'} line`;
		case 'rod':
			return `${joined(part.lengthIn && `${part.lengthIn} in`, part.power && plainWords(part.power), part.action && plainWords(part.action))} rod`;
		case 'reel':
			return `${part.ratio ? `${part.ratio}:1 ` : ''}${part.kind ?? ''} reel`;
		case 'lure':
			return lureText(part.rig);
	}
}

const HALVES = /(\d)\.5\b/g;

/** Words by which a part is found: also with its half sizes as fractions, "gold 4 1/2". */
export const partSearchText = (part: TrayPart): string => {
	const text = `${partText(part)} ${PART_TITLES[part.part]}`;
	return `${text} ${text.replace(HALVES, '$1 1/2')}`;
};
