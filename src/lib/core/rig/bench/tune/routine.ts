import type { Build } from '../../../foundation/schema/build';
import type { Act, RigLog, Seen } from '../../../foundation/schema/rigLog';
import { completeFit } from '../../build/fit';

/** What the routine wants next: an answer, a deed, or nothing more. */
export type TuneStep =
	| { readonly kind: 'flick'; readonly claim: string; readonly ask: string }
	| { readonly kind: 'run'; readonly claim: string; readonly ask: string; readonly options: readonly Seen[] }
	| { readonly kind: 'act'; readonly claim: string; readonly act: Act; readonly degrees: number; readonly text: string }
	| { readonly kind: 'done'; readonly claim: string; readonly cause: string; readonly text: string };

/** One bend at the boat side, degrees: small, with a test between (the craft's TUN-02); assumed. */
export const BEND_DEG = 3;
/** Bends in one session after which the wire is to be replaced rather than bent again; assumed. */
const BENDS_MAX = 5;

/** What happened since the routine was last begun. */
export function sessionOf(log: RigLog): RigLog {
	const begun = log.findLastIndex(({ kind }) => kind === 'begin');
	return log.slice(begun + 1).filter(({ kind }) => kind === 'flick' || kind === 'run' || kind === 'act');
}

const actsOf = (session: RigLog): Act[] => session.flatMap((event) => (event.kind === 'act' ? [event.act] : []));

const WIRE_ACTS: readonly Act[] = ['bend-left', 'bend-right', 'toward-left', 'toward-right', 'twist-back'];
/** Whether a deed bends the wire. */
export const bendsWire = (act: Act): boolean => WIRE_ACTS.includes(act);

function optionsOf({ rig }: Build): Seen[] {
	if (rig.family === 'buzzbait') {
		const quiet: Seen[] = rig.noise === 'squeak' ? ['too-quiet'] : [];
		return ['true', 'drifts-left', 'drifts-right', 'leans-left', 'leans-right', ...quiet];
	}
	const high: Seen[] = rig.family === 'bladed-jig' ? ['runs-high'] : [];
	return ['true', 'leans-left', 'leans-right', 'rolls-fast', ...high];
}

const act = (claim: string, deed: Act, text: string, degrees = 0): TuneStep => ({
	kind: 'act',
	claim,
	act: deed,
	text,
	degrees
});

const CAUSES: Readonly<Record<Act, string>> = {
	'swap-swivel': 'the swivel',
	'straighten-trailer': 'the trailer',
	'centre-skirt': 'the skirt',
	'bend-left': 'the wire',
	'bend-right': 'the wire',
	'toward-left': 'the wire',
	'toward-right': 'the wire',
	'twist-back': 'a twisted wire',
	'slow-down': 'the speed',
	'lip-down': 'the lip',
	'set-rivet': 'the rivet',
	'check-clip': 'the clip',
	'replace-wire': 'a worn wire'
};

function lastDeed(session: RigLog): Act | null {
	const acts = actsOf(session);
	return acts[acts.length - 1] ?? null;
}

function finished(build: Build, session: RigLog): TuneStep {
	const deed = lastDeed(session);
	const thin = build.rig.wireIn !== undefined && build.rig.wireIn < THIN_WIRE_IN;
	const after = thin ? ' Thin wire: retune after each good fish.' : '';
	if (!deed) return { kind: 'done', claim: 'TUN-02', cause: 'nothing', text: `It runs straight as it is.${after}` };
	return {
		kind: 'done',
		claim: 'TUN-02',
		cause: CAUSES[deed],
		text: `It runs straight: the cause was ${CAUSES[deed]}. Stop here.${after}`
	};
}

/** Wire under this (in) is thin: it is retuned after each good fish (TUN-04; the craft's LIN-01 counts from .033 in). */
const THIN_WIRE_IN = 0.033;

/** The bend that takes a lean out of a plane: away from the side it leans to. */
function bendAgainst(build: Build, side: 'left' | 'right', bent: number): TuneStep {
	if (bent >= BENDS_MAX) {
		return act(
			'TUN-02',
			'replace-wire',
			'Five bends and it still leans: the wire is worn or twisted. Build it on new wire.'
		);
	}
	const away = side === 'left' ? 'right' : 'left';
	const { offsetDeg } = completeFit(build);
	const plane =
		offsetDeg === 0
			? 'Upper arm, lower arm and hook belong in one plane.'
			: `The arm is offset ${Math.abs(offsetDeg)}° to the ${offsetDeg > 0 ? 'right' : 'left'} on purpose: keep that and no more.`;
	const text = `Look from behind. It leans to the ${side}: bend the upper arm about ${BEND_DEG}° to the ${away}, by hand, near the line tie. ${plane}`;
	return act('TUN-02', away === 'left' ? 'bend-left' : 'bend-right', text, BEND_DEG);
}

function leaning(build: Build, side: 'left' | 'right', session: RigLog): TuneStep {
	const { rig } = build;
	const acts = actsOf(session);
	if (rig.trailer && !acts.includes('straighten-trailer')) {
		return act(
			'TUN-02',
			'straighten-trailer',
			'First the trailer: rig it again, dead straight and centered. The wire comes last.'
		);
	}
	if (rig.skirt.colour !== 'none' && !acts.includes('centre-skirt')) {
		return act('TUN-02', 'centre-skirt', 'Then the skirt: center its collar and even out the strands all around.');
	}
	if (rig.family === 'spinnerbait') return bendAgainst(build, side, acts.filter(bendsWire).length);
	if (rig.family === 'bladed-jig') {
		if (!acts.includes('check-clip'))
			return act(
				'TUN-06',
				'check-clip',
				'Check that the blade swings freely to both sides and that the clip is closed and straight.'
			);
		return act('TUN-03', 'slow-down', 'Trailer, skirt and clip are right: slow down or use more weight.');
	}
	if (rig.family === 'underspin')
		return act(
			'TUN-02',
			bendAgainstArm(side),
			`Bend the blade arm a little to the ${side === 'left' ? 'right' : 'left'}, until it hangs straight below the hook.`,
			BEND_DEG
		);
	return buzzRolls(side, acts);
}

