import type { OwnColour, Strand } from '../../foundation/schema/ownColour';

/** Thirds of a measured spectrum that stand for red, green and blue: bands of 10 nm from 400 nm. */
const THIRDS = [
	[20, 31],
	[10, 20],
	[0, 10]
] as const;
/** The curve of a screen: what looks half as light throws back a fifth. */
const GAMMA = 2.2;

/** Roughly how a measured spectrum looks: a drawing needs no more, and does without the tables of sight. */
function roughHex(reflects: readonly number[]): string {
	const channels = THIRDS.map(([from, to]) => {
		const mean = reflects.slice(from, to).reduce((sum, value) => sum + value, 0) / (to - from);
		return Math.round(255 * Math.min(1, mean) ** (1 / GAMMA))
			.toString(16)
			.padStart(2, '0');
	});
	return `#${channels.join('')}`;
}

/** The material of a drawing that strands of an own color are of: a named one, or how they look by day. */
export function dyeOf(strand: Strand): string {
	if ('colour' in strand) return strand.colour;
	return 'rgb' in strand ? strand.rgb : roughHex(strand.reflects);
}

/** That of the strands which make the most of an own color. */
export const mainDye = ({ strands }: OwnColour): string =>
	dyeOf(strands.reduce((most, one) => (one.share > most.share ? one : most)));
