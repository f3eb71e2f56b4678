import { createHash } from 'node:crypto';
import { literal, Op } from 'sequelize';
import { prefixOf } from './address';
import { database } from '../db/connection';
import { inTransaction } from '../db/transaction';
import { HttpFailure } from '../http/failures';

/** How patient the server is with wrong guesses of one kind. */
interface Patience {
	/** Wrong guesses that cost nothing. */
	readonly free: number;
	/** Pause (ms) after the next one; each further one doubles it, up to the longest. */
	readonly firstMs: number;
	readonly longestMs: number;
}

const MINUTE_MS = 60_000;
/** How long (ms) after the last wrong guess all is forgotten. */
export const FORGOTTEN_MS = 60 * MINUTE_MS;

/** What is counted. An address is its network: of IPv6 the first 64 bits, which one subscriber has to himself. */
const PATIENCE = {
	/** Guesses at one account from one network: whoever is elsewhere is not locked out by it. */
	account: { free: 5, firstMs: 5_000, longestMs: 15 * MINUTE_MS },
	/** Guesses at one account from anywhere: many networks together are slowed down, the owner by a minute at most. */
	everywhere: { free: 100, firstMs: 1_000, longestMs: MINUTE_MS },
	/** All guesses from a network: a house, a club or a phone network share one. */
	address: { free: 40, firstMs: 5_000, longestMs: 15 * MINUTE_MS },
	/** Accounts made from a network. */
	made: { free: 20, firstMs: 60_000, longestMs: 15 * MINUTE_MS }
} as const satisfies Record<string, Patience>;
/** No pause is longer (ms): a later end was written by a clock that ran ahead, and counts for nothing. */
export const LONGEST_MS = 15 * MINUTE_MS;

type Kind = keyof typeof PATIENCE;

/** Whose guess it is. Only hashes of it are stored. */
export interface Guess {
	readonly address: string;
	/** `null` for one who asks for a new name: to be given it proves nothing. */
	readonly account: string | null;
}

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex');

/** What a guess counts against; sign-ups have no account yet. */
function bucketsOf({ address, account }: Guess): Partial<Record<Kind, string>> {
	const network = prefixOf(address);
	const shared = { address: hashOf(`address ${network}`) };
	if (account === null) return { account: hashOf(`sign-up ${network}`), ...shared };
	return { account: hashOf(`account ${network} ${account}`), everywhere: hashOf(`everywhere ${account}`), ...shared };
}

const pauseOf = ({ free, firstMs, longestMs }: Patience, failures: number): number =>
	failures <= free ? 0 : Math.min(longestMs, firstMs * 2 ** (failures - free - 1));

/** Whether a row was written by a clock that ran ahead. */
const isAhead = (until: Date, now: Date): boolean => until.getTime() > now.getTime() + LONGEST_MS;

function tooSoon(untils: readonly Date[], now: Date): HttpFailure {
	const seconds = Math.ceil((Math.max(...untils.map((until) => until.getTime())) - now.getTime()) / 1000);
	return HttpFailure.later(429, 'too-many', `Too many wrong tries. Try again in ${seconds} s.`, seconds);
}

/** Counts one, alone with its row: of those that come at once each finds what the ones before it left. */
async function countOne(kind: Kind, bucket: string, now: Date): Promise<void> {
	const { Throttle } = database().models;
	await Throttle.bulkCreate([{ bucket, failures: 0, until: now }], { ignoreDuplicates: true });
	await inTransaction(async (transaction) => {
		const row = await Throttle.findByPk(bucket, { lock: true, transaction });
		const counted = row && !isAhead(row.until, now) ? row : null;
		if (counted && counted.until > now) throw tooSoon([counted.until], now);
		const failures = (counted?.failures ?? 0) + 1;
		const until = new Date(now.getTime() + pauseOf(PATIENCE[kind], failures));
		await Throttle.upsert({ bucket, failures, until }, { transaction });
	});
}

/** Refuses what comes too soon for one of the buckets. */
async function checkPauses(buckets: readonly string[], now: Date): Promise<void> {
	const until = { [Op.gt]: now, [Op.lte]: new Date(now.getTime() + LONGEST_MS) };
	const paused = await database().models.Throttle.findAll({ where: { bucket: [...buckets], until } });
	if (paused.length === 0) return;
	throw tooSoon(
		paused.map((row) => row.until),
		now
	);
}

/** Counts a guess as a wrong one before it is looked at; one that comes too soon after wrong ones is not. */
async function count(guess: Guess, now: Date): Promise<void> {
	const buckets = Object.entries(bucketsOf(guess)) as [Kind, string][];
	await checkPauses(
		buckets.map(([, bucket]) => bucket),
		now
	);
	for (const [kind, bucket] of buckets) await countOne(kind, bucket, now);
}

/** Takes a guess back that was right; what was counted against an account goes once its owner was there. */
async function forgive(guess: Guess, now: Date): Promise<void> {
	const { Throttle } = database().models;
	const { account, everywhere, address } = bucketsOf(guess);
	const known = guess.account !== null;
	if (known) await Throttle.destroy({ where: { bucket: account! } });
	const bucket = known ? [everywhere!, address!] : [account!, address!];
	const taken = { failures: literal('failures - 1'), until: now };
	await Throttle.update(taken, { where: { bucket, failures: { [Op.gt]: 0 } } });
}

/**
 * Refuses an account where too many were made from its network of late.
 *
 * @throws {HttpFailure} 429 with the seconds to wait.
 */
export const checkMade = (address: string, now: Date): Promise<void> => checkPauses([madeBucket(address)], now);

/** Counts an account that was made. */
export const countMade = (address: string, now: Date): Promise<void> => countOne('made', madeBucket(address), now);

const madeBucket = (address: string): string => hashOf(`made ${prefixOf(address)}`);

/**
 * Looks at a guess, unless it comes too soon after wrong ones. It counts from the moment it comes, so that guesses which
 * come at once gain nothing by it.
 *
 * @param look What the guess opens, or `null` where it is wrong.
 * @throws {HttpFailure} 429 with the seconds to wait.
 */
export async function guessing<T>(guess: Guess, now: Date, look: () => Promise<T | null>): Promise<T | null> {
	await count(guess, now);
	const opened = await look();
	if (opened !== null) await forgive(guess, now);
	return opened;
}
