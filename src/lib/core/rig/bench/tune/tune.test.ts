import { describe, expect, it } from 'vitest';
import type { Build } from '../../../foundation/schema/build';
import type { Act, RigEvent, RigLog, Seen } from '../../../foundation/schema/rigLog';
import { startBuild, withRig } from '../../build/start';
import { nextStep, retuneDue, type TuneStep } from './routine';
import { wornOf } from './wear';

const AT = '2026-05-09T06:40:00.000Z';
const flick = (spins: boolean): RigEvent => ({ kind: 'flick', at: AT, spins });
const run = (saw: Seen): RigEvent => ({ kind: 'run', at: AT, saw });
const act = (deed: Act): RigEvent => ({ kind: 'act', at: AT, act: deed, degrees: 3 });

/** Plays the routine: each observation in turn, every advised deed done. Returns the deeds and the last step. */
function play(build: Build, seen: readonly Seen[]): { deeds: Act[]; last: TuneStep } {
	const log: RigLog = [];
	const deeds: Act[] = [];
	const left = [...seen];
	for (let guard = 0; guard < 40; guard++) {
		const step = nextStep(build, log);
		if (step.kind === 'done') return { deeds, last: step };
		if (step.kind === 'flick') log.push(flick(true));
		else if (step.kind === 'run') {
			if (left.length === 0) return { deeds, last: step };
			log.push(run(left.shift()!));
		} else {
			deeds.push(step.act);
			log.push(act(step.act));
		}
	}
	throw new Error('The routine never ends.');
}

const dressed = withRig(startBuild('spinnerbait'), { trailer: startBuild('bladed-jig').rig.trailer });

describe('the boat-side routine', () => {
	it('flicks first, and a blade that does not spin gets a new swivel and is flicked again', () => {
		expect(nextStep(dressed, []).kind).toBe('flick');
		expect(nextStep(dressed, [flick(false)])).toMatchObject({ kind: 'act', act: 'swap-swivel' });
		expect(nextStep(dressed, [flick(false), act('swap-swivel')]).kind).toBe('flick');
		expect(nextStep(dressed, [flick(true)]).kind).toBe('run');
	});

	it('takes the trailer before the skirt and the skirt before the wire, and stops at the cause', () => {
		const { deeds, last } = play(dressed, ['leans-left', 'leans-left', 'leans-left', 'true']);
		expect(deeds).toEqual(['straighten-trailer', 'centre-skirt', 'bend-right']);
		expect(last).toMatchObject({ kind: 'done', cause: 'the wire' });
		expect(play(dressed, ['leans-left', 'true']).last).toMatchObject({ cause: 'the trailer' });
	});

	it('bends away from the lean', () => {
		const bare = withRig(startBuild('spinnerbait'), { skirt: { ...dressed.rig.skirt, colour: 'none' } });
		expect(play(bare, ['leans-left']).deeds).toEqual(['bend-right']);
		expect(play(bare, ['leans-right']).deeds).toEqual(['bend-left']);
	});

	it('bends a drifting buzzbait toward the side it runs to, and suspects overspeed before it untwists a roll', () => {
		const buzz = withRig(startBuild('buzzbait'), { trailer: null, skirt: { ...dressed.rig.skirt, colour: 'none' } });
		expect(play(buzz, ['drifts-left', 'true']).deeds).toEqual(['toward-left']);
		expect(play(buzz, ['leans-right', 'leans-right', 'true']).deeds).toEqual(['slow-down', 'twist-back']);
	});

	it('bends nothing when it only rolls fast', () => {
		const { deeds, last } = play(dressed, ['rolls-fast']);
		expect(deeds).toEqual([]);
		expect(last).toMatchObject({ kind: 'done', claim: 'TUN-03' });
	});

	it('gives a wire up after five bends', () => {
		const leaning: Seen[] = Array.from({ length: 8 }, () => 'leans-left');
		expect(play(dressed, leaning).deeds).toContain('replace-wire');
	});

	it('keeps an offset that was set on purpose', () => {
		const offset: Build = { ...startBuild('spinnerbait'), fit: { offsetDeg: 6 } };
		const log = [flick(true), run('leans-left'), act('centre-skirt'), run('leans-left')];
		expect(nextStep(offset, log)).toMatchObject({ kind: 'act', text: expect.stringContaining('on purpose') });
	});

	it('asks a bladed jig for its lip and its clip', () => {
		const jig = startBuild('bladed-jig');
		expect(nextStep(jig, []).kind).toBe('run');
		expect(play(jig, ['runs-high', 'true'])).toMatchObject({ deeds: ['lip-down'], last: { cause: 'the lip' } });
		expect(play(jig, ['leans-left', 'leans-left', 'leans-left']).deeds).toContain('check-clip');
	});

	it('begins anew when asked to', () => {
		expect(nextStep(dressed, [flick(true), run('true'), { kind: 'begin', at: AT }]).kind).toBe('flick');
	});
});

describe('wear and the next retune', () => {
	it('counts hours and bends since the wire was new', () => {
		const log: RigLog = [
			act('bend-left'),
			{ kind: 'hours', at: AT, hours: 5 },
			act('replace-wire'),
			act('bend-right'),
			act('straighten-trailer'),
			{ kind: 'hours', at: AT, hours: 3 }
		];
		expect(wornOf(log)).toEqual({ hours: 3, bends: 1 });
	});

	it('is due before the first run, after a fish on thin wire, and after eight hours on any', () => {
		const thin = withRig(startBuild('spinnerbait'), { wireIn: 0.03 });
		expect(retuneDue(thin, []).due).toBe(true);
		expect(retuneDue(thin, [run('true')]).due).toBe(false);
		expect(retuneDue(thin, [run('true'), { kind: 'fish', at: AT }]).due).toBe(true);
		const usual = startBuild('spinnerbait');
		expect(retuneDue(usual, [run('true'), { kind: 'fish', at: AT }]).due).toBe(false);
		expect(retuneDue(usual, [run('true'), { kind: 'bent', at: AT }]).due).toBe(true);
		expect(retuneDue(usual, [{ kind: 'bent', at: AT }, run('true')]).due).toBe(false);
		expect(retuneDue(usual, [run('true'), { kind: 'hours', at: AT, hours: 7.9 }]).due).toBe(false);
		expect(retuneDue(usual, [run('true'), { kind: 'hours', at: AT, hours: 8 }]).due).toBe(true);
		expect(retuneDue(usual, [run('true'), { kind: 'hours', at: AT, hours: 3.3 }]).why).toContain('after 4.7 h');
		const tenths = Array.from({ length: 80 }, () => ({ kind: 'hours', at: AT, hours: 0.1 }) as const);
		expect(retuneDue(usual, [run('true'), ...tenths])).toMatchObject({ due: true, why: expect.stringMatching(/^8 h/) });
	});
});
