<script lang="ts">
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import type { Point } from '$lib/core/water/places/plane';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, convertUnitsInText, shownIn, withUnit } from '$lib/presentation/units';
	import type { Proposal } from '$lib/core/water/places/features';
	import { PROPOSED_LOOKS } from './proposed';
	import type { Sounding } from '$lib/core/water/places/depths';
	import { GROWTHS, type Growth } from '$lib/core/water/places/growth';
	import type { Ring, Shores } from '$lib/core/water/places/shore';

	/** A spot on the plan. */
	interface Marked {
		readonly id: string;
		readonly name: string;
		readonly at: Point;
		/** Place in the order of the hour, from 1. */
		readonly rank: number;
		/** How far (m) the bank's shade reaches, and in which bearing the water lies. */
		readonly shadeM: number;
		readonly bankBearingDeg: number | null;
	}
	interface Props {
		shores: Shores;
		soundings: readonly Sounding[];
		growths: readonly Growth[];
		spots: readonly Marked[];
		proposals: readonly Proposal[];
		windFromDeg: number;
		windMps: number;
		/** `null` where the water does not say where on earth it is. */
		sun: { readonly azimuthDeg: number; readonly elevationDeg: number } | null;
		/** The spot that is looked at. */
		marked: string | null;
		text: string;
		units: UnitSystem;
		onmark: (id: string) => void;
	}
	const {
		shores,
		soundings,
		growths,
		spots,
		proposals,
		windFromDeg,
		windMps,
		sun,
		marked,
		text,
		units,
		onmark
	}: Props = $props();

	/** Room there is, px: the plan is drawn anew in it, so that its words stay as large as all others. */
	let wide = $state(760);
	const high = $derived(wide < 560 ? 330 : 420);
	const EDGE = 34;
	/** Beside the water there is room for wind and sun. */
	const SIGNS_PX = 92;
	const points = $derived([...shores.flat(), ...spots.map(({ at }) => at)]);
	const west = $derived(Math.min(...points.map(({ eastM }) => eastM)));
	const east = $derived(Math.max(...points.map(({ eastM }) => eastM)));
	const south = $derived(Math.min(...points.map(({ northM }) => northM)));
	const north = $derived(Math.max(...points.map(({ northM }) => northM)));
	/** Pixels per m: the water fills the plan, north up. */
	const scale = $derived(
		Math.min((wide - 2 * EDGE - SIGNS_PX) / Math.max(50, east - west), (high - 2 * EDGE) / Math.max(50, north - south))
	);
	const x = ({ eastM }: Point): number => (wide - SIGNS_PX) / 2 + (eastM - (east + west) / 2) * scale;
	const y = ({ northM }: Point): number => high / 2 - (northM - (north + south) / 2) * scale;
	const ringText = (ring: Ring): string => `M${ring.map((at) => `${x(at).toFixed(1)},${y(at).toFixed(1)}`).join('L')}Z`;
	const shore = $derived(shores.map(ringText).join(''));
	const grown = $derived(
		GROWTHS.map((kind) => {
			const rings = growths.filter((one) => one.kind === kind).map(({ ring }) => ringText(ring));
			return { kind, path: rings.join('') };
		})
	);
	/** Thousands of soundings as one path of round dots. */
	const dots = $derived(soundings.map((one) => `M${x(one).toFixed(1)},${y(one).toFixed(1)}h0`).join(''));
	/** Lengths of the bar, in the angler's own unit: the first that is long enough to be read off. */
	const BARS = [50, 100, 200, 500, 1000, 2000, 5000] as const;
	const BAR_PX = 60;
	const distance = $derived(shownIn(units, 'distance'));
	const bar = $derived(BARS.find((one) => distance.read(one) * scale >= BAR_PX) ?? BARS.at(-1)!);
	const barPx = $derived(distance.read(bar) * scale);
	/** A shadow is drawn no longer than a boat sits from the bank. */
	const SHADE_MOST_M = 40;
	const SHADE_WIDE_M = 60;
	/** Depths are written out at least this far apart, px; between them a dot says that somebody sounded here. */
	const FIGURES_PX = 42;
	const written = $derived.by(() => {
		const taken: Sounding[] = [];
		for (const one of soundings) {
			const isFree = taken.every((other) => Math.hypot(x(one) - x(other), y(one) - y(other)) >= FIGURES_PX);
			if (isFree) taken.push(one);
		}
		return taken;
	});
</script>

