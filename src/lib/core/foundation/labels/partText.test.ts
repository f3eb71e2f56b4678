import { describe, expect, it } from 'vitest';
import type { TrayPart } from '../schema/tray';
import { partSearchText, partText } from './partText';

describe('the words for a part', () => {
	const table: readonly (readonly [TrayPart, string])[] = [
		[{ part: 'head', weightOz: 0.5, headMaterial: 'lead', headShape: 'plain' }, '1/2 oz lead head'],
		[{ part: 'head', weightOz: 0.375, headShape: 'grass' }, '3/8 oz head, grass shape'],
		[{ part: 'blade', style: 'colorado', size: 4, finish: 'gold', texture: 'hammered' }, 'Colorado 4, gold, hammered'],
		[{ part: 'blade', style: 'standard', finish: 'nickel' }, 'standard blade, nickel'],
		[{ part: 'wire', wireIn: 0.035 }, '0.035 in wire'],
		[{ part: 'skirt', colour: 'white-chartreuse', material: 'fine' }, 'white-chartreuse skirt, fine'],
		[{ part: 'trailer', kind: 'split-tail', colour: 'white', lengthIn: 3 }, 'split tail trailer, 3 in, white'],
		[{ part: 'trailer-hook', trailerHook: 'free' }, 'free trailer hook'],
		[{ part: 'line', type: 'braid', testLb: 40 }, '40 lb braid'],
		[{ part: 'rod', lengthIn: 86, power: 'medium-heavy', action: 'moderate' }, '86 in, medium heavy, moderate rod'],
		[{ part: 'reel', kind: 'casting', ratio: 7.1 }, '7.1:1 casting reel'],
		[
			{ part: 'lure', rig: { family: 'bladed-jig', weightOz: 0.5, skirt: { colour: 'black' } } },
			'1/2 oz bladed jig, black skirt'
		]
	];
	it.each(table)('%j', (part, text) => expect(partText(part)).toBe(text));

	it('find a half size as a fraction too', () => {
		const text = partSearchText({ part: 'blade', style: 'willow', size: 4.5, finish: 'gold' });
		for (const word of ['gold', '4', '1/2', '4.5']) expect(text).toContain(word);
	});
});
