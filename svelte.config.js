import adapter from '@sveltejs/adapter-node';
import { readdirSync } from 'node:fs';
import { sourcesHash } from './scripts/lib/sources.mjs';

/** Components in the order of their paths: where one stands tells it apart, in server and browser alike. */
const COMPONENTS = readdirSync('src', { recursive: true, encoding: 'utf8' })
	.filter((path) => path.endsWith('.svelte'))
	.map((path) => path.replaceAll('\\', '/'))
	.toSorted();

/** @type {import('@sveltejs/kit').Config} */
export default {
	compilerOptions: {
		// Written hundreds of times in a page: as short as can be. What came after the start of a development server has a hash.
		cssHash: ({ hash, css, filename }) => {
			const at = COMPONENTS.indexOf(filename.replaceAll('\\', '/').replace(/^.*\bsrc\//, ''));
			return `s${at < 0 ? hash(css).slice(0, 5) : at.toString(36)}`;
		}
	},
	kit: {
		adapter: adapter({ precompress: true }),
		// By the clock, as is usual, a test that starts beside a build would give its server another name than its pages have.
		version: { name: sourcesHash().slice(0, 16) },
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'worker-src': ['self'],
				'style-src': ['self'],
				// Drawings carry their colours and sizes as style attributes.
				'style-src-attr': ['unsafe-inline'],
				'img-src': ['self', 'data:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		}
	}
};
