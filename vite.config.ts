import { sveltekit } from '@sveltejs/kit/vite';
import { fileURLToPath } from 'node:url';
import { svelteTesting } from '@testing-library/svelte/vite';
import tailwindcss from '@tailwindcss/vite';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** A busy machine is slow, not wrong: no test measures time. */
const shared = { globals: false, restoreMocks: true, expect: { requireAssertions: true }, testTimeout: 120_000 };

/** Tries every rig of small catalogs: by itself, so that it can run beside the rest. */
const BRUTE_FORCE = 'src/lib/core/ranking/search/bruteForce.test.ts';

/** Tests of the core: they need nothing of the interface's tools, and its tables are made once for all of them. */
const core = (name: string, files: { include?: string[]; exclude?: string[] }) => ({
	resolve: { alias: { $lib: fileURLToPath(new URL('./src/lib', import.meta.url)) } },
	test: {
		include: ['src/lib/core/**/*.test.ts'],
		...shared,
		...files,
		name,
		environment: 'node' as const,
		isolate: false,
		maxWorkers: 1,
		// Node's own modules: they are made once, and run as fast as they do in production.
		pool: 'forks' as const,
		execArgv: ['--import', 'tsx'],
		experimental: { viteModuleRunner: false }
	}
});

/** What so many pages use goes in one file, of scripts and of styles: on a slow line each file is a way there and back. */
const COMMON = { pages: 8, styles: 2, schemas: 2 } as const;
/** Schemas with their library: they come after a page that can do without them, in one file. */
const SCHEMAS =
	/node_modules.zod\b|foundation.schema.(?!words|limits|families|band|failure)|core.records.\w*[sS]chemas?\.|claims.house\./;
/** Ours, and what every page needs; not the library of parts, which comes with the first dialog. */
const FRAME = /src.lib|node_modules.(svelte|@sveltejs|suncalc)\b(?!-)/;
/** How a rig is drawn, which comes after what is said of it. */
const DRAWN = /core.rig.(drawing|geometry).|ui.rig.(?!SmallRig)/;
/** How a rig runs, the rules, and the words that they ask for: no part of what every page needs, though many reach it. */
const LATER = /core.simulation.physics.|core.water.reading.conditions\.|core.claims./;
const isFrame = (id: string) => FRAME.test(id) && ![SCHEMAS, DRAWN, LATER].some((later) => later.test(id));

/** The solver's own way to its megabytes: the page tells it where they lie, once, and a second copy would be built. */
const OWN_WAY = 'new URL("highs.wasm",import.meta.url).href';
const oneSolver = (): Plugin => ({
	name: 'one-solver',
	enforce: 'pre',
	transform: {
		filter: { id: /highs\.mjs/ },
		handler(code) {
			if (!code.includes(OWN_WAY)) this.error('The solver finds its megabytes in another way than it did.');
			return code.replace(OWN_WAY, '""');
		}
	}
});

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	build: {
		rolldownOptions: {
			output: {
				codeSplitting: {
					groups: [
						{ name: 'styles', priority: 3, minShareCount: COMMON.styles, test: /type=style/ },
						{ name: 'frame', priority: 2, minShareCount: COMMON.pages, test: isFrame },
						{ name: 'drawn', priority: 1, minShareCount: COMMON.pages, test: DRAWN },
						{ name: 'schemas', priority: 1, minShareCount: COMMON.schemas, test: SCHEMAS }
					]
				}
			}
		}
	},
	worker: { format: 'es', plugins: () => [oneSolver()] },
	test: {
		projects: [
			core('core', { exclude: [BRUTE_FORCE] }),
			core('search', { include: [BRUTE_FORCE] }),
			{
				extends: true,
				plugins: [svelteTesting()],
				test: {
					...shared,
					name: 'client',
					setupFiles: ['src/lib/client/testing/longerTimeouts.ts'],
					// Modules and pages are made once for all files: each cleans up after itself.
					isolate: false,
					unstubGlobals: true,
					include: ['src/lib/{client,presentation,ui}/**/*.test.ts'],
					environment: 'node'
				}
			},
			{
				extends: true,
				test: {
					...shared,
					name: 'server',
					include: ['src/lib/server/**/*.test.ts', 'src/routes/**/*.test.ts', 'scripts/**/*.test.ts'],
					environment: 'node',
					// Modules come once for all files of a process; each file begins with a database of its own.
					isolate: false,
					globalSetup: ['tests/database.ts'],
					maxWorkers: 2
				}
			},
			{
				extends: true,
				test: {
					...shared,
					name: 'interface',
					include: ['tests/interface/**/*.test.ts'],
					environment: 'node',
					globalSetup: ['tests/database.ts', 'tests/application.ts'],
					setupFiles: ['tests/interface/eachFile.ts'],
					// A browser and what the tests are made of come once, not with each file.
					isolate: false,
					expect: { ...shared.expect, poll: { timeout: 15_000 } },
					maxWorkers: 2,
					testTimeout: 120_000,
					hookTimeout: 120_000
				}
			}
		]
	}
});
