import { createHash, randomInt, randomUUID } from 'node:crypto';
import { UniqueConstraintError, type Transaction } from 'sequelize';
import { database } from '../db/connection';
import { inTransaction } from '../db/transaction';
import { HttpFailure } from '../http/failures';
import { deleteAccount } from './deletion';
import { hashPassphrase, isOutdated, isPassphrase, refusalOf } from './passphrase';
import { endSessions } from './session';
import { checkMade, countMade, guessing } from './throttle';

/** Codes that an account gets, and the letters of each: 78 bits of chance cannot be guessed. */
const CODES = 8;
const CODE_LETTERS = 16;
/** An account goes only within this time (ms) after everything in it was taken out as a file. */
const EXPORT_MS = 60 * 60_000;
const NAME_MAX = 80;
/** How long (ms) a request deletes; what is left of a large account goes on by itself. */
const DELETING_MS = 1500;

/** Who tries, and from where. */
export interface Credentials {
	readonly name: string;
	readonly passphrase: string;
	readonly address: string;
}

/** The form of a name that is compared: large and small letters, and spaces around it, make no other name. */
const signNameOf = (name: string): string => name.normalize('NFKC').trim().replace(/\s+/g, ' ').toLowerCase();

/** Codes without letters that look like figures, in groups of four: `K7QF-2MZD-…`. */
const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
const newCode = (): string =>
	Array.from({ length: CODE_LETTERS }, () => LETTERS[randomInt(LETTERS.length)]!)
		.join('')
		.replace(/(.{4})(?=.)/g, '$1-');
const codeHash = (code: string): string =>
	createHash('sha256')
		.update(code.toUpperCase().replace(/[^A-Z0-9]/g, ''))
		.digest('hex');

async function writeCodes(anglerId: string, transaction: Transaction): Promise<string[]> {
	const { RecoveryCode } = database().models;
	const codes = Array.from({ length: CODES }, newCode);
	await RecoveryCode.destroy({ where: { anglerId }, transaction });
	const rows = codes.map((code) => ({ anglerId, codeHash: codeHash(code) }));
	await RecoveryCode.bulkCreate(rows, { transaction });
	return codes;
}

function checkPassphrase(passphrase: string, name: string, field: string): void {
	const why = refusalOf(passphrase, name);
	if (why) throw new HttpFailure(422, 'invalid', why, field);
}

/**
 * Makes an account.
 *
 * @returns The angler, and codes that are shown this once.
 * @throws {HttpFailure} 422 at the field that cannot be taken; 429 after too many tries.
 */
export async function signUp({ name, passphrase, address }: Credentials, now: Date) {
	const shown = name.normalize('NFKC').trim().replace(/\s+/g, ' ');
	if (shown === '') throw new HttpFailure(422, 'invalid', 'Enter a name.', 'name');
	if ([...shown].length > NAME_MAX) throw new HttpFailure(422, 'invalid', `At most ${NAME_MAX} characters.`, 'name');
	checkPassphrase(passphrase, shown, 'passphrase');
	await checkMade(address, now);
	// Somebody who asks for one taken name after the other learns which there are: that is slowed down.
	const hashed = await hashPassphrase(passphrase);
	const made = await guessing({ address, account: null }, now, async () => {
		const id = randomUUID();
		const codes = await inTransaction(async (transaction) => {
			const row = { id, name: shown, signName: signNameOf(shown), passphrase: hashed };
			await database().models.Angler.create(row, { transaction });
			return writeCodes(id, transaction);
		}).catch((error: unknown) => {
			if (error instanceof UniqueConstraintError) return null;
			throw error;
		});
		return codes && { anglerId: id, codes };
	});
	if (!made) throw new HttpFailure(422, 'invalid', 'That name is taken. Choose another one.', 'name');
	await countMade(address, now).catch(() => undefined);
	return made;
}

const wrong = (): HttpFailure => new HttpFailure(401, 'unauthorized', 'That name and passphrase don’t match.');

