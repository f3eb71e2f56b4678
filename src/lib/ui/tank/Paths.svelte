<script lang="ts">
	import type { Tow, TowSample } from '$lib/core/foundation/schema/tow';
	import { bedM, shareAt, xOf, yOf, type Bed, type Frame } from '../section/geometry';
	import Tag from '../section/Tag.svelte';
	import { labelWidth } from '../section/labels';
	import { outOf, type Throw } from '$lib/core/simulation/cast/ground';
	import { labelSides, sampleAt, type Watched } from './moments';

	interface Props {
		frame: Frame;
		bed: Bed;
		thrown: Throw;
		watched: readonly Watched[];
		band: { readonly fromM: number; readonly toM: number } | null;
		tipM: number;
		/** Moment of the cast, s. */
		atS: number;
		depth: (metres: number) => string;
	}
	const { frame, bed, thrown, watched, band, tipM, atS, depth }: Props = $props();

	const DOT_EVERY_S = 2;
	const x = (xM: number): number => xOf(frame, bed, outOf(thrown, xM));
	const point = ({ xM, zM }: TowSample): string => `${x(xM).toFixed(1)} ${yOf(frame, zM).toFixed(1)}`;
	const pathOf = ({ samples }: Tow): string => `M${samples.map(point).join('L')}`;
	const dotsOf = ({ samples, endS }: Tow): TowSample[] =>
		Array.from({ length: Math.floor(endS / DOT_EVERY_S) }, (_, at) => sampleAt(samples, (at + 1) * DOT_EVERY_S));
	const crossesOf = (tow: Tow): TowSample[] => dotsOf(tow).filter(({ where }) => where === 'cover');
	const tip = $derived({ x: x(0), y: yOf(frame, -tipM) });
	/** The boat lies behind the tip; on the bank there is none. */
	const side = $derived(thrown.towardsBank ? -1 : 1);
	const SIGN_GAP = 14;
	/** Where the loupe lies over the drawing's right end, by its height, on screens wide enough for it: no label goes under it. */
	const LOUPE = { from: 0.42, widthPx: 168, roomPx: 520 } as const;
	const sides = $derived(labelSides(watched, atS));
	/** Where (px) a label of a text stands beside the lure. */
	function placeOf(
		text: string,
		now: TowSample,
		side: (typeof sides)[number]
	): { readonly x: number; readonly y: number } {
		const width = labelWidth(text);
		const y = yOf(frame, now.zM) + { over: -SIGN_GAP - 8, under: SIGN_GAP + 8, beside: 0 }[side];
		const loupe = y > frame.height * LOUPE.from && frame.width > LOUPE.roomPx ? LOUPE.widthPx : 0;
		const most = frame.right - loupe - width;
		const at = x(now.xM);
		if (side === 'beside') return { x: at + SIGN_GAP > most ? at - SIGN_GAP - width : at + SIGN_GAP, y };
		return { x: Math.max(frame.left, Math.min(most, at - width / 2)), y };
	}
	const SAMPLES = 48;
	/** The band along the cast, down to the bed where that is shallower. */
	const zone = $derived.by(() => {
		if (!band) return '';
		const places = Array.from({ length: SAMPLES + 1 }, (_, at) => (thrown.castM * at) / SAMPLES);
		const floorM = (xM: number): number => bedM(bed, shareAt(bed, outOf(thrown, xM)));
		const edge = (xM: number, depthM: number): string =>
			`${x(xM).toFixed(1)} ${yOf(frame, Math.max(0, Math.min(depthM, floorM(xM)))).toFixed(1)}`;
		const top = places.map((xM) => edge(xM, band.fromM));
		const under = places.map((xM) => edge(xM, band.toM)).reverse();
		return `M${[...top, ...under].join('L')}Z`;
	});
</script>

{#if band}
	<path class="zone" d={zone} />
{/if}
{#if thrown.towardsBank}
	<path class="fill-paper stroke-ink stroke-[1.4]" d="M{tip.x - 66} {frame.sky - 9}h46l-8 14h-34z" />
{/if}
<path
	class="fill-none stroke-ink stroke-2"
	d="M{tip.x + side * 34} {frame.sky - 12}Q{tip.x + side * 14} {tip.y - 4} {tip.x} {tip.y}"
/>
{#each watched as { sign, tow } (sign)}
	<path class="under" d={pathOf(tow)} />
	<path class="path {sign}" d={pathOf(tow)} />
	{#each dotsOf(tow) as dot (dot.tS)}<circle class="dot {sign}" cx={x(dot.xM)} cy={yOf(frame, dot.zM)} r="2.6" />{/each}
	{#each crossesOf(tow) as dot (dot.tS)}
		<path class="cross" d="M{x(dot.xM) - 5} {yOf(frame, dot.zM) - 5}l10 10m0-10l-10 10" />
	{/each}
{/each}
{#each watched as { sign, tow }, at (sign)}
	{@const now = sampleAt(tow.samples, atS)}
	{@const text = `${sign}: ${depth(now.zM)}${now.where === 'cover' ? ', in the cover' : ''}`}
	{#if at === 0}<path
			class="fill-none stroke-ink stroke-[0.8]"
			d="M{tip.x} {tip.y}L{x(now.xM)} {yOf(frame, now.zM)}"
		/>{/if}
	<circle class="now {sign}" cx={x(now.xM)} cy={yOf(frame, now.zM)} r="6.5" />
	<Tag {...placeOf(text, now, sides[at]!)} {text} />
{/each}

<style>
	.zone {
		/* As the fish band of the section: amber is what is in hand. */
		fill: #fff;
		opacity: 0.2;
	}
	.under,
	.path {
		fill: none;
		stroke-linejoin: round;
	}
	.under {
		stroke: #1b1506;
		stroke-width: 6;
	}
	.path {
		stroke: #f2a51d;
		stroke-width: 3.2;
	}
	.path.B {
		stroke: #fff;
		stroke-width: 2.6;
		stroke-dasharray: 8 4;
	}
	.path.C {
		stroke: #bfe3ff;
		stroke-width: 2.6;
		stroke-dasharray: 2 5;
		stroke-linecap: round;
	}
	.dot {
		fill: #1b1506;
	}
	.dot.B,
	.dot.C {
		fill: #fff;
		stroke: #1b1506;
	}
	.cross {
		stroke: #ff9477;
		stroke-width: 2.4;
	}
	.now {
		fill: #f2a51d;
		stroke: #1b1506;
		stroke-width: 2;
	}
	.now.B {
		fill: #fff;
	}
	.now.C {
		fill: #bfe3ff;
	}
</style>
