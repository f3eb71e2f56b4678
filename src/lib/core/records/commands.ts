import { houseClaims } from '../ranking/answer/houseRules';
import type { CallAnswer, CallInput } from '../foundation/schema/call';
import { settingsRecordSchema, type DeskRecord, type SavedCallRecord, type SettingsRecord } from './schemas';
import { SCHEMA_VERSION } from './version';

// What an angler does, as one pure step each from what was on the screen to the record that is saved. The client and the
// server's forms both take it, so that a page without scripts saves the same as one with them.

/** What was on the screen when a call was saved. */
export interface CallOnScreen {
	/** Whose reading it is, where and when; `null` of a reading that was only looked at. */
	readonly desk: Pick<DeskRecord, 'readingId' | 'spotId' | 'takenAt'>;
	readonly question: CallInput;
	/** Which of the calls is marked, from 0. */
	readonly chosen: number;
	readonly name: string;
	/** When it was saved, ISO 8601. */
	readonly keptAt: string;
}

/** A call as it is saved: the reading, and the answer to that very reading. */
export function savedCall({ desk, question, chosen, name, keptAt }: CallOnScreen, answer: CallAnswer): SavedCallRecord {
	return {
		schemaVersion: SCHEMA_VERSION,
		name: name.trim() || 'Unnamed call',
		readingId: desk.readingId,
		spotId: desk.spotId,
		takenAt: desk.takenAt,
		keptAt,
		claimBase: answer.claimBase,
		reading: question.reading,
		stances: question.stances ?? {},
		houseRules: [...houseClaims(question.houseRules ?? []).rules],
		locks: question.locks ?? {},
		record: question.record,
		sight: question.sight,
		...(question.tray ? { fromTray: true } : {}),
		chosen: Math.min(chosen, Math.max(0, answer.calls.length - 1)),
		answer
	};
}

/** Settings with some of them changed; what a form does not show stays as it is. `null` where a value is none. */
export function savedSettings(
	before: SettingsRecord | null,
	changed: Readonly<Record<string, unknown>>
): SettingsRecord | null {
	const settings = settingsRecordSchema.safeParse({ ...before, ...changed, schemaVersion: SCHEMA_VERSION });
	return settings.success ? settings.data : null;
}
