import { createHash } from 'node:crypto';
import { Op } from 'sequelize';
import { database } from '../db/connection';
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
	readonly account: string;
}

const bucketOf = (kind: Kind, { address, account }: Guess): string => {
	const text = kind === 'account' ? `${kind} ${address} ${account}` : `${kind} ${address}`;
	return createHash('sha256').update(text).digest('hex');
};
const KINDS = Object.keys(PATIENCE) as Kind[];

/**
 * Refuses a guess that comes too soon after wrong ones; it is not looked at.
 *
 * @throws {HttpFailure} 429 with the seconds to wait.
 */
export async function mayGuess(guess: Guess, now: Date): Promise<void> {
	const where = { bucket: KINDS.map((kind) => bucketOf(kind, guess)), until: { [Op.gt]: now } };
	const rows = await database().models.Throttle.findAll({ where });
	if (rows.length === 0) return;
	const seconds = Math.ceil(Math.max(...rows.map(({ until }) => until.getTime() - now.getTime())) / 1000);
	throw HttpFailure.later(429, 'too-many', `Too many wrong tries. The next one counts in ${seconds} s.`, seconds);
}

const pauseOf = ({ free, firstMs }: Patience, failures: number): number =>
	failures <= free ? 0 : Math.min(LONGEST_MS, firstMs * 2 ** (failures - free - 1));

/** Counts a wrong guess. */
export async function guessedWrong(guess: Guess, now: Date): Promise<void> {
	const { Throttle } = database().models;
	await Throttle.destroy({ where: { updatedAt: { [Op.lt]: new Date(now.getTime() - FORGOTTEN_MS) } } });
	for (const kind of KINDS) {
		const bucket = bucketOf(kind, guess);
		const failures = ((await Throttle.findByPk(bucket))?.failures ?? 0) + 1;
		const until = new Date(now.getTime() + pauseOf(PATIENCE[kind], failures));
		await Throttle.upsert({ bucket, failures, until });
	}
}

/** A right guess clears what was counted against this account from this address. */
export async function guessedRight(guess: Guess): Promise<void> {
	await database().models.Throttle.destroy({ where: { bucket: bucketOf('account', guess) } });
}
