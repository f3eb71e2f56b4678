import { redirect } from '@sveltejs/kit';
import { SCHEMA_VERSION, type DeskRecord, type SettingsRecord, type StandRecord } from '$lib/core/schema/records';
import { isUnreachable } from '$lib/server/db/connection';
import { listWaters, type WaterView } from '$lib/server/records/places';
import { getPreference } from '$lib/server/records/preferences';
import { themeOf } from '$lib/server/theme';
import type { LayoutServerLoad } from './$types';

const DEFAULTS: SettingsRecord = { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true };
const NO_STAND: StandRecord = { schemaVersion: SCHEMA_VERSION, stances: {}, houseRules: [] };

interface Records {
	readonly desk: DeskRecord | null;
	readonly settings: SettingsRecord;
	readonly stand: StandRecord;
	readonly waters: readonly WaterView[];
	readonly recordsDown: boolean;
}

async function recordsOf(anglerId: string): Promise<Records> {
	try {
		const [desk, settings, stand, waters] = await Promise.all([
			getPreference(anglerId, 'desk'),
			getPreference(anglerId, 'settings'),
			getPreference(anglerId, 'stand'),
			listWaters(anglerId)
		]);
		return { desk, settings: settings ?? DEFAULTS, stand: stand ?? NO_STAND, waters, recordsDown: false };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return { desk: null, settings: DEFAULTS, stand: NO_STAND, waters: [], recordsDown: true };
	}
}

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends('lucernal:records');
	if (!locals.session) redirect(303, '/');
	const records = await recordsOf(locals.session.anglerId);
	return { ...records, angler: locals.session.name, theme: themeOf(cookies), now: new Date().toISOString() };
};
