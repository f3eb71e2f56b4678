import { expose } from 'comlink';
import { bestWith, judge, schoolsFor, type DrillQuestion } from '$lib/core/trips/drills/judge';
import type { Choices } from '$lib/core/trips/drills/options';
import { waterFor } from '$lib/core/trips/drills/recall';

/** What drills ask of the ranking, beside the screen. */
const api = {
	/** The call's own rig; `null` where nothing runs. */
	best: (question: DrillQuestion) => bestWith(question, {})?.rig ?? null,
	judge: (question: DrillQuestion, choices: Required<Choices>) => judge(question, choices),
	schools: (question: DrillQuestion, choices: Required<Choices>) => schoolsFor(question, choices),
	waterFor
};
export type DrillsApi = typeof api;
expose(api);