const bendAgainstArm = (side: 'left' | 'right'): Act => (side === 'left' ? 'bend-right' : 'bend-left');

/** A buzzbait that rolls: overspeed is suspected before the wire. */
function buzzRolls(side: 'left' | 'right', acts: readonly Act[]): TuneStep {
	if (!acts.includes('slow-down')) {
		return act(
			'TUN-05',
			'slow-down',
			'First suspect speed: reel slower. If it has to go that fast, use a heavier head.'
		);
	}
	const away = side === 'left' ? 'right' : 'left';
	return act(
		'TUN-05',
		'twist-back',
		`It rolls to the ${side}: bend the blade arm over to the ${away} by about ${BEND_DEG}°.`,
		BEND_DEG
	);
}

/** A buzzbait that drifts: a bend toward the side it runs to (TUN-05). */
function drifting(side: 'left' | 'right'): TuneStep {
	const text = `It runs to the ${side}: bend the blade arm about ${BEND_DEG}° TOWARD that side, and test.`;
	return act('TUN-05', side === 'left' ? 'toward-left' : 'toward-right', text, BEND_DEG);
}

const OVERSPEED =
	'It rolls only when reeled fast: too fast for its weight. Slow down, or use a heavier head or smaller blades; no bend fixes it.';

function afterRun(build: Build, saw: Seen, session: RigLog): TuneStep {
	if (saw === 'true') return finished(build, session);
	if (saw === 'rolls-fast') return { kind: 'done', claim: 'TUN-03', cause: 'too fast for its weight', text: OVERSPEED };
	if (saw === 'runs-high')
		return act(
			'TUN-06',
			'lip-down',
			`Bend the plate’s lip about ${BEND_DEG}° down: a little bend runs deeper.`,
			BEND_DEG
		);
	if (saw === 'too-quiet')
		return act(
			'TUN-05',
			'set-rivet',
			'Set the rivet so that blade and rivet touch constantly and lightly, still turning freely, and crimp it there.'
		);
	if (saw === 'drifts-left' || saw === 'drifts-right') return drifting(saw === 'drifts-left' ? 'left' : 'right');
	return leaning(build, saw === 'leans-left' ? 'left' : 'right', session);
}

const flickAsk: TuneStep = {
	kind: 'flick',
	claim: 'TUN-01',
	ask: 'Flick each blade with a finger. Does it spin long and freely?'
};

const runAsk = (build: Build): TuneStep => ({
	kind: 'run',
	claim: 'TUN-02',
	ask: 'Pull it past the boat at the fastest speed you plan to use. Look from behind. What does it do?',
	options: optionsOf(build)
});

/** The next step of the boat-side routine (the craft's TUN-01 to TUN-06), from what was answered and done so far. */
export function nextStep(build: Build, log: RigLog): TuneStep {
	const session = sessionOf(log);
	const last = session[session.length - 1];
	const flicks = build.rig.family !== 'bladed-jig';
	if (!last) return flicks ? flickAsk : runAsk(build);
	if (last.kind === 'flick') {
		return last.spins
			? runAsk(build)
			: act('TUN-01', 'swap-swivel', 'Try another blade or a new swivel: swapping at the swivel takes a minute.');
	}
	if (last.kind === 'act') return last.act === 'swap-swivel' ? flickAsk : runAsk(build);
	if (last.kind === 'run') return afterRun(build, last.saw, session);
	return runAsk(build);
}

/** Whether a rig is due for another round, and why. */
export interface RetuneDue {
	readonly due: boolean;
	readonly why: string;
}

/** Hours of casting after which any wire is looked at again; a rule of thumb, assumed. */
const LOOK_AGAIN_H = 8;

/** Hours to a tenth, as they are entered. */
const tenths = (hours: number): number => Math.round(hours * 10) / 10;

/** When the next retune is due: once its wire was bent, after each good fish on thin wire (TUN-04), after some hours on any. */
export function retuneDue(build: Build, log: RigLog): RetuneDue {
	const tuned = log.findLastIndex((event) => event.kind === 'run' && event.saw === 'true');
	if (tuned < 0) return { due: true, why: 'You haven’t tested it beside the boat yet.' };
	const since = log.slice(tuned + 1);
	if (since.some(({ kind }) => kind === 'bent')) return { due: true, why: 'Its wire bent while fishing.' };
	const fish = since.filter(({ kind }) => kind === 'fish').length;
	const hours = tenths(since.reduce((sum, event) => sum + (event.kind === 'hours' ? event.hours : 0), 0));
	const thin = build.rig.wireIn !== undefined && build.rig.wireIn < THIN_WIRE_IN;
	if (thin && fish > 0)
		return { due: true, why: `Thin wire, and ${fish === 1 ? 'a fish' : `${fish} fish`} since it ran straight.` };
	if (hours >= LOOK_AGAIN_H) return { due: true, why: `${hours} h of casting since it ran straight.` };
	return {
		due: false,
		why: thin ? 'Due after the next good fish.' : `Due after ${tenths(LOOK_AGAIN_H - hours)} h more of casting.`
	};
}
