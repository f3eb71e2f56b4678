import type { Check } from '$lib/core/rig/bench/checks/check';
import { THRESHOLDS, type CheckUnit, type Threshold } from '$lib/core/rig/bench/checks/thresholds';
import type { UnitSystem } from '$lib/core/records/schemas';
import { withUnit } from '$lib/presentation/units';
import { SAID } from './checkWords';

/** Shares beyond this say nothing more. */
const FAR = 2;

/** A figure of a check in the angler's units. */
export function figureOf(units: UnitSystem, unit: CheckUnit, value: number): string {
	if (!Number.isFinite(value)) return 'none';
	if (unit === 'share') return value > FAR ? `over ${FAR * 100}\u2009%` : `${Math.round(value * 100)}\u2009%`;
	if (unit === 'm') return withUnit(units, 'depth', value).replace(' ', '\u2009');
	if (unit === 'mps') return withUnit(units, 'speed', value).replace(' ', '\u2009');
	if (unit === 'ratio') return `${value.toFixed(1)}×`;
	if (unit === 'deg') return `${Math.round(value)}°`;
	if (unit === 'count') return String(Math.round(value));
	if (unit === 'mm' && units === 'imperial') return withUnit(units, 'size', value).replace(' ', '\u2009');
	return `${value >= 10 ? Math.round(value) : value.toFixed(1)}\u2009${unit}`;
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
