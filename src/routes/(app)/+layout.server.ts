import { redirect } from '@sveltejs/kit';
import { SCHEMA_VERSION, type DeskRecord, type SettingsRecord } from '$lib/core/schema/records';
import { isUnreachable } from '$lib/server/db/connection';
import { listWaters, type WaterView } from '$lib/server/records/places';
import { getPreference } from '$lib/server/records/preferences';
import { themeOf } from '$lib/server/theme';
import type { LayoutServerLoad } from './$types';

const DEFAULTS: SettingsRecord = { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true };

interface Records {
	readonly desk: DeskRecord | null;
	readonly settings: SettingsRecord;
	readonly waters: readonly WaterView[];
	readonly recordsDown: boolean;
}

async function recordsOf(anglerId: string): Promise<Records> {
	try {
		const [desk, settings, waters] = await Promise.all([
			getPreference(anglerId, 'desk'),
			getPreference(anglerId, 'settings'),
			listWaters(anglerId)
		]);
		return { desk, settings: settings ?? DEFAULTS, waters, recordsDown: false };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return { desk: null, settings: DEFAULTS, waters: [], recordsDown: true };
	}
}

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends('lucernal:records');
	if (!locals.session) redirect(303, '/');
	const records = await recordsOf(locals.session.anglerId);
	return { ...records, angler: locals.session.name, theme: themeOf(cookies), now: new Date().toISOString() };
};
