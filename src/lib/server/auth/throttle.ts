import { createHash } from 'node:crypto';
import { literal, Op } from 'sequelize';
import { database } from '../db/connection';
import { inTransaction } from '../db/transaction';
import { HttpFailure } from '../http/failures';

/** How patient the server is with wrong guesses of one kind. */
interface Patience {
	/** Wrong guesses that cost nothing. */
	readonly free: number;
	/** Pause (ms) after the next one; each further one doubles it. */
	readonly firstMs: number;
}

/** Longest pause, and how long (ms) after the last wrong guess all is forgotten. */
const LONGEST_MS = 15 * 60_000;
const FORGOTTEN_MS = 60 * 60_000;

/** What is counted: guesses at one account from one address, and all guesses from an address. */
const PATIENCE = {
	/** Whoever is elsewhere is not locked out by it. */
	account: { free: 5, firstMs: 5_000 },
	/** A house, a club or a phone network share an address. */
	address: { free: 40, firstMs: 5_000 }
} as const satisfies Record<string, Patience>;

type Kind = keyof typeof PATIENCE;

/** Whose guess it is. Only hashes of it are stored. */
export interface Guess {
	readonly address: string;
	/** `null` for one who asks for a new name: to be given it proves nothing. */
	readonly account: string | null;
}

const bucketOf = (kind: Kind, { address, account }: Guess): string => {
	const whose = account === null ? `sign-up ${address}` : `account ${address} ${account}`;
	const text = kind === 'account' ? whose : `address ${address}`;
	return createHash('sha256').update(text).digest('hex');
};
const KINDS = Object.keys(PATIENCE) as Kind[];

const pauseOf = ({ free, firstMs }: Patience, failures: number): number =>
	failures <= free ? 0 : Math.min(LONGEST_MS, firstMs * 2 ** (failures - free - 1));

function tooSoon(untils: readonly Date[], now: Date): HttpFailure {
	const seconds = Math.ceil((Math.max(...untils.map((until) => until.getTime())) - now.getTime()) / 1000);
	return HttpFailure.later(429, 'too-many', `Too many wrong tries. The next one counts in ${seconds} s.`, seconds);
}

/** Counts a guess, alone with its row: of guesses that come at once each finds what those before it left. */
async function countOne(kind: Kind, bucket: string, now: Date): Promise<void> {
	const { Throttle } = database().models;
	await Throttle.bulkCreate([{ bucket, failures: 0, until: now }], { ignoreDuplicates: true });
	await inTransaction(async (transaction) => {
		const row = await Throttle.findByPk(bucket, { lock: true, transaction });
		if (row && row.until > now) throw tooSoon([row.until], now);
		const failures = (row?.failures ?? 0) + 1;
		const until = new Date(now.getTime() + pauseOf(PATIENCE[kind], failures));
		await Throttle.upsert({ bucket, failures, until }, { transaction });
	});
}

/** Counts a guess as a wrong one before it is looked at; one that comes too soon after wrong ones is not. */
async function count(guess: Guess, now: Date): Promise<void> {
	const { Throttle } = database().models;
	const buckets = KINDS.map((kind) => bucketOf(kind, guess));
	const paused = await Throttle.findAll({ where: { bucket: buckets, until: { [Op.gt]: now } } });
	if (paused.length > 0)
		throw tooSoon(
			paused.map(({ until }) => until),
			now
		);
	await Throttle.destroy({ where: { updatedAt: { [Op.lt]: new Date(now.getTime() - FORGOTTEN_MS) } } });
	for (const [at, kind] of KINDS.entries()) await countOne(kind, buckets[at]!, now);
}

/** Takes a guess back that was right; what was counted against an account goes once its owner was there. */
async function forgive(guess: Guess, now: Date): Promise<void> {
	const { Throttle } = database().models;
	const [own, address] = [bucketOf('account', guess), bucketOf('address', guess)];
	if (guess.account !== null) await Throttle.destroy({ where: { bucket: own } });
	const bucket = guess.account === null ? [own, address] : address;
	const taken = { failures: literal('failures - 1'), until: now };
	await Throttle.update(taken, { where: { bucket, failures: { [Op.gt]: 0 } } });
}

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
