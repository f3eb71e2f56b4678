import type { CalledRig, Reason } from '../../foundation/schema/call';

/** How many reasons are said to decide. */
const MOST = 3;

/** The calls that one has to be told apart from: the best of another family, and the next best of all. */
function rivalsOf(call: CalledRig, calls: readonly CalledRig[]): CalledRig[] {
	const others = calls.filter((other) => other !== call).sort((a, b) => b.score - a.score);
	const stranger = others.find(({ rig }) => rig.family !== call.rig.family);
	return [...new Set([stranger, others[0]])].filter((rival) => rival !== undefined);
}

/**
 * The reasons that put a call ahead of its rivals, the weightiest first: those that earn it more, in points of the score,
 * than they earn the best call of another family and the next best call. At most three.
 *
 * @param calls All calls of the answer, this one among them.
 */
export function decidingReasons(call: CalledRig, calls: readonly CalledRig[]): Reason[] {
	const rivals = rivalsOf(call, calls).map(({ reasons }) => new Map(reasons.map((one) => [one.claim, one.counts])));
	const lead = ({ claim, counts }: Reason): number =>
		rivals.reduce((sum, theirs) => sum + Math.max(0, counts - (theirs.get(claim) ?? 0)), 0);
	return call.reasons
		.filter((reason) => reason.tier !== 'outfit' && reason.points > 0 && reason.counts >= 0)
		.map((reason) => ({ reason, lead: lead(reason) }))
		.filter((one) => one.lead > 0)
		.sort((a, b) => b.lead - a.lead)
		.slice(0, MOST)
		.map(({ reason }) => reason);
}
