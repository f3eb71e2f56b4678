/** Begin of the names of caches that hold an angler's pages, one for each edition of the application. */
const PAGES = 'pages-';
/** Under this word it is written down whose pages they are. */
const OWNER = '/.owner';

/** The cache of pages of an edition. */
export const pageCacheOf = (edition: string): string => `${PAGES}${edition}`;

/** Where the data of a page lie, which a running application asks for instead of the page. */
export const dataPathOf = (path: string): string => `${path === '/' ? '' : path}/__data.json`;

/** How old (ms) a page may be before it is laid up anew: a line on the water is slow and dear. */
const OLD_MS = 6 * 60 * 60 * 1000;

async function isFresh(cache: Cache, path: string): Promise<boolean> {
	const date = (await cache.match(path))?.headers.get('date');
	return date !== null && date !== undefined && Date.now() - Date.parse(date) < OLD_MS;
}

async function keep(cache: Cache, path: string): Promise<void> {
	if (await isFresh(cache, path)) return;
	const response = await fetch(path);
	// A redirect is the way to the welcome page: the session is over.
	if (response.ok && !response.redirected) await cache.put(path, response);
}

/**
 * Lays pages up so that they open without a network, each with its data. Another angler's go first.
 *
 * @param edition Version of the application that the pages belong to.
 */
export async function precachePages(edition: string, anglerId: string, paths: readonly string[]): Promise<void> {
	if (!('caches' in globalThis)) return;
	const cache = await caches.open(pageCacheOf(edition));
	const owner = await (await cache.match(OWNER))?.text();
	if (owner !== anglerId) {
		await Promise.all((await cache.keys()).map((request) => cache.delete(request)));
		await cache.put(OWNER, new Response(anglerId));
	}
	for (const path of paths) {
		await keep(cache, path);
		await keep(cache, dataPathOf(path));
	}
}

/** Forgets every page: the session was closed. */
export async function clearPrecachedPages(): Promise<void> {
	if (!('caches' in globalThis)) return;
	const names = await caches.keys();
	await Promise.all(names.filter((name) => name.startsWith(PAGES)).map((name) => caches.delete(name)));
}

/** Whether a cache is one of pages, of whatever edition. */
export const isPageCache = (name: string): boolean => name.startsWith(PAGES);
