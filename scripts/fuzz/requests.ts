import { randomUUID } from 'node:crypto';
import type { Random } from '../../src/lib/core/foundation/basics/random';
import { startBuild } from '../../src/lib/core/rig/build/start';
import { DOCUMENT_KIND_NAMES } from '../../src/lib/core/records/kind';
import { LISTED_KIND_NAMES } from '../../src/lib/core/records/kinds';
import { damagedText, mutatedJson, pick } from './mutate';

/** A request as it goes over the wire. */
export interface FuzzRequest {
	readonly method: string;
	readonly path: string;
	readonly headers: Readonly<Record<string, string>>;
	readonly body: string | null;
	/** Whether the body comes in pieces, without its length said before. */
	readonly chunked: boolean;
}

/** Something that is asked rightly, to be spoiled. */
interface Base {
	readonly method: string;
	readonly path: string;
	readonly type: 'json' | 'form' | 'csv' | 'none';
	readonly body: unknown;
}

const READING = {
	waterTemperatureC: 17,
	visibilityM: 0.9,
	bottomM: 2.4,
	fishFromM: 0.5,
	fishToM: 1.4,
	cover: [{ kind: 'stems', density: 'medium', topM: 0 }],
	forage: [{ kind: 'perch', lengthIn: 2.5, amount: 'some' }]
};
const RIG = startBuild('spinnerbait').rig;
const HOUSE_RULE = {
	id: 'MY-01',
	strength: 2,
	when: { join: 'all', words: ['night'] },
	prefers: { family: { buzzbait: 1 } },
	because: 'So.'
};

/** One good question of every verb. */
const VERBS: Readonly<Record<string, unknown>> = {
	call: {
		reading: READING,
		stances: { WIRE: 'heavy' },
		locks: { family: 'spinnerbait' },
		houseRules: [HOUSE_RULE],
		top: 2
	},
	score: { reading: READING, rig: RIG },
	window: { rig: RIG, speedMps: 0.9, castM: 25 },
	tow: { rig: RIG, speedMps: 0.9, castM: 25, bottom: { flatM: 3 }, band: { fromM: 0.5, toM: 1.5 } },
	'speed-for': { rig: RIG, castM: 25, holdM: 1, atM: [14] },
	sight: { reading: READING, depthM: 1 },
	evidence: { blocks: [{ id: 'a', a: { casts: 90, bites: 4 }, b: { casts: 80, bites: 1 }, planned: true }] },
	plan: { hours: [{ at: '2026-05-09T06:00:00.000Z', reading: READING, weight: 1 }], rods: 2, perHour: 2 },
	reactions: { reading: READING, rig: RIG, symptom: 'follows', when: 'fall', casts: 40 }
};

/** Forms of the pages, with fields as they send them. */
const FORMS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
	'/sign-in': { name: 'Nobody', passphrase: 'tern over the weir' },
	'/sign-up': { name: 'Nobody', passphrase: 'short' },
	'/recover': { name: 'Nobody', code: 'ABCD-EFGH', passphrase: 'tern over the weir' },
	'/settings?/settings': { units: 'imperial', shortcuts: 'on' },
	'/settings?/theme': { theme: 'lamp', back: '/water' },
	'/settings?/passphrase': { old: 'nothing', fresh: 'heron under the bridge' },
	'/settings?/end': { session: randomUUID() },
	'/water?/call': { units: 'metric', waterTemperatureC: '16', visibilityM: '1', bottomM: '2' },
	'/water?/keep': { units: 'metric', name: 'Fuzz', waterTemperatureC: '16', visibilityM: '1', bottomM: '2' },
	'/call?/take': { chosen: '1' },
	'/call?/keep': { chosen: '0', name: 'Fuzz' },
	'/logbook?/open': { kind: 'reading', id: randomUUID() },
	'/logbook?/remove': { kind: 'rig', id: randomUUID(), name: 'x' }
};

const PAGES = [
	'/water',
	'/call',
	'/bench',
	'/tank',
	'/sight',
	'/tray',
	'/drills',
	'/deck',
	'/deck/places',
	'/tally',
	'/proof',
	'/craft',
	'/logbook'
];

const CSV = [
	'outing,id,at,order,kind,count,seconds,hit,hook,lengthCm,massKg,text,more',
	`${randomUUID()},${randomUUID()},2026-05-09T06:00:00.000Z,1,cast,1,,,,,,,"{""schemaVersion"":2}"`
].join('\n');