<div class="overflow-hidden" bind:clientWidth={wide}>
	<svg class="block" width={wide} height={high} viewBox="0 0 {wide} {high}" role="img" aria-label={text}>
		<BrowserOnly>
			<path class="water" d={shore} fill-rule="evenodd" />
			<defs>
				<pattern id="weed" width="9" height="9" patternUnits="userSpaceOnUse">
					<path class="fill-none stroke-ink-2 stroke-1" d="M2,8Q1,5 3,2M6,9Q7,6 5,4" />
				</pattern>
				<pattern id="timber" width="10" height="10" patternUnits="userSpaceOnUse">
					<path class="fill-none stroke-ink-2 stroke-1" d="M3,9V2M1,4L3,6L5,3M8,10V6" />
				</pattern>
			</defs>
			{#each grown as { kind, path } (kind)}
				{#if path}<path class="grown" d={path} fill="url(#{kind})"><title>{kind}</title></path>{/if}
			{/each}
			<path class="sounding" d={dots} />
			{#each written as one, at (at)}
				<text class="depth figure" x={x(one)} y={y(one) + 4} text-anchor="middle"
					>{figureText(units, 'depth', one.depthM)}</text
				>
			{/each}
			{#each spots as { id, at, shadeM, bankBearingDeg } (id)}
				{#if shadeM > 0 && Number.isFinite(shadeM)}
					<rect
						class="fill-ink opacity-28"
						x={x(at) - (SHADE_WIDE_M * scale) / 2}
						y={y(at) - Math.min(SHADE_MOST_M, shadeM) * scale}
						width={SHADE_WIDE_M * scale}
						height={Math.min(SHADE_MOST_M, shadeM) * scale}
						transform="rotate({bankBearingDeg ?? 0} {x(at)} {y(at)})"
					/>
				{/if}
			{/each}
			<path class="fill-none stroke-ink stroke-[1.6]" d={shore} />
			{#each proposals as one (`${one.kind}${one.eastM}`)}
				<text class="proposed" x={x(one)} y={y(one) + 6} text-anchor="middle"
					>{PROPOSED_LOOKS[one.kind].sign}<title>{convertUnitsInText(units, one.because)}</title></text
				>
			{/each}
			{#each spots as { id, name, at, rank } (id)}
				{@const isLeft = x(at) > wide * 0.72}
				<g class="spot" class:marked={marked === id} aria-hidden="true">
					<!-- The list beside the plan does the same for the keyboard. -->
					<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
					<g class="grip" onclick={() => onmark(id)}>
						<circle cx={x(at)} cy={y(at)} r="22" class="cursor-pointer fill-transparent" />
						<circle cx={x(at)} cy={y(at)} r="11" class="pin fill-paper stroke-ink stroke-[1.5]" />
						<text x={x(at)} y={y(at) + 4.5} text-anchor="middle" class="figure">{rank}</text>
					</g>
					<text class="name" x={x(at) + (isLeft ? -16 : 16)} y={y(at) + 4} text-anchor={isLeft ? 'end' : 'start'}
						>{name}</text
					>
				</g>
			{/each}
			<g class="wind" transform="translate({wide - 44} 44)">
				<g transform="rotate({windFromDeg})">
					<path d="M0,-24V20M-6,10L0,22L6,10" />
				</g>
				<text y="40" text-anchor="middle">wind {withUnit(units, 'wind', windMps)}</text>
			</g>
			{#if sun && sun.elevationDeg > 0}
				<g class="sun" transform="translate({wide - 44} 136)">
					<circle r="18" class="fill-none stroke-rule-2" />
					<circle
						r="5"
						class="fill-ink"
						cx={18 * Math.sin((sun.azimuthDeg * Math.PI) / 180)}
						cy={-18 * Math.cos((sun.azimuthDeg * Math.PI) / 180)}
					/>
					<text y="40" text-anchor="middle">sun {Math.round(sun.elevationDeg)}° up</text>
				</g>
			{/if}
			<g class="bar" transform="translate(24 {high - 22})">
				<path d="M0,-5V0H{barPx}V-5" />
				<text x={barPx / 2} y="14" text-anchor="middle">{bar} {distance.unit}</text>
			</g>
			<g class="north" transform="translate(28 34)">
				<path d="M0,16V-14M-5,-5L0,-15L5,-5" />
				<text y="28" text-anchor="middle">N</text>
			</g>
		</BrowserOnly>
	</svg>
</div>

<style>
	.water {
		fill: color-mix(in srgb, var(--cool) 16%, var(--paper));
	}
	.depth {
		fill: var(--ink-2);
		font-size: 10.5px;
		paint-order: stroke;
		stroke: color-mix(in srgb, var(--cool) 16%, var(--paper));
		stroke-width: 4px;
	}
	.grown {
		stroke: var(--ink-2);
		stroke-dasharray: 5 3;
	}
	.sounding {
		fill: none;
		stroke: var(--cool);
		stroke-width: 2.2px;
		stroke-linecap: round;
		opacity: 0.55;
	}
	.marked .pin {
		fill: var(--amber);
	}
	.marked .figure {
		fill: var(--on-amber);
	}
	.name {
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3.5px;
		font-weight: 640;
	}
	text {
		fill: var(--ink);
		font-size: 12.5px;
	}
	.proposed {
		font-size: 17px;
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
	.wind path,
	.bar path,
	.north path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.6;
	}
</style>
