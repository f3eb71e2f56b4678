import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { z } from 'zod';
import { benchRecordSchema } from '../../core/schema/rigRecords';
import { deskRecordSchema, settingsRecordSchema, standRecordSchema } from '../../core/schema/records';
import { database } from '../db/connection';

/** What an angler may keep under a topic. */
export const TOPICS = {
	desk: deskRecordSchema,
	settings: settingsRecordSchema,
	stand: standRecordSchema,
	bench: benchRecordSchema
} as const;
export type Topic = keyof typeof TOPICS;

/** The document under a topic, or `null` when there is none or an older shape. */
export async function getPreference<T extends Topic>(
	anglerId: string,
	topic: T
): Promise<z.output<(typeof TOPICS)[T]> | null> {
	const row = await database().models.Preference.findOne({ where: { anglerId, topic } });
	const parsed = row && TOPICS[topic].safeParse(row.document);
	return parsed?.success ? (parsed.data as z.output<(typeof TOPICS)[T]>) : null;
}

/** Replaces the document under a topic. A preference is the angler's latest word, so the last write stands. */
export async function setPreference<T extends Topic>(
	anglerId: string,
	topic: T,
	document: z.output<(typeof TOPICS)[T]>,
	transaction: Transaction | null = null
): Promise<void> {
	const { Preference } = database().models;
	const [changed] = await Preference.update(
		{ document, version: database().sequelize.literal('version + 1') as unknown as number },
		{ where: { anglerId, topic }, transaction }
	);
	if (changed > 0) return;
	await Preference.upsert({ id: randomUUID(), anglerId, topic, version: 1, document }, { transaction });
}
