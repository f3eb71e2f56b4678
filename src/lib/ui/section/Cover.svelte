<script lang="ts">
	import { seeded } from '$lib/core/foundation/basics/random';
	import type { Reading } from '$lib/core/water/reading/complete';
	import { COVER_AT } from '$lib/core/simulation/cast/soundings';
	import { bedM, tenths, weedStems, WHORL_PX, yOf, type Bed, type Frame } from './geometry';

	interface Props {
		bed: Bed;
		frame: Frame;
		cover: Reading['cover'][number];
		seed: number;
	}
	const { bed, frame, cover, seed }: Props = $props();

	const GREENS = ['#6f8a3c', '#526f2c', '#88a04a'];
	const span = $derived(frame.right - frame.left);
	const [from, to] = $derived(COVER_AT[cover.kind]);
	const x = (share: number): number => tenths(frame.left + share * span);
	const bedY = (share: number): number => tenths(yOf(frame, bedM(bed, share)));
	const isWeed = $derived(['grass-tops', 'leafy-weed', 'stems'].includes(cover.kind));
	const stems = $derived(isWeed ? weedStems(frame, cover, from, to, seed) : []);
	const weedOf = (shade: number, line: 'd' | 'bearing'): string =>
		stems
			.filter((stem) => stem.shade === shade)
			.map((stem) => stem[line])
			.join('');
	const COUNT = { sparse: 4, medium: 7, thick: 11, matted: 15 } as const;

	/** Scattered places along the stretch, the same for the same water. */
	const spots = $derived.by(() => {
		const random = seeded(seed);
		const many = COUNT[cover.density];
		return Array.from({ length: many }, (_, at) => ({
			share: from + ((at + 0.2 + random() * 0.6) / many) * (to - from),
			size: 0.6 + random() * 0.7
		}));
	});
</script>

<g class="cover" aria-hidden="true">
	{#if isWeed}
		{#each GREENS as green, shade (green)}
			<path d={weedOf(shade, 'd')} stroke={green} class="stem" />
			<!-- Whorls of leaves are dashes of a broad stroke: one path for a whole bed of them. -->
			<path d={weedOf(shade, 'bearing')} stroke={green} class="leaves" stroke-dasharray="1.4 {WHORL_PX - 1.4}" />
		{/each}
	{:else if cover.kind === 'pads'}
		{#each spots as spot, at (at)}
			<path d="M{x(spot.share)} {frame.sky + 2}L{x(spot.share)} {bedY(spot.share)}" stroke="#6f8a3c" class="stem" />
			<ellipse cx={x(spot.share)} cy={frame.sky} rx={9 + spot.size * 9} ry="3" fill="#5f7d3a" stroke="#2e4019" />
		{/each}
	{:else if cover.kind === 'wood'}
		{@const foot = bedY(from + 0.02)}
		<path class="wood" d="M{x(from)} {foot}L{x(to)} {frame.sky - 18}l6 8L{x(from + 0.03)} {foot + 4}Z" />
		{#each [0.2, 0.36, 0.52, 0.66, 0.8] as along, at (at)}
			{@const bx = x(from + along * (to - from))}
			{@const by = foot + (frame.sky - 18 - foot) * along}
			<path
				class="branch"
				d="M{bx} {by}l{at % 2 === 0 ? -30 : 22} {at % 2 === 0 ? -22 : 26}"
				stroke-width={4 - along * 2}
			/>
		{/each}
	{:else if cover.kind === 'timber'}
		{#each spots as spot, at (at)}
			{@const top = Math.max(frame.sky - 20, yOf(frame, cover.topM) - spot.size * 10)}
			<path
				class="wood"
				d="M{x(spot.share) - 5} {bedY(spot.share) + 2}L{x(spot.share) - 2.5} {top}h5L{x(spot.share) + 5} {bedY(
					spot.share
				) + 2}Z"
			/>
			<path class="branch" d="M{x(spot.share)} {top + 26}l14-14M{x(spot.share)} {top + 44}l-13-12" stroke-width="2" />
		{/each}
	{:else if cover.kind === 'rock'}
		{#each spots as spot, at (at)}
			{@const w = 14 + spot.size * 20}
			{@const y = bedY(spot.share)}
			<path
				class="rock"
				d="M{x(spot.share) - w / 2} {y + 4}l{w * 0.18} {-w * 0.42}l{w * 0.36} {-w * 0.12}l{w * 0.32} {w * 0.24}l{w *
					0.14} {w * 0.32}Z"
			/>
		{/each}
	{:else if cover.kind === 'shell'}
		{#each spots as spot, at (at)}
			<path
				class="shell"
				d="M{x(spot.share) - 6} {bedY(spot.share)}a6 5 0 0 1 12 0ZM{x(spot.share)} {bedY(
					spot.share
				)}v-5m0 5l-3-4m3 4l3-4"
			/>
		{/each}
	{:else if cover.kind === 'dock'}
		<rect x={x(from)} y={frame.sky - 18} width={(to - from) * span} height="7" class="plank" />
		{#each [0.05, 0.35, 0.65] as along (along)}
			{@const share = from + along * (to - from)}
			<rect
				x={x(share)}
				y={frame.sky - 12}
				width="7"
				height={Math.max(8, bedY(share) - frame.sky + 12)}
				class="plank"
			/>
		{/each}
	{/if}
</g>

<style>
	.stem {
		fill: none;
		stroke-width: 1.5;
		stroke-linecap: round;
	}
	.leaves {
		fill: none;
		stroke-width: 7.5;
	}
	.wood {
		fill: #6a4c2c;
		stroke: #2d1f10;
	}
	.branch {
		fill: none;
		stroke: #4c351c;
		stroke-linecap: round;
	}
	.rock {
		fill: #8d8a80;
		stroke: #3d3c36;
	}
	.shell {
		fill: #d8cfb8;
		stroke: #5a5140;
	}
	.plank {
		fill: #a98a5d;
		stroke: #4c3a20;
	}
</style>
