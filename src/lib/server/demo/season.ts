import { HITS, HOOK_PLACES, HOOKSETS } from '../../core/foundation/schema/words';
import { startBuild } from '../../core/rig/build/start';
import { pick, type Random } from '../../core/foundation/basics/random';
import { SCHEMA_VERSION } from '../../core/records/version';
import type { EntryRecord, OutingRecord } from '../../core/records/tallySchemas';
import type { ParsedReading } from '../../core/foundation/schema/reading';
import type { Rig } from '../../core/foundation/schema/rig';
import { entrySchema, type EntryInput } from '../../core/foundation/schema/tally';

/** A day of the made-up season: where, when and on which water. */
export interface Day {
	readonly name: string;
	readonly spotId: string | null;
	readonly takenAt: Date;
	readonly reading: ParsedReading;
}

/** An outing of the season with all that happened on it. */
export interface SeededOuting {
	readonly id: string;
	readonly record: OutingRecord;
	readonly happenings: readonly { readonly id: string; readonly record: EntryRecord }[];
}

/** Strikes a cast of a middling day, how much days differ (log), stretches of a day and casts of a stretch. */
const RATE = 0.045;
const DAY_SPREAD = 0.45;
const STRETCHES = 7;
const CASTS = [16, 40] as const;
/** A cast takes so long, s. */
const CAST_S = 42;

/** By how much each thing really changes the strikes in this made-up world; whoever reads the record has to find out. */
export const TRUE_EFFECTS = {
	goldUnderCloud: 1.7,
	coloradoInDirt: 1.8,
	slowInTheCold: 1.9,
	/** The skirt does nothing at all. */
	skirt: 1
} as const;

const rear = (rig: Rig) => rig.blades.find(({ position }) => position === 'rear')!;
const isCloudy = ({ sky }: ParsedReading): boolean => sky === 'overcast' || sky === 'dark';

/** Strikes a cast of a rig on a water, on a day that is so good. */
export function trueRate(rig: Rig, reading: ParsedReading, day: number): number {
	const { goldUnderCloud, coloradoInDirt, slowInTheCold } = TRUE_EFFECTS;
	const gold = isCloudy(reading) && rear(rig).finish === 'gold' ? goldUnderCloud : 1;
	const thump = reading.visibilityM < 0.8 && rear(rig).style === 'colorado' ? coloradoInDirt : 1;
	const slow = reading.waterTemperatureC < 12 && rig.retrieve.speedMps <= 0.6 ? slowInTheCold : 1;
	return Math.min(0.5, RATE * day * gold * thump * slow);
}

const normal = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const restyled = (rig: Rig, style: 'colorado' | 'willow'): Rig => ({
	...rig,
	blades: rig.blades.map((blade) =>
		blade.position === 'rear' ? { ...blade, style, size: style === 'colorado' ? 4 : 4.5 } : blade
	)
});
const refinished = (rig: Rig, finish: 'nickel' | 'gold'): Rig => ({
	...rig,
	blades: rig.blades.map((blade) => (blade.position === 'rear' ? { ...blade, finish } : blade))
});

/** One thing changed, as an angler does who looks for what they want. */
function changed(random: Random, rig: Rig): Rig {
	const changes: readonly (() => Rig)[] = [
		() => refinished(rig, rear(rig).finish === 'gold' ? 'nickel' : 'gold'),
		() => restyled(rig, rear(rig).style === 'colorado' ? 'willow' : 'colorado'),
		() => ({ ...rig, retrieve: { ...rig.retrieve, speedMps: rig.retrieve.speedMps > 0.6 ? 0.5 : 1 } }),
		() => ({
			...rig,
			skirt: { ...rig.skirt, colour: rig.skirt.colour === 'white-chartreuse' ? 'green-pumpkin' : 'white-chartreuse' }
		})
	];
	return pick(random, changes)();
}

/** How much fish feed at a water's temperature (°C): hardly in January, best from late spring to fall. */
const FEEDS: readonly (readonly [number, number])[] = [
	[7, 0.3],
	[12, 0.6],
	[28, 1],
	[Infinity, 0.7]
];
const feeding = ({ waterTemperatureC }: ParsedReading): number =>
	FEEDS.find(([below]) => waterTemperatureC < below)![1];

