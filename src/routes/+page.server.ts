import { error, redirect } from '@sveltejs/kit';
import { readingSchema, type ParsedReading } from '$lib/core/foundation/schema/reading';
import type { Rig } from '$lib/core/foundation/schema/rig';
import { completeReading } from '$lib/core/water/reading/complete';
import { drawnM } from '$lib/presentation/drawn';
import { waterStops } from '$lib/presentation/tint';
import { enter } from '$lib/server/auth/cookie';
import { tried } from '$lib/server/auth/forms';
import { config } from '$lib/server/db/config';
import { ANGLER } from '$lib/server/demo/scenario';
import { called } from '$lib/server/work/called';
import { databaseNow } from '$lib/server/auth/clock';
import type { Actions, PageServerLoad } from './$types';

/** A made-up water, as an example of what is read and what comes of it. */
const EXAMPLE: ParsedReading = readingSchema.parse({
	waterTemperatureC: 18.5,
	trend: 'falling',
	visibilityM: 1.05,
	stain: 'tannic',
	sky: 'broken',
	light: 'low',
	sunElevationDeg: 6,
	wind: 'chop',
	bottomM: 2.1,
	fishFromM: 0.4,
	fishToM: 1.3,
	cover: [
		{ kind: 'grass-tops', density: 'medium', form: 'even', topM: 0.8 },
		{ kind: 'stems', density: 'thick', form: 'edge', topM: 0 }
	],
	forage: [{ kind: 'perch', lengthIn: 2.5, amount: 'some' }]
});
const TINT = waterStops(completeReading(EXAMPLE), drawnM(EXAMPLE.bottomM), false);
let example: Promise<Rig | null> | null = null;

/** What is called on the example: worked out once, since nothing about it changes. */
function exampleRig(): Promise<Rig | null> {
	example ??= called({ reading: EXAMPLE, top: 1 }, { asker: 'welcome' }).then(
		({ calls }) => calls[0]?.rig ?? null,
		() => (example = null)
	);
	return example;
}

export const load: PageServerLoad = async ({ locals }) => {
	if (locals.session) redirect(303, '/water');
	const rig = await exampleRig();
	return { recordsDown: locals.recordsDown, demo: config().demo, example: { reading: EXAMPLE, rig, tint: TINT } };
};

export const actions: Actions = {
	/** Opens the demo's angler, where the demo runs. */
	open: (event) => {
		if (!config().demo) error(404);
		return tried(event, 'open', async () => {
			await enter(event, ANGLER.id, await databaseNow());
			redirect(303, '/water');
		});
	}
};
