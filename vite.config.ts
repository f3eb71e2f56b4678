import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

const shared = { globals: false, restoreMocks: true, expect: { requireAssertions: true } };

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	test: {
		projects: [
			{
				extends: true,
				test: {
					...shared,
					name: 'core',
					include: ['src/lib/{core,ui}/**/*.test.ts'],
					environment: 'node',
					testTimeout: 30_000
				}
			},
			{
				extends: true,
				test: {
					...shared,
					name: 'server',
					include: ['src/lib/server/**/*.test.ts'],
					environment: 'node',
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
					fileParallelism: false,
					testTimeout: 60_000,
					hookTimeout: 60_000
				}
			}
		]
	}
});