/** What else is tied on at the end of a day: on warm water a buzzbait too. */
function otherFamily(random: Random, { waterTemperatureC }: ParsedReading): Rig {
	const cold = ['bladed-jig', 'underspin'] as const;
	const families = waterTemperatureC >= 16 ? ([...cold, 'buzzbait'] as const) : cold;
	return startBuild(pick(random, families)).rig;
}

/** What came of one cast. */
function answerOf(random: Random, rate: number, weedy: boolean): EntryInput | null {
	if (random() < rate) {
		const [hit, hook, set] = [pick(random, HITS), pick(random, HOOK_PLACES), pick(random, HOOKSETS)];
		const chance = random();
		if (chance < 0.2) return { kind: 'short', hit };
		if (chance < 0.4) return { kind: 'bite', hit };
		if (chance < 0.55) return { kind: 'lost', hit, hook, set };
		return { kind: 'landed', hit, hook, set, lengthCm: Math.round(28 + 9 * random() ** 2 * 3), massKg: null };
	}
	if (random() < 0.012) return { kind: 'follow' };
	return weedy && random() < 0.02 ? { kind: 'fouled', seconds: 30 } : null;
}

/** The happenings of a day, and their hours. */
class Diary {
	readonly happenings: { id: string; record: EntryRecord }[] = [];
	#order = 0;
	#castsUntold = 0;
	#ms: number;
	readonly #outingId: string;
	readonly #newId: () => string;

	constructor(outingId: string, startMs: number, newId: () => string) {
		this.#outingId = outingId;
		this.#ms = startMs;
		this.#newId = newId;
	}

	#write(what: EntryInput): void {
		this.#order++;
		const at = new Date(this.#ms).toISOString();
		const record = { schemaVersion: SCHEMA_VERSION, outingId: this.#outingId, at, order: this.#order } as const;
		this.happenings.push({ id: this.#newId(), record: { ...record, what: entrySchema.parse(what) } });
	}

	cast(): void {
		this.#castsUntold++;
		this.#ms += CAST_S * 1000;
	}

	tell(what: EntryInput): void {
		if (this.#castsUntold > 0) this.#write({ kind: 'cast', count: this.#castsUntold });
		this.#castsUntold = 0;
		this.#write(what);
	}
}

function fished(random: Random, { name, spotId, takenAt, reading }: Day, newId: () => string): SeededOuting {
	const id = newId();
	const { rig: first } = startBuild('spinnerbait');
	const day = feeding(reading) * Math.exp(DAY_SPREAD * normal(random));
	const weedy = (reading.cover ?? []).some(({ kind }) => ['leafy-weed', 'stems', 'pads', 'grass-tops'].includes(kind));
	const diary = new Diary(id, takenAt.getTime(), newId);
	let rig = first;
	for (let stretch = 0; stretch < STRETCHES; stretch++) {
		if (stretch > 0) {
			rig = stretch === STRETCHES - 1 ? otherFamily(random, reading) : changed(random, rig);
			diary.tell({ kind: 'rig', rig });
		}
		const rate = trueRate(rig, reading, day);
		const casts = CASTS[0] + Math.floor(random() * (CASTS[1] - CASTS[0]));
		for (let at = 0; at < casts; at++) {
			diary.cast();
			const answer = answerOf(random, rate, weedy);
			if (answer) diary.tell(answer);
		}
	}
	diary.tell({ kind: 'end' });
	const record: OutingRecord = {
		schemaVersion: SCHEMA_VERSION,
		name,
		startedAt: takenAt.toISOString(),
		spotId,
		reading,
		rig: first,
		deck: [],
		trial: null
	};
	return { id, record, happenings: diary.happenings };
}

/** A made-up season whose true effects are known: an outing on each day. */
export const seasonOf = (random: Random, days: readonly Day[], newId: () => string): SeededOuting[] =>
	days.map((day) => fished(random, day, newId));
