import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { Op } from 'sequelize';
import { database, inTime, isUnreachable } from '../db/connection';
import { log } from '../http/log';

const DAY_MS = 24 * 60 * 60 * 1000;
const TOKEN_BYTES = 32;
/** A session ends after this long (ms) in any case, and after this long without use. */
export const SESSION_MS = 90 * DAY_MS;
export const IDLE_MS = 30 * DAY_MS;
/** Its last use is written down no more often than this (ms). */
const SEEN_MS = 5 * 60 * 1000;
/** Checked sessions are trusted for this long (ms) when the records cannot be reached. */
const GRACE_MS = 15 * 60 * 1000;
const REMEMBERED_MAX = 500;

/** Who is asking. */
export interface AnglerSession {
	readonly id: string;
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

/**
 * Opens a session for an angler and returns the token for the cookie.
 *
 * @param device What it is opened on, in words.
 */
export async function openSession(anglerId: string, now: Date, device = ''): Promise<string> {
	const token = randomBytes(TOKEN_BYTES).toString('base64url');
	const { Session } = database().models;
	const expiresAt = new Date(now.getTime() + SESSION_MS);
	const row = { id: randomUUID(), anglerId, tokenHash: hashOf(token), expiresAt, seenAt: now };
	await Session.create({ ...row, device });
	return token;
}

/** Ends a session; its token is worth nothing afterwards. */
export async function closeSession(token: string): Promise<void> {
	remembered.delete(hashOf(token));
	await database().models.Session.destroy({ where: { tokenHash: hashOf(token) } });
}

/** A session as its angler sees it. */
export interface OpenSession {
	readonly id: string;
	readonly device: string;
	readonly openedAt: string;
	readonly seenAt: string;
}

/** An angler's sessions that are open, the last used first. */
export async function sessionsOf(anglerId: string, now: Date): Promise<OpenSession[]> {
	const seenAt = { [Op.gt]: new Date(now.getTime() - IDLE_MS) };
	const where = { anglerId, seenAt, expiresAt: { [Op.gt]: now } };
	const rows = await database().models.Session.findAll({ where, order: [['seenAt', 'DESC']] });
	return rows.map(({ id, device, createdAt, seenAt }) => {
		return { id, device, openedAt: createdAt.toISOString(), seenAt: seenAt.toISOString() };
	});
}

/** Ends one of an angler's sessions, wherever it is open. */
export async function endSession(anglerId: string, id: string): Promise<void> {
	for (const [hash, { session }] of remembered) if (session.id === id) remembered.delete(hash);
	await database().models.Session.destroy({ where: { anglerId, id } });
}

/** Ends an angler's sessions, but for one. */
export async function endSessions(anglerId: string, keep: string | null): Promise<void> {
	for (const [hash, { session }] of remembered) {
		if (session.anglerId === anglerId && session.id !== keep) remembered.delete(hash);
	}
	await database().models.Session.destroy({ where: { anglerId, id: { [Op.ne]: keep ?? '' } } });
}

async function find(hash: string, now: Date): Promise<AnglerSession | null> {
	const { Session, Angler } = database().models;
	const seenAt = { [Op.gt]: new Date(now.getTime() - IDLE_MS) };
	const row = await Session.findOne({ where: { tokenHash: hash, expiresAt: { [Op.gt]: now }, seenAt } });
	const angler = row && (await Angler.findByPk(row.anglerId));
	if (!angler || angler.deletingAt) return null;
	// A database that takes no writes for a while still knows who is signed in.
	if (now.getTime() - row.seenAt.getTime() > SEEN_MS) await row.update({ seenAt: now }).catch(noteUnseen);
	return { id: row.id, anglerId: angler.id, name: angler.name };
}

function noteUnseen(error: unknown): void {
	log.warn({ err: error }, 'the last use of a session was not written down');
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
		const session = await inTime(find(hash, now));
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
