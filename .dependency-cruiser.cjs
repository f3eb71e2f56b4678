/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
	forbidden: [
		{
			name: 'core-is-pure',
			comment: 'The core imports itself and zod, nothing of the interface, the framework or the database.',
			severity: 'error',
			from: { path: '^src/lib/core', pathNot: ['\\.test\\.ts$', '^src/lib/core/testing/'] },
			to: { pathNot: ['^src/lib/core', '^node_modules/zod', '^(node:)?fs$'] }
		},
		{
			name: 'core-reads-no-files',
			comment: 'Only the command line touches the system.',
			severity: 'error',
			from: { path: '^src/lib/core', pathNot: ['\\.test\\.ts$', '^src/lib/core/cli/main\\.ts$'] },
			to: { path: '^(node:)?fs$' }
		},
		{
			name: 'server-stays-on-the-server',
			severity: 'error',
			from: { path: '^src/lib/(ui|workers)' },
			to: { path: '^src/lib/server', dependencyTypesNot: ['type-only'] }
		},
		{
			name: 'no-cycles',
			severity: 'error',
			from: {},
			to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } }
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		enhancedResolveOptions: {
			extensions: ['.ts', '.js', '.svelte'],
			exportsFields: ['exports'],
			conditionNames: ['import', 'svelte', 'default']
		}
	}
};
