import type { Drawing, Shape } from '$lib/core/rig/drawing/shape';
import { colourOf, strokeColour } from './materials';

/** Colors of the page's tokens where no page is: on paper. */
const ON_PAPER: Readonly<Record<string, string>> = {
	'var(--ink)': '#111c1c',
	'var(--paper)': '#ffffff',
	'var(--amber-ink)': '#8a4b00'
};
const onPaper = (colour: string): string => ON_PAPER[colour] ?? colour;
/** XML has no control characters and no half ones, however they are written. */
const escaped = (text: string): string =>
	text
		.toWellFormed()
		.replace(/[\p{Cc}\uFFFE\uFFFF]/gu, ' ')
		.replaceAll('&', '&amp;')
		.replaceAll('<', '&lt;')
		.replaceAll('>', '&gt;')
		.replaceAll('"', '&quot;');
const rounded = (value: number): string => String(Math.round(value * 1000) / 1000);

const pathOf = ({ d, fill, width, opacity, ...line }: Shape): string =>
	`<path d="${d}" fill="${onPaper(colourOf(fill))}" stroke="${onPaper(strokeColour(line))}" stroke-width="${width ?? 0}"${opacity === undefined ? '' : ` opacity="${opacity}"`}/>`;

const MARGIN_MM = 3;
const RULER_MM = 12;
/** A bar of exactly this length stands under a life-size drawing, to be measured on paper. */
export const BAR_MM = 100;

/** A bar of 100 mm with a tick each mm and a numeral each cm. */
function ruler(x: number, y: number): string {
	const ticks = Array.from({ length: BAR_MM + 1 }, (_, mm) => {
		const long = mm % 10 === 0 ? 4 : mm % 5 === 0 ? 2.8 : 1.8;
		return `M${rounded(x + mm)} ${rounded(y)}v${long}`;
	});
	const numerals = Array.from(
		{ length: BAR_MM / 10 + 1 },
		(_, cm) =>
			`<text x="${rounded(x + cm * 10)}" y="${rounded(y + 7.6)}" font-size="3" text-anchor="middle" font-family="sans-serif">${cm}</text>`
	);
	const line = `<path d="M${rounded(x)} ${rounded(y)}h${BAR_MM}" stroke="#111c1c" stroke-width="0.3" fill="none"/>`;
	return `${line}<path d="${ticks.join('')}" stroke="#111c1c" stroke-width="0.15" fill="none"/>${numerals.join('')}`;
}

/** A drawing as an SVG document of its own, life-size: one user unit is one mm, with a bar of 100 mm under it. */
export function svgText({ shapes, bounds, text }: Drawing, title: string): string {
	const width = Math.max(bounds.width, BAR_MM) + 2 * MARGIN_MM;
	const height = bounds.height + 2 * MARGIN_MM + RULER_MM;
	const [x, y] = [bounds.x - MARGIN_MM, bounds.y - MARGIN_MM];
	return [
		`<svg xmlns="http://www.w3.org/2000/svg" width="${rounded(width)}mm" height="${rounded(height)}mm" viewBox="${[x, y, width, height].map(rounded).join(' ')}" stroke-linecap="round" stroke-linejoin="round" role="img" aria-labelledby="rig-title rig-text">`,
		`<title id="rig-title">${escaped(title)}</title><desc id="rig-text">${escaped(text)}</desc>`,
		shapes.map(pathOf).join(''),
		ruler(bounds.x, bounds.y + bounds.height + MARGIN_MM),
		'</svg>'
	].join('');
}
