/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';
import { dataPathOf, isPageCache, pageCacheOf } from './lib/client/offline/precachePages';

const worker = globalThis.self as unknown as ServiceWorkerGlobalScope;
const SHELL = `shell-${version}`;
const PAGES = pageCacheOf(version);
/** Everything that the application is made of. */
const ASSETS = new Set([...build, ...files]);
/** How long (ms) the network has before what was laid up is shown instead. */
const PATIENCE_MS = 4000;
/** A page that was never laid up is stood in for by this one. */
const HOME = '/water';
const DATA = '/__data.json';

worker.addEventListener('install', (event) => {
	event.waitUntil(
		caches
			.open(SHELL)
			.then((cache) => cache.addAll([...ASSETS]))
			.then(() => worker.skipWaiting())
	);
});

worker.addEventListener('activate', (event) => {
	const isOld = (name: string): boolean =>
		name !== SHELL && name !== PAGES && (isPageCache(name) || name.startsWith('shell-'));
	event.waitUntil(
		caches
			.keys()
			.then((names) => Promise.all(names.filter(isOld).map((name) => caches.delete(name))))
			.then(() => worker.clients.claim())
	);
});

/** Pieces of workers are named by nobody beforehand: each is kept when it first comes. */
const PIECES = '/_app/immutable/';

async function asset(request: Request): Promise<Response> {
	const known = await caches.match(request.url, { cacheName: SHELL });
	if (known) return known;
	const response = await fetch(request);
	if (response.ok) await (await caches.open(SHELL)).put(request.url, response.clone());
	return response;
}

async function laidUp(path: string): Promise<Response | undefined> {
	const found = await caches.match(path, { cacheName: PAGES });
	return found ?? (path.endsWith(DATA) ? undefined : caches.match(HOME, { cacheName: PAGES }));
}

/** Keeps what came whole; what came in part (only what has changed) would be no page by itself. */
async function lay(path: string, request: Request, response: Response): Promise<void> {
	const isWhole = !new URL(request.url).searchParams.has('x-sveltekit-invalidated');
	if (!isWhole || !response.ok || response.redirected) return;
	// Only what is laid up already is renewed: which pages those are is the application's to say.
	if (await caches.match(path, { cacheName: PAGES })) await (await caches.open(PAGES)).put(path, response);
}

/** The network's answer, or what was laid up where it does not come in time. */
async function page(request: Request, path: string): Promise<Response> {
	const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), PATIENCE_MS));
	const coming = fetch(request).then(async (response) => {
		await lay(path, request, response.clone());
		return response;
	});
	const first = await Promise.race([coming, late]).catch(() => null);
	if (first) return first;
	return (await laidUp(path)) ?? coming;
}

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const { origin, pathname } = new URL(request.url);
	if (request.method !== 'GET' || origin !== worker.location.origin) return;
	if (ASSETS.has(pathname) || pathname.startsWith(PIECES)) return event.respondWith(asset(request));
	const isPage = request.mode === 'navigate' || pathname === dataPathOf(pathname.slice(0, -DATA.length));
	if (isPage) event.respondWith(page(request, pathname));
});
