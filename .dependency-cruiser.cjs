/** Folders of the core, in an order in which each imports only those before it. docs/ARCHITECTURE.md says what each holds. */
const CORE = [
	'foundation/basics',
	'foundation/constants',
	'foundation/schema',
	'foundation/catalogue',
	'foundation/labels',
	'water/reading',
	'water/weather',
	'water/places',
	'claims',
	'simulation/physics',
	'simulation/cast',
	'simulation/sight',
	'rig/build',
	'rig/geometry',
	'rig/drawing',
	'ranking/space',
	'ranking/gate',
	'ranking/scoring',
	'ranking/search',
	'ranking/answer',
	'rig/bench',
	'trips/evidence',
	'trips/reactions',
	'trips/tally',
	'trips/plan',
	'trips/proof',
	'records',
	'cli'
];
/** What stands on the core, likewise. */
const AROUND = ['core', 'presentation', 'workers', 'client', 'ui'];
const CLIENT = ['offline', 'workers', 'sync', 'state'];
const UI = [
	'controls',
	'rig',
	'section',
	'reading',
	'sight',
	'account',
	'call',
	'bench',
	'tank',
	'places',
	'tally',
	'deck',
	'proof',
	'drills',
	'craft',
	'logbook',
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
			comment: 'The core imports itself, zod and a cache, nothing of the interface, the framework or the database.',
			severity: 'error',
			from: {
				path: '^src/lib/core',
				pathNot: ['\\.test\\.ts$', '^src/lib/core/testing/', '^src/lib/core/cli/main\\.ts$']
			},
			to: { pathNot: ['^src/lib/core', '^node_modules/(zod|quick-lru)', '^(node:)?fs$'] }
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
			from: { path: '^src/lib/(presentation|client|ui|workers)' },
			to: { path: '^src/lib/server' }
		},
		{
			name: 'server-knows-no-screen',
			severity: 'error',
			from: { path: ['^src/lib/server', '^src/routes/.*\\+(page|layout)?\\.?server\\.ts$'] },
			to: { path: '^src/lib/(ui|workers)' }
		},
		{
			name: 'server-knows-no-client',
			comment: 'What both need lies in the core or in presentation.',
			severity: 'error',
			from: { path: '^src/lib/server', pathNot: ['\\.test\\.ts$'] },
			to: { path: '^src/lib/client' }
		},
		...inOrder(CORE, 'src/lib/core'),
		...inOrder(AROUND, 'src/lib'),
		...inOrder(CLIENT, 'src/lib/client'),
		...inOrder(UI, 'src/lib/ui'),
		...inOrder(SERVER, 'src/lib/server'),
		{
			name: 'no-cycles',
			severity: 'error',
			from: {},
			to: { circular: true }
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
