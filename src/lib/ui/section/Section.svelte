<script lang="ts">
	import { tick, type Snippet } from 'svelte';
	import { sunDegOf } from '$lib/core/water/reading/light';
	import { mainForageIn } from '$lib/core/water/reading/forage';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import type { Stop } from '$lib/presentation/drawn';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, spokenFigure, withUnit } from '$lib/presentation/units';
	import Bottom from './Bottom.svelte';
	import Cover from './Cover.svelte';
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import {
		arcOf,
		arrowPx,
		bedPath,
		depthAt,
		frameOf,
		sunAt,
		USUAL_WIND_MPS,
		waterBox,
		yOf,
		type Bed,
		type Frame
	} from './geometry';
	import { boxOfGrip, gripsOf, type Grip } from './grips';
	import Grips from './Grips.svelte';
	import { around, labelWidth, placeLabels, type Box, type Wanted } from './labels';
	import Life from './Life.svelte';
	import type PutIn from './PutIn.svelte';
	import Scales from './Scales.svelte';
	import { bassIn, boxOfFish, shoalIn, type Drawn } from './scene';
	import Sky from './Sky.svelte';
	import Tag from './Tag.svelte';
	import Water from './Water.svelte';

	interface Props {
		reading: Drawn;
		/** Soundings of the spot, from its bank outwards. */
		profile?: Bed['profile'];
		units: UnitSystem;
		lamp?: boolean;
		height?: number;
		/** Height where room is short; as high as elsewhere unless it is given. */
		narrowHeight?: number;
		/** Without gutters, labels and grips: the small picture. */
		bare?: boolean;
		onchange?: ((patch: Partial<ParsedReading>, key: string) => void) | undefined;
		/** Said when a handle is taken hold of and when it is let go. */
		onheld?: (on: boolean) => void;
		/** Colors of the water as the server worked them out. */
		tint?: readonly Stop[] | undefined;
		/** What another screen draws over the water. */
		over?: Snippet<[Frame, Bed]>;
	}
	const {
		reading: given,
		profile,
		units,
		lamp = false,
		height: wideHeight = 430,
		narrowHeight = wideHeight,
		bare = false,
		onchange,
		onheld,
		tint,
		over
	}: Props = $props();

	let width = $state(806);
	let putIn = $state<ReturnType<typeof PutIn>>();
	/** What may be put in comes when it is first asked for. */
	let Put = $state.raw<typeof PutIn | null>(null);
	/** Where room is short the scales and the labels that only repeat the strip are left out. */
	const NARROW_PX = 520;
	const narrow = $derived(bare || width < NARROW_PX);
	const height = $derived(width < NARROW_PX ? narrowHeight : wideHeight);
	// Facts by themselves, so that a warmer day does not draw the water again, nor a new sky the weed.
	const { bank, bottomM, cover, fishFromM, fishToM, forage, light } = $derived(given);
	const { moon, sky, stain, sunElevationDeg, visibilityM, wind, windMps: windRead } = $derived(given);
	const seen = $derived({ light, moon, sky, stain, sunElevationDeg, visibilityM, wind });
	const ditch = $derived(cover.some(({ kind }) => kind === 'ditch'));
	const sounded = $derived(profile);
	const ground = $derived({ bottomM, ditch, profile: sounded });
	const drawn = $derived([...new Map(cover.map((one) => [one.kind, one])).values()]);
	/** What stood when a drag began: the scale must not move under the pointer. */
	let dragged = $state.raw<{ bottomM: number; band: Pick<Drawn, 'fishFromM' | 'fishToM'> } | null>(null);
	const ondrag = (on: boolean) => {
		dragged = on ? { bottomM, band: { fishFromM, fishToM } } : null;
		onheld?.(on);
	};
	// By itself: a frame that is put together anew and says the same would have all of it drawn again.
	const scaledM = $derived(dragged?.bottomM ?? bottomM);
	const frame = $derived(frameOf(scaledM, width, height, !narrow));
	const bed = $derived(bedPath(ground, frame));
	const windMps = $derived(windRead ?? USUAL_WIND_MPS[wind]);
	const windText = $derived(withUnit(units, 'wind', windMps));
	const sunDeg = $derived(sunDegOf(seen));
	const bass = $derived(bassIn(frame, { fishFromM, fishToM }));
	const shoal = $derived(shoalIn(frame, { forage, bottomM, fishFromM }));
	/** Where the bed is as deep as the reading says: beyond the soundings, where there are any. */
	const bottomX = $derived(frame.left + (frame.right - frame.left) * (profile ? 0.3 : 0.44));
	const grips = $derived(onchange ? gripsOf(frame, { fishFromM, fishToM, bottomM, cover }, bottomX) : []);
	const depth = (value: number): string => withUnit(units, 'depth', value);

	function textOf(grip: Grip): string {
		if (grip.of === 'fishFromM') return `fish from ${depth(grip.depthM)}`;
		if (grip.of === 'fishToM') return `to ${depth(grip.depthM)}`;
		if (grip.of !== 'cover') return `bottom ${depth(grip.depthM)}`;
		return `${spoken(cover[grip.index]!.kind)} ${figureText(units, 'depth', grip.depthM)}`;
	}

	/** Labels that only repeat what the strip says. */
	const spare = $derived.by((): Wanted[] => {
		if (narrow || over) return [];
		const sun = sunAt(frame, arcOf(frame), sunDeg);
		const seenY = yOf(frame, visibilityM);
		const eaten = forage.find(({ amount }) => amount !== 'none');
		const texts: (Wanted | false | undefined)[] = [
			windMps >= 0.5 && {
				id: 'wind',
				text: `wind ${windText}, ${spoken(bank)} bank`,
				at: [[frame.left + 66 + arrowPx(windMps), frame.sky - 24]]
			},
			sunElevationDeg !== undefined &&
				light !== 'night' && {
					id: 'sun',
					text: `sun ${Math.round(sunDeg)}°`,
					at: [
						[sun.x - 22 - labelWidth(`sun ${Math.round(sunDeg)}°`), sun.y],
						...around(`sun ${Math.round(sunDeg)}°`, sun.x, sun.y, 22)
					]
				},
			seenY < height - 30 && {
				id: 'seen',
				text: `you see down to ${depth(visibilityM)}`,
				at: around(`you see down to ${depth(visibilityM)}`, frame.left + (frame.right - frame.left) * 0.53, seenY, 12)
			},
			eaten &&
				shoal.length > 0 && {
					id: 'forage',
					text: `${spoken(eaten.kind)} ${mainForageIn({ forage })} in`,
					at: around(`${spoken(eaten.kind)} ${mainForageIn({ forage })} in`, shoal[4]!.x, shoal[4]!.y, 34)
				}
		];
		return texts.filter((one): one is Wanted => Boolean(one)).map((one) => ({ ...one, spare: true }));
	});
	const labels = $derived.by(() => {
		const wanted = grips.map((grip): Wanted => {
			const text = textOf(grip);
			return { id: grip.id, text, at: around(text, grip.x, yOf(frame, grip.depthM)) };
		});
		const taken: Box[] = [
			...grips.map((grip) => boxOfGrip(frame, grip)),
			...bass.map(boxOfFish),
			...shoal.map(boxOfFish)
		];
		const room = { x: frame.left, y: 2, width: frame.right - frame.left, height: height - (narrow ? 4 : 26) };
		return placeLabels([...wanted, ...spare], taken, room);
	});

	/** Opens what can be put in at the depth that was pointed at; the keyboard has the button for it. */
	function point(event: MouseEvent & { readonly currentTarget: SVGElement }) {
		const svg = event.currentTarget.ownerSVGElement!;
		const box = svg.getBoundingClientRect();
		const y = ((event.clientY - box.top) * height) / box.height;
		const { clientX, clientY } = event;
		void import('./PutIn.svelte').then(async ({ default: Loaded }) => {
			Put = Loaded;
			await tick();
			putIn?.openAt(depthAt(frame, y), clientX, clientY);
		});
	}

	const title = $derived(
		`Section of the water: bottom ${spokenFigure(units, 'depth', bottomM)}, fish from ${spokenFigure(units, 'depth', fishFromM)} to ${spokenFigure(units, 'depth', fishToM)}, seen to ${spokenFigure(units, 'depth', visibilityM)}, ${spoken(stain)} water, ${spoken(sky)}, ${spoken(wind)}.`
	);
