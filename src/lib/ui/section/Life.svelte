<script lang="ts">
	import { yOf, type Frame } from './geometry';
	import { fishPath, type Fish } from './scene';

	interface Props {
		frame: Frame;
		fishFromM: number;
		fishToM: number;
		visibilityM: number;
		bass: readonly Fish[];
		shoal: readonly Fish[];
	}
	const { frame, fishFromM, fishToM, visibilityM, bass, shoal }: Props = $props();
	const from = $derived(yOf(frame, fishFromM));
	const to = $derived(yOf(frame, fishToM));
	/** White lures going down, each as much of it as is still seen. */
	const seen = $derived(
		Array.from({ length: 9 }, (_, at) => (at + 1) * (visibilityM / 7)).map((depthM) => ({
			y: yOf(frame, depthM),
			left: Math.min(0.9, 1.25 * Math.exp((-2.1 * depthM) / visibilityM))
		}))
	);
</script>

<path class="bait" d={shoal.map(fishPath).join('')} />
<rect class="band" x={frame.left} width={frame.right - frame.left} y={from} height={Math.max(1, to - from)} />
{#each [from, to] as y, end (end)}<line class="band-edge" x1={frame.left} x2={frame.right} y1={y} y2={y} />{/each}
{#each bass as one, at (at)}<path class="bass" d={fishPath(one)} />{/each}
{#each seen as { y, left }, at (at)}
	<circle class="seen" cx={frame.left + (frame.right - frame.left) * 0.53} cy={y} r="4.6" opacity={left} />
{/each}

<style>
	.band {
		fill: #fff;
		opacity: 0.13;
	}
	.band-edge {
		stroke: #fdfbf0;
		stroke-width: 1.2;
		stroke-dasharray: 7 5;
	}
	.bait {
		fill: #e3dcc0;
		stroke: #3b3524;
		stroke-width: 0.7;
	}
	.bass {
		fill: #2b3018;
		stroke: #f3e7b8;
		stroke-width: 1;
	}
	.seen {
		fill: #fff;
	}
</style>
