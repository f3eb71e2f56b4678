/** A figure as it was typed, with a comma or a point; not a number where there is none. */
export function typedFigure(text: string): number {
	const bare = text.trim().replace(',', '.');
	return bare === '' ? NaN : Number(bare);
}
