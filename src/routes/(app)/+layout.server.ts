import { redirect } from '@sveltejs/kit';
import type { AppStart } from '$lib/core/records/appStart';
import { config } from '$lib/server/db/config';
import { isUnreachable } from '$lib/server/db/connection';
import { ANGLER } from '$lib/server/demo/scenario';
import { damagedRecords, EVERYWHERE } from '$lib/server/records/damaged';
import { listWaters } from '$lib/server/records/places';
import { storeOf } from '$lib/server/records/store';
import { latestSequence } from '$lib/server/records/writes';
import { themeOf } from '$lib/server/http/theme';
import type { LayoutServerLoad } from './$types';

const NOTHING: Pick<AppStart, 'documents' | 'waters' | 'damaged' | 'sequence'> = {
	documents: { desk: null, bench: null, stand: null, settings: null, day: null },
	waters: [],
	damaged: [],
	sequence: 0
};

async function recordsOf(anglerId: string, isDown: boolean): Promise<Omit<AppStart, 'anglerId' | 'now'>> {
	if (isDown) return { ...NOTHING, recordsDown: true };
	try {
		// The number first: what is written while the rest is read is heard of again.
		const sequence = await latestSequence(anglerId);
		const [desk, bench, stand, settings, day, waters, damaged] = await Promise.all([
			storeOf('desk').find(anglerId),
			storeOf('bench').find(anglerId),
			storeOf('stand').find(anglerId),
			storeOf('settings').find(anglerId),
			storeOf('day').find(anglerId),
			listWaters(anglerId),
			damagedRecords(anglerId, EVERYWHERE)
		]);
		return { documents: { desk, bench, stand, settings, day }, waters, damaged, sequence, recordsDown: false };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return { ...NOTHING, recordsDown: true };
	}
}

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends('lucernal:records');
	if (!locals.session) redirect(303, '/');
	const { anglerId, name } = locals.session;
	const start: AppStart = {
		anglerId,
		...(await recordsOf(anglerId, locals.recordsDown)),
		now: new Date().toISOString()
	};
	const demo = config().demo && anglerId === ANGLER.id;
	return { start, angler: name, demo, theme: themeOf(cookies) };
};
