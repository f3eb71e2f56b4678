import { counted } from '$lib/core/foundation/labels/counted';
import type { Check, CheckState } from '$lib/core/rig/bench/checks/check';
import { THRESHOLDS, type CheckUnit, type Threshold } from '$lib/core/rig/bench/checks/thresholds';
import type { UnitSystem } from '$lib/core/records/schemas';
import { percentText, quantity, withUnit } from '$lib/presentation/units';
import { SAID } from './checkWords';

/** Shares beyond this say nothing more. */
const FAR = 2;

/** A figure of a check in the angler's units. */
export function figureOf(units: UnitSystem, unit: CheckUnit, value: number): string {
	if (!Number.isFinite(value)) return 'none';
	if (unit === 'share') return value > FAR ? `over ${percentText(FAR)}` : percentText(value);
	if (unit === 'm') return withUnit(units, 'depth', value);
	if (unit === 'mps') return withUnit(units, 'speed', value);
	if (unit === 'ratio') return `${value.toFixed(1)}×`;
	if (unit === 'deg') return `${Math.round(value)}°`;
	if (unit === 'count') return String(Math.round(value));
	if (unit === 'mm' && units === 'imperial') return withUnit(units, 'size', value);
	return quantity(value >= 10 ? Math.round(value) : value.toFixed(1), unit);
}

/** The limit that a figure is held against: "at least 110 %". */
function limitText(units: UnitSystem, { better, pass, unit }: Threshold): string {
	return `${better === 'more' ? 'at least' : 'at most'} ${figureOf(units, unit, pass)}`;
}

const BASIS = { model: 'model', geometry: 'drawn geometry', rule: 'rule of thumb' } as const;

/** How a check reads: what is true, its figure, its limit, and what it stands on. */
export function checkText(units: UnitSystem, { id, value }: Check) {
	const threshold = THRESHOLDS[id];
	return {
		title: threshold.title,
		said: SAID[id](value, figureOf(units, threshold.unit, Math.abs(value))),
		figure: figureOf(units, threshold.unit, value),
		what: threshold.figure,
		limit: limitText(units, threshold),
		basis: BASIS[threshold.basis]
	};
}

/** How a build stands, in one sentence, and how many of its checks pass, are close to the limit and fail. */
export function benchVerdict(checks: readonly Check[]): { text: string; counts: string } {
	const count = (state: CheckState): number => checks.filter((check) => check.state === state).length;
	const [failed, close, passed] = [count('fail'), count('marginal'), count('pass')];
	const passing = `${counted(passed, 'check')} ${passed === 1 ? 'passes' : 'pass'}.`;
	const limits = close > 0 ? `${close} ${close === 1 ? 'is' : 'are'} close to the limit. ` : '';
	if (failed > 0) {
		return {
			text: 'Doesn’t work yet.',
			counts: `${counted(failed, 'check')} ${failed === 1 ? 'fails' : 'fail'}. ${limits}${passing}`
		};
	}
	if (close > 0)
		return { text: `Works, with ${close === 1 ? 'one weak point' : `${close} weak points`}.`, counts: passing };
	return { text: 'These parts work together.', counts: passing };
}
