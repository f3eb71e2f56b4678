<script lang="ts" module>
	/** A line of a chart. */
	export interface ChartLine {
		readonly label: string;
		readonly points: readonly { readonly x: number; readonly y: number | null }[];
		/** Which of the two scales it is read on. @default left */
		readonly side?: 'left' | 'right';
		readonly width?: number;
		readonly dash?: readonly number[];
		/** Points that are marked: how large (px) each is drawn, none where that is 0. */
		readonly marks?: readonly number[];
		readonly sign?: 'circle' | 'rect' | 'triangle' | 'crossRot';
		/** Whether its marks are filled with the color of what is now. */
		readonly now?: boolean;
	}

	export interface ChartAxis {
		/** What it shows, with its unit; a scale without a title is not drawn. */
		readonly title?: string;
		readonly log?: boolean;
		readonly min?: number;
		readonly max?: number;
		/** Whether it grows downwards, as depth does. */
		readonly down?: boolean;
	}
</script>

<script lang="ts">
	import type { Chart as ChartType, ChartOptions } from 'chart.js';

	interface Props {
		lines: readonly ChartLine[];
		x: ChartAxis;
		left?: ChartAxis;
		right?: ChartAxis;
		height?: number;
	}
	const { lines, x, left = {}, right, height = 150 }: Props = $props();

	let canvas = $state<HTMLCanvasElement | null>(null);
	let chart = $state.raw<ChartType<'line'> | null>(null);

	const colour = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name);

	function scale(axis: ChartAxis, position: 'left' | 'right' | 'bottom') {
		const ink = colour('--ink');
		return {
			type: axis.log ? ('logarithmic' as const) : ('linear' as const),
			position,
			display: axis.title !== undefined,
			reverse: axis.down ?? false,
			...(axis.min === undefined ? {} : { min: axis.min }),
			...(axis.max === undefined ? {} : { max: axis.max }),
			title: { display: true, text: axis.title ?? '', color: ink },
			ticks: { color: ink, maxTicksLimit: 7 },
			grid: { color: position === 'right' ? 'transparent' : colour('--rule') }
		};
	}

	function dataOf(all: readonly ChartLine[]) {
		const [ink, paper, amber] = [colour('--ink'), colour('--paper'), colour('--amber')];
		return {
			datasets: all.map((line) => ({
				label: line.label,
				yAxisID: line.side === 'right' ? 'right' : 'left',
				data: line.points.map((point) => ({ ...point })),
				borderColor: ink,
				borderWidth: line.width ?? 2,
				borderDash: [...(line.dash ?? [])],
				pointStyle: line.sign ?? 'circle',
				pointBorderColor: ink,
				pointBackgroundColor: line.now ? amber : paper,
				pointRadius: line.marks ? [...line.marks] : 0
			}))
		};
	}

	const optionsOf = (): ChartOptions<'line'> => ({
		animation: false,
		responsive: true,
		maintainAspectRatio: false,
		events: [],
		scales: { x: scale(x, 'bottom'), left: scale(left, 'left'), ...(right ? { right: scale(right, 'right') } : {}) }
	});

	// The library comes when the first chart is shown.
	$effect(() => {
		const node = canvas;
		if (!node) return;
		let gone = false;
		void import('chart.js').then(
			({ Chart, LineController, LineElement, LinearScale, LogarithmicScale, PointElement }) => {
				if (gone) return;
				Chart.register(LineController, LineElement, LinearScale, LogarithmicScale, PointElement);
				Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
				chart = new Chart(node, { type: 'line', data: dataOf([]), options: optionsOf() });
			}
		);
		return () => {
			gone = true;
			chart?.destroy();
			chart = null;
		};
	});
	$effect(() => {
		if (!chart) return;
		chart.data = dataOf(lines) as ChartType<'line'>['data'];
		chart.options = optionsOf();
		chart.update('none');
	});
</script>

<!-- A picture of figures that stand in words beside it. -->
<div class="relative min-w-0" style:height="{height}px"><canvas bind:this={canvas} aria-hidden="true"></canvas></div>