/** Everything that can be asked, from an export of a full account. */
export function basesFrom(records: Readonly<Record<string, unknown>>): Base[] {
	const verbs = Object.entries(VERBS).flatMap(([verb, body]): Base[] => [
		{ method: 'POST', path: `/api/v1/${verb}`, type: 'json', body },
		{ method: 'POST', path: `/api/v1/${verb}`, type: 'json', body: [body, body] }
	]);
	const listed = LISTED_KIND_NAMES.flatMap((kind): Base[] => {
		const [first] = (records[kind] as { id: string; version: number; record: unknown }[] | undefined) ?? [];
		if (!first) return [];
		const path = `/api/v1/${kind}/${first.id}`;
		return [
			{ method: 'PUT', path, type: 'json', body: { version: first.version, record: first.record } },
			{
				method: 'PUT',
				path: `/api/v1/${kind}/${randomUUID()}`,
				type: 'json',
				body: { version: 0, record: first.record }
			},
			{ method: 'GET', path: `/api/v1/${kind}?limit=3`, type: 'none', body: null },
			{ method: 'GET', path: `${path}?raw`, type: 'none', body: null },
			{ method: 'DELETE', path: `${path}?version=1`, type: 'none', body: null },
			{ method: 'POST', path: `${path}/restore`, type: 'none', body: null }
		];
	});
	const documents = DOCUMENT_KIND_NAMES.map((kind): Base => {
		const record = records[kind] ?? { schemaVersion: 2, units: 'metric', shortcuts: true };
		return { method: 'PUT', path: `/api/v1/${kind}`, type: 'json', body: { version: 0, record } };
	});
	const few = Object.fromEntries(
		Object.entries(records).map(([key, value]) => [key, Array.isArray(value) ? value.slice(0, 2) : value])
	);
	return [
		...verbs,
		...listed,
		...documents,
		{ method: 'POST', path: '/api/v1/records?preview', type: 'json', body: few },
		{ method: 'POST', path: '/api/v1/records', type: 'json', body: few },
		{ method: 'POST', path: '/api/v1/tally.csv', type: 'csv', body: CSV },
		{
			method: 'POST',
			path: '/api/v1/session',
			type: 'json',
			body: { name: 'Nobody', passphrase: 'tern over the weir' }
		},
		...['/api/v1/changes?since=0', '/api/v1/damaged', '/api/v1/records?part=1', '/api/health', ...PAGES].map(
			(path): Base => ({ method: 'GET', path, type: 'none', body: null })
		),
		...Object.entries(FORMS).map(([path, body]): Base => ({ method: 'POST', path, type: 'form', body }))
	];
}

const TYPES = { json: 'application/json', form: 'application/x-www-form-urlencoded', csv: 'text/csv' } as const;
const OTHER_TYPES = [
	'text/plain',
	'multipart/form-data; boundary=x',
	'multipart/form-data',
	'application/json;x',
	'a/b',
	''
];
const QUERIES = [
	'?limit=-1',
	'?after=x',
	'?version=1e9',
	'?since=-1',
	'?part=99',
	'?raw&of=%00',
	'?outingId=%F0%9F%90%9F',
	'?%'
];
const SEGMENTS = ['', '%00', '..%2f', 'x'.repeat(3000), '%ff', 'AAAAAAAA-AAAA-4AAA-8AAA-AAAAAAAAAAAA', '__proto__'];

function bodyOf(random: Random, { type, body }: Base): string | null {
	if (type === 'none') return null;
	if (type === 'json') {
		const text = random() < 0.1 ? JSON.stringify(body) : mutatedJson(random, body);
		return random() < 0.15 ? damagedText(random, text) : text;
	}
	const text =
		type === 'csv' ? String(body) : new URLSearchParams(formFields(random, body as Record<string, string>)).toString();
	return random() < 0.3 ? damagedText(random, text) : text;
}

function formFields(random: Random, fields: Readonly<Record<string, string>>): [string, string][] {
	const hostile = ['', 'x'.repeat(3000), '\u0000', '-1e300', '<b>', "'", '🐟', 'NaN', '1,5'];
	const changed = Object.entries(fields).map(([key, value]): [string, string] =>
		random() < 0.3 ? [key, pick(random, hostile)] : [key, value]
	);
	const many = random() < 0.05 ? Array.from({ length: 3000 }, (_, at): [string, string] => [`f${at}`, '1']) : [];
	return [...changed, ...many];
}

function pathOf(random: Random, path: string): string {
	if (random() > 0.15) return path;
	const [plain = ''] = path.split('?');
	if (random() < 0.5) return plain + pick(random, QUERIES);
	return `${plain}/${pick(random, SEGMENTS)}`;
}

/** The next request: something asked rightly, spoiled in one or more ways; `origin` is where it claims to come from. */
export function nextRequest(random: Random, bases: readonly Base[], origin: string, cookie: string): FuzzRequest {
	const base = pick(random, bases);
	const method =
		random() < 0.06 ? pick(random, ['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD']) : base.method;
	const body = method === 'GET' || method === 'HEAD' ? null : bodyOf(random, base);
	const headers: Record<string, string> = { origin, cookie };
	if (base.type !== 'none') headers['content-type'] = TYPES[base.type];
	if (random() < 0.08) headers['content-type'] = pick(random, OTHER_TYPES);
	if (random() < 0.03) headers.origin = 'https://elsewhere.example';
	if (random() < 0.05)
		headers.cookie = pick(random, ['', 'lucernal_session=x', `lucernal_session=${'y'.repeat(4000)}`, '=;=']);
	if (random() < 0.1) headers['idempotency-key'] = pick(random, ['twice', '', KEY, randomUUID()]);
	return { method, path: pathOf(random, base.path), headers, body, chunked: random() < 0.2 };
}

/** A key that many writes share, which is refused. */
const KEY = randomUUID();
