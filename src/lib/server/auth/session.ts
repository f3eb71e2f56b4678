import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { Op } from 'sequelize';
import { database, isUnreachable } from '../db/connection';

export const SESSION_COOKIE = 'lucernal_session';
const TOKEN_BYTES = 32;
/** A session lasts this long (ms), 30 days. */
export const SESSION_MS = 30 * 24 * 60 * 60 * 1000;
/** Checked sessions are trusted for this long (ms) when the records cannot be reached. */
const GRACE_MS = 15 * 60 * 1000;
const REMEMBERED_MAX = 500;

/** Who is asking. */
export interface AnglerSession {
	readonly anglerId: string;
	readonly name: string;
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

interface Remembered {
	readonly session: AnglerSession;
	readonly until: number;
}
const remembered = new Map<string, Remembered>();

function remember(hash: string, session: AnglerSession, now: number): void {
	remembered.delete(hash);
	remembered.set(hash, { session, until: now + GRACE_MS });
	if (remembered.size > REMEMBERED_MAX) remembered.delete(remembered.keys().next().value!);
}

/** Opens a session for an angler and returns the token for the cookie. */
export async function openSession(anglerId: string, now: Date): Promise<string> {
	const token = randomBytes(TOKEN_BYTES).toString('base64url');
	const { Session } = database().models;
	await Session.destroy({ where: { expiresAt: { [Op.lt]: now } } });
	const expiresAt = new Date(now.getTime() + SESSION_MS);
	await Session.create({ id: randomUUID(), anglerId, tokenHash: hashOf(token), expiresAt });
	return token;
}

/** Ends a session; its token is worth nothing afterwards. */
export async function closeSession(token: string): Promise<void> {
	remembered.delete(hashOf(token));
	await database().models.Session.destroy({ where: { tokenHash: hashOf(token) } });
}

async function find(hash: string, now: Date): Promise<AnglerSession | null> {
	const { Session, Angler } = database().models;
	const row = await Session.findOne({ where: { tokenHash: hash, expiresAt: { [Op.gt]: now } } });
	const angler = row && (await Angler.findByPk(row.anglerId));
	return angler ? { anglerId: angler.id, name: angler.name } : null;
}

/** What a token says: whose it is, and whether the records could be asked. */
export interface SessionCheck {
	readonly session: AnglerSession | null;
	readonly recordsDown: boolean;
}

/**
 * Whose a token is. While the records cannot be reached, a token that was good a short while ago is still good, so
 * that nobody is thrown out of work that needs no records.
 */
export async function checkSession(token: string, now: Date): Promise<SessionCheck> {
	const hash = hashOf(token);
	try {
		const session = await find(hash, now);
		if (session) remember(hash, session, now.getTime());
		else remembered.delete(hash);
		return { session, recordsDown: false };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		const known = remembered.get(hash);
		const good = known && known.until > now.getTime();
		return { session: good ? known.session : null, recordsDown: true };
	}
}