/**
 * The angler whose name and passphrase these are.
 *
 * @throws {HttpFailure} 401 that does not say which of both is wrong; 429 after too many tries.
 */
export async function signIn({ name, passphrase, address }: Credentials, now: Date): Promise<string> {
	const signName = signNameOf(name);
	const angler = await guessing({ address, account: signName }, now, async () => {
		const named = await database().models.Angler.findOne({ where: { signName } });
		return (await isPassphrase(named?.passphrase ?? null, passphrase)) ? named : null;
	});
	if (!angler) throw wrong();
	if (isOutdated(angler.passphrase!)) await angler.update({ passphrase: await hashPassphrase(passphrase) });
	return angler.id;
}

async function knownAngler(anglerId: string, passphrase: string, address: string, now: Date, field: string) {
	const angler = await guessing({ address, account: anglerId }, now, async () => {
		const known = await database().models.Angler.findByPk(anglerId);
		return known && (await isPassphrase(known.passphrase, passphrase)) ? known : null;
	});
	if (!angler) throw new HttpFailure(422, 'invalid', 'That is not your passphrase.', field);
	return angler;
}

/**
 * Gives an account another passphrase. Every session but the one that asks ends with it.
 *
 * @throws {HttpFailure} 422 at the field that is wrong; 429 after too many tries.
 */
export async function changePassphrase(
	anglerId: string,
	{ old, fresh, address, keep }: { old: string; fresh: string; address: string; keep: string },
	now: Date
): Promise<void> {
	const angler = await knownAngler(anglerId, old, address, now, 'old');
	checkPassphrase(fresh, angler.name, 'fresh');
	await angler.update({ passphrase: await hashPassphrase(fresh) });
	await endSessions(anglerId, keep);
}

/** New codes in place of the old ones; they are shown this once. */
export const renewCodes = (anglerId: string): Promise<string[]> =>
	inTransaction((transaction) => writeCodes(anglerId, transaction));

/**
 * Opens an account with one of its codes, which is spent, and gives it a new passphrase. All its sessions end.
 *
 * @throws {HttpFailure} 401 when name and code do not go together, 422 for the new passphrase; 429 after too many tries.
 */
export async function recover(
	{ name, code, passphrase, address }: Credentials & { readonly code: string },
	now: Date
): Promise<string> {
	checkPassphrase(passphrase, name, 'passphrase');
	const { Angler, RecoveryCode } = database().models;
	const signName = signNameOf(name);
	const angler = await guessing({ address, account: signName }, now, async () => {
		const named = await Angler.findOne({ where: { signName } });
		const spent = await RecoveryCode.destroy({ where: { anglerId: named?.id ?? '', codeHash: codeHash(code) } });
		return spent > 0 ? named : null;
	});
	if (!angler) {
		throw new HttpFailure(401, 'unauthorized', 'That name and code don’t match, or the code was already used.');
	}
	await angler.update({ passphrase: await hashPassphrase(passphrase) });
	await endSessions(angler.id, null);
	return angler.id;
}

/** Notes that an angler took everything out as a file. */
export async function noteExport(anglerId: string, now: Date): Promise<void> {
	await database().models.Angler.update({ exportedAt: now }, { where: { id: anglerId } });
}

/**
 * Deletes an account with everything in it, for good. It cannot be opened any more from the first moment on; of a large
 * one the rows go piece by piece, also after a restart.
 *
 * @throws {HttpFailure} 409 unless everything was taken out as a file within the hour; 422 for the wrong passphrase.
 */
export async function removeAccount(anglerId: string, passphrase: string, address: string, now: Date): Promise<void> {
	const angler = await knownAngler(anglerId, passphrase, address, now, 'passphrase');
	const sinceMs = now.getTime() - (angler.exportedAt?.getTime() ?? 0);
	if (sinceMs > EXPORT_MS) {
		throw new HttpFailure(409, 'export-first', 'Export everything first; then you can delete it.');
	}
	await angler.update({ deletingAt: now, signName: null, passphrase: null });
	await endSessions(anglerId, null);
	await deleteAccount(anglerId, DELETING_MS);
}
