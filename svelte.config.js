import adapter from '@sveltejs/adapter-node';
import { sourcesHash } from './scripts/lib/sources.mjs';

/** @type {import('@sveltejs/kit').Config} */
export default {
	compilerOptions: {
		// Written hundreds of times in a page: as short as tells a few hundred components apart.
		cssHash: ({ hash, css }) => `s${hash(css).slice(0, 5)}`
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
