import { browser } from '$app/environment';
import { shortPath } from './shortPath';

/** Places in pixels: a tenth of one, and what no eye can see of a line. */
const FINENESS = { decimals: 1, off: 0.1 } as const;

/** A path as it is written into a page: short where the page goes over a line, as it is where the browser draws it anew. */
export const pathText: (d: string) => string = browser ? (d) => d : (d) => shortPath(d, FINENESS);