</script>

<div class="section" bind:clientWidth={width}>
	<svg
		class="block select-none"
		width="100%"
		{height}
		style:--narrow="{narrowHeight}px"
		viewBox="0 0 {width} {height}"
		role="group"
		aria-label={title}
	>
		<BrowserOnly>
			<Sky {frame} {sky} {light} {moon} {sunDeg} {windMps} {windText} bare={narrow} {onchange} {ondrag} />
			<Water {frame} {seen} {sunDeg} {lamp} {tint} />
			{#each drawn as cover, at (cover.kind)}<Cover bed={ground} {frame} {cover} seed={at * 97 + 11} />{/each}
			<Life {frame} {fishFromM} {fishToM} {visibilityM} {bass} {shoal} />
			{#if onchange}<rect class="wet" {...waterBox(frame)} aria-hidden="true" onclick={point} />{/if}
			<!-- The ground covers all that lies behind it: nothing above needs to be cut to its shape. -->
			<Bottom {frame} {bed} {windMps} />
			{#if !narrow}<Scales {frame} bed={ground} {units} />{/if}
			{@render over?.(frame, ground)}
			{#if onchange}
				<Grips {frame} reading={given} {units} {grips} held={dragged?.band ?? given} {onchange} {ondrag} />
			{/if}
			{#each labels as label (label.id)}<Tag x={label.x} y={label.y} text={label.text} />{/each}
		</BrowserOnly>
	</svg>
	{#if onchange && !bare && Put}<Put bind:this={putIn} reading={given} {units} {onchange} />{/if}
</div>

<style>
	.section {
		position: relative;
		contain: layout paint style;
		/* A picture of its own: what moves in it does not have the page put together anew. */
		will-change: transform;
		container-type: inline-size;
		width: 100%;
	}
	/* Narrow as NARROW_PX has it, before the scripts know the width: nothing under it moves when they do. */
	@container (width < 520px) {
		svg {
			height: var(--narrow);
		}
	}
	.wet {
		fill: transparent;
		cursor: copy;
	}
</style>
