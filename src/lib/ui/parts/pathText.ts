import { browser } from '$app/environment';
import { shortPath } from './shortPath';

/** A path as it is written into a page: short where the page goes over a line, as it is where the browser draws it anew. */
export const pathText: (d: string) => string = browser ? (d) => d : (d) => shortPath(d, 1);
