<script lang="ts">
	import type { TintFacts } from '$lib/presentation/tint';
	import { rayLean } from './scene';
	import { tenths, waterBox, yOf, type Frame } from './geometry';
	import { onMount } from 'svelte';
	import type { Stop } from '$lib/presentation/drawn';

	interface Props {
		frame: Frame;
		seen: TintFacts;
		sunDeg: number;
		lamp: boolean;
		/** Its colors as the server worked them out, until the optics are here. */
		tint?: readonly Stop[] | undefined;
	}
	const { frame, seen, sunDeg, lamp, tint }: Props = $props();
	const id = $props.id();
	/** Where nothing is known of its color yet: a breath of water. */
	const PLAIN: readonly Stop[] = [
		{ offset: 0, colour: 'color-mix(in srgb, var(--cool) 30%, var(--paper))' },
		{ offset: 1, colour: 'color-mix(in srgb, var(--cool) 70%, var(--ink))' }
	];
	/** The optics come after the first paint. */
	let tinted = $state.raw<typeof import('$lib/presentation/tint').waterStops | null>(null);
	onMount(async () => {
		tinted = (await import('$lib/presentation/tint')).waterStops;
	});
	const { light, sky, visibilityM } = $derived(seen);
	const { maxM } = $derived(frame);
	const stops = $derived(tinted ? tinted(seen, maxM, lamp) : (tint ?? PLAIN));
	const sunny = $derived(light === 'day' && (sky === 'sun' || sky === 'broken'));
	/** Rays are gone a little under what is seen. */
	const deep = $derived(yOf(frame, visibilityM * 1.25));
	const lean = $derived(rayLean(sunDeg) * (deep - frame.sky));
	const RAYS = [0.04, 0.13, 0.2, 0.31, 0.4, 0.5, 0.58, 0.7];
	const rays = $derived(
		RAYS.map((share, at) => {
			const wide = 5 + (at % 3) * 5;
			const from = tenths(frame.left + share * (frame.right - frame.left));
			return `M${from} ${frame.sky}h${wide}l${tenths(-lean)} ${tenths(deep - frame.sky)}h${-3 - wide}Z`;
		}).join('')
	);
</script>

<defs>
	<linearGradient id="water-{id}" x1="0" x2="0" y1={frame.sky} y2={frame.height} gradientUnits="userSpaceOnUse">
		{#each stops as stop (stop.offset)}<stop offset={stop.offset} stop-color={stop.colour} />{/each}
	</linearGradient>
	<linearGradient id="ray-{id}" x1="0" x2="0" y1={frame.sky} y2={deep} gradientUnits="userSpaceOnUse">
		<stop offset="0" stop-color="#fff" stop-opacity={lamp ? 0.14 : 0.3} />
		<stop offset="1" stop-color="#fff" stop-opacity="0" />
	</linearGradient>
	<clipPath id="under-{id}"><rect {...waterBox(frame)} /></clipPath>
</defs>
<rect fill="url(#water-{id})" {...waterBox(frame)} />
{#if sunny}
	<path clip-path="url(#under-{id})" fill="url(#ray-{id})" d={rays} />
{/if}
