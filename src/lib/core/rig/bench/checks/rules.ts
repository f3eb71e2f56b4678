import { hooksAndPoints } from '../../../foundation/catalogue/hooks';
import type { Cover } from '../../../foundation/schema/reading';
import { check, type Check } from './check';
import type { Subject } from './subject';

/** What the authority allows; without a limit on record the check holds and says so. */
function local({ build, reading }: Subject): Check[] {
	const { hooksMax, pointsMax, leadAllowed } = reading.rules;
	const { hooks, points } = hooksAndPoints(build.rig);
	const told = (limit: number | undefined): string =>
		limit === undefined
			? 'You entered no local limit; the authority decides.'
			: `The local limit you entered is ${limit}; the authority decides.`;
	const lead = build.rig.headMaterial === 'lead';
	const leadReason =
		leadAllowed === undefined
			? 'You entered no local rule; small lead is banned in some places.'
			: leadAllowed
				? 'Allowed by the rule you entered; the authority decides.'
				: 'Not allowed by the rule you entered: use tungsten or bismuth.';
	return [
		check('hooks', hooksMax === undefined ? 0 : Math.max(0, hooks - hooksMax), told(hooksMax), 'trailerHook'),
		check(
			'points',
			pointsMax === undefined ? 0 : Math.max(0, points - pointsMax),
			told(pointsMax),
			'hook',
			'trailerHook'
		),
		check('lead', lead && leadAllowed === false ? 1 : 0, lead ? leadReason : 'There is no lead in it.', 'head')
	];
}

/** Joints between knot and lure beyond the one that the lure needs; a bladed jig has its clip already. */
function joint({ build, fit }: Subject): Check {
	const jig = build.rig.family === 'bladed-jig';
	const extra = fit.join === 'direct' ? 0 : jig ? 2 : 1;
	const reason = jig
		? 'Tie to its clip: a snap on the clip deadens the swing.'
		: 'Tie direct: a snap or swivel adds weight and slides around the bend.';
	return check('join', extra, reason, 'line');
}

const WEEDS: readonly Cover['kind'][] = ['stems', 'leafy-weed', 'pads', 'grass-tops'];
const HARD: readonly Cover['kind'][] = ['wood', 'timber', 'dock'];

/** Least pounds that cover asks of a line: thick weed of braid and of other line, wood and docks of any (the craft's LIN-01b, LIN-01c). */
const ASKED_LB = { thickWeedBraid: 40, thickWeedOther: 20, hard: 16 } as const;

function askedLb({ kind, density }: Cover, braid: boolean): number {
	const thick = density === 'thick' || density === 'matted';
	if (WEEDS.includes(kind) && thick) return braid ? ASKED_LB.thickWeedBraid : ASKED_LB.thickWeedOther;
	return HARD.includes(kind) ? ASKED_LB.hard : 0;
}

function throughCover({ build, reading }: Subject): Check[] {
	const { line } = build.rig;
	const braid = line.type === 'braid' && line.leader === null;
	const asked = Math.max(0, ...reading.cover.map((cover) => askedLb(cover, braid)));
	if (asked === 0) return [];
	const test = line.leader?.testLb ?? line.testLb;
	const reason = `The cover in your reading calls for ${asked} lb ${braid ? 'braid' : 'line'} or more.`;
	return [check('coverLine', test / asked, reason, 'line', 'leader')];
}

/** Local rules, the knot, and the line for the cover. */
export const ruleChecks = (subject: Subject): Check[] => [...local(subject), joint(subject), ...throughCover(subject)];
