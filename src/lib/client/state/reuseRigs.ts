import type { CallAnswer } from '$lib/core/foundation/schema/call';

/** A new answer in which every rig that stood in the one before is that very object. */
export function reuseRigs(answer: CallAnswer, before: CallAnswer | null): CallAnswer {
	const known = new Map(before?.calls.map(({ rig }) => [JSON.stringify(rig), rig]));
	const calls = answer.calls.map((call) => ({ ...call, rig: known.get(JSON.stringify(call.rig)) ?? call.rig }));
	return { ...answer, calls };
}
