import { defineConfig } from 'vite';

/** The scripts of the server's threads, each one file beside the built server. */
export default defineConfig({
	publicDir: false,
	build: {
		ssr: true,
		target: 'node20',
		outDir: 'build/threads',
		emptyOutDir: true,
		rollupOptions: { input: { verbs: 'src/lib/server/work/verbs.thread.ts' } }
	},
	ssr: { noExternal: true, external: ['highs'] }
});
