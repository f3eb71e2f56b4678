/** Folders of the core, in an order in which each imports only those before it. docs/ARCHITECTURE.md says what each holds. */
const CORE = [
	'base',
	'schema',
	'matter',
	'catalogue',
	'reading',
	'claims',
	'physics',
	'tow',
	'optics',
	'evidence',
	'build',
	'naming',
	'geometry',
	'choice',
	'drawing',
	'bench',
	'day',
	'places',
	'plan',
	'tally',
	'proof',
	'records',
	'cli'
];
/** What stands on the core, likewise. */
const AROUND = ['core', 'forms', 'workers', 'client', 'ui'];
const UI = [
	'controls',
	'rig',
	'section',
	'reading',
	'sight',
	'call',
	'bench',
	'tank',
	'tally',
	'proof',
	'craft',
	'kept',
	'frame'
];
const SERVER = ['db', 'http', 'auth', 'records', 'work', 'demo'];

/** One rule for each folder of a row: it knows nothing of those after it. */
const inOrder = (row, root) =>
	row.slice(0, -1).map((name, at) => ({
		name: `${root.replace(/\W+/g, '-')}-${name}-imports-only-what-stands-before-it`,
		severity: 'error',
		from: { path: `^${root}/${name}/`, pathNot: ['\\.test\\.ts$', '^src/lib/core/testing/'] },
		to: { path: `^${root}/(${row.slice(at + 1).join('|')})/` }
	}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
	forbidden: [
		{
			name: 'core-is-pure',
			comment: 'The core imports itself and zod, nothing of the interface, the framework or the database.',
			severity: 'error',
			from: {
				path: '^src/lib/core',
				pathNot: ['\\.test\\.ts$', '^src/lib/core/testing/', '^src/lib/core/cli/main\\.ts$']
			},
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
			from: { path: '^src/lib/(forms|client|ui|workers)' },
			to: { path: '^src/lib/server' }
		},
		{
			name: 'server-knows-no-screen',
			severity: 'error',
			from: { path: ['^src/lib/server', '^src/routes/.*\\+(page|layout)?\\.?server\\.ts$'] },
			to: { path: '^src/lib/(ui|workers)' }
		},
		...inOrder(CORE, 'src/lib/core'),
		...inOrder(AROUND, 'src/lib'),
		...inOrder(UI, 'src/lib/ui'),
		...inOrder(SERVER, 'src/lib/server'),
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
