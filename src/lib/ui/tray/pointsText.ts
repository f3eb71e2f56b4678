/** Points as they are said: "1 point", "0.4 points". */
export function pointsText(points: number): string {
	const rounded = Math.round(points * 10) / 10;
	return `${rounded} ${rounded === 1 ? 'point' : 'points'}`;
}
