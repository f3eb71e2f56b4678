import { defineConfig } from 'vite';

/** What runs beside the built server, each one file: the scripts of its threads, and what makes its database ready. */
export default defineConfig({
	publicDir: false,
	build: {
		ssr: true,
		target: 'node20',
		outDir: 'build/threads',
		emptyOutDir: true,
		rollupOptions: {
			input: {
				verbs: 'src/lib/server/work/verbs.thread.ts',
				records: 'src/lib/server/work/records.thread.ts',
				prepare: 'src/lib/server/demo/prepare.ts'
			}
		}
	},
	ssr: { noExternal: true, external: ['@node-rs/argon2', 'highs', 'mariadb', 'pino', 'sequelize', 'umzug'] }
});
