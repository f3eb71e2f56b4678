<script lang="ts">
	import { spoken, spokenFirst } from '$lib/core/foundation/labels/spoken';
	import { rigName } from '$lib/core/foundation/labels/describe';
	import { VIEWS, type View } from '$lib/core/simulation/sight/backdrop';
	import { flashOf, lookedAt } from '$lib/core/simulation/sight/contrast';
	import { sceneOfReading } from '$lib/core/simulation/sight/sight';
	import { swatchRgb, waterRgb } from '$lib/core/simulation/sight/swatch';
	import { NM } from '$lib/core/simulation/sight/bands';
	import { useApp } from '$lib/client/state/app.svelte';
	import { percentText, shownIn as unitsOf, spokenFigure, withUnit } from '$lib/presentation/units';
	import { following } from '$lib/ui/controls/following.svelte';
	import LineChart, { type ChartLine } from '$lib/ui/controls/LineChart.svelte';
	import Ruler from '$lib/ui/controls/Ruler.svelte';
	import Segment from '$lib/ui/controls/Segment.svelte';
	import Ladder from '$lib/ui/sight/Ladder.svelte';
	import { besideBest, css, levelsOf, sceneAt, shownIn, SKIRTS } from '$lib/ui/sight/seen';
	import RigHere from '$lib/ui/sight/RigHere.svelte';
	import { look } from '$lib/ui/sight/rigParts';
	import Swatch from '$lib/ui/sight/Swatch.svelte';
	import type { PageData } from './$types';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	// svelte-ignore state_referenced_locally
	app.serve(data.answer, false);

	const reading = $derived(app.complete);
	let view = $state<View>('side');
	let chosenM = $state<number | null>(null);
	const depthM = $derived(Math.min(reading.bottomM, chosenM ?? (reading.fishFromM + reading.fishToM) / 2));
	/** The swatches follow in a task of their own, so that the pointer never waits for them. */
	const shownM = following(() => depthM, 0);
	const scene = $derived(sceneAt(reading, Math.min(reading.bottomM, shownM.value)));
	const water = $derived(css(waterRgb(scene)));
	/** Which of them stand level, and what is told beside them, follow once that hand rests, one after the other. */
	const groupM = following(() => depthM, 80);
	const rigM = following(() => depthM, 50);
	const figuresM = following(() => depthM, 140);
	const rigScene = $derived(sceneAt(reading, Math.min(reading.bottomM, rigM.value)));
	const besideScene = $derived(sceneAt(reading, Math.min(reading.bottomM, figuresM.value)));

	const levels = $derived(levelsOf(shownIn(sceneAt(reading, Math.min(reading.bottomM, groupM.value)), SKIRTS, view)));
	/** The color of each at the depth under the hand; how far it is seen there follows. */
	const here = $derived(new Map(SKIRTS.map((one) => [one, swatchRgb(one.target, scene)])));
	const REACH_WORDS = {
		farthest: 'Shows farthest',
		far: 'Far',
		middling: 'Medium',
		short: 'Only close up'
	} as const;
	const VIEW_WORDS = { side: 'from the side', below: 'from under it', above: 'from over it' } as const;

	/** The angler's own parts, those that still wait on this device too. */
	const box = $derived(app.sync.withWaiting('parts', data.own).map(({ record }) => record.part));

	/** What you have tied on, or called, part by part. */
	const rig = $derived(app.rig ?? app.shown?.calls[0]?.rig ?? null);
	let fixed = $state('white-chartreuse');
	const second = $derived.by(() => {
		const one = SKIRTS.find(({ colour }) => colour === fixed);
		return one ? besideBest(one, SKIRTS, besideScene).slice(0, 3) : [];
	});

	/** Metal blades: between the flashes, in them, and in the sun; silver plate beside nickel, hammered beside smooth. */
	const BLADES = [
		['nickel', false],
		['nickel', true],
		['silver', false],
		['gold', false],
		['copper', false]
	] as const;
	const blades = $derived(
		BLADES.flatMap(([finish, hammered]) =>
			look('blade', finish, hammered).map(({ target }) => ({
				name: `${hammered ? 'hammered ' : ''}${finish === 'silver' ? 'silver plate' : finish}`,
				looked: lookedAt(target, besideScene, 'side'),
				flash: flashOf(target, besideScene)
			}))
		)
	);
	const beam = $derived(reading.light === 'night' ? 'moon' : 'sun');
	const times = (contrast: number): string =>
		contrast + 1 < 10 ? (contrast + 1).toFixed(1) : String(Math.round(contrast + 1));

	const LADDER = ['white', 'chartreuse', 'orange', 'red-craw', 'green-pumpkin', 'black'];
	const ladder = LADDER.flatMap((colour) => look('skirt', colour));
	const RUNGS = 6;
	const rungs = $derived(
		Array.from({ length: RUNGS }, (_, at) =>
			sceneOfReading(reading, 0.1 + (at * (reading.bottomM - 0.1)) / (RUNGS - 1))
		)
	);

	/** What is left of blue, green and red light, by depth. */
	const LIGHTS = [
		[450, 'blue', [2, 3]],
		[540, 'green', []],
		[610, 'red', [7, 3]]
	] as const;
	const depthShown = $derived(unitsOf(app.units, 'depth'));
	/** The water's own, whatever depth is looked at: the chart is not drawn anew while that is slid. */
	const loss = $derived(sceneOfReading(reading, 0).loss);
	const left = $derived(
		LIGHTS.map(([nm, label, dash]): ChartLine => {
			const lost = loss[NM.indexOf(nm)]!;
			return {
				label,
				dash,
				points: Array.from({ length: 25 }, (_, at) => {
					const metres = (at / 24) * reading.bottomM;
					return { x: depthShown.show(metres), y: 100 * Math.exp(-lost * metres) };
				})
			};
		})
	);
	const percent = (share: number): string => (share < 0.01 ? `under ${percentText(0.01)}` : percentText(share));
	const thick = $derived((reading.stain === 'mud' || reading.stain === 'mixed') && reading.visibilityM < 0.6);
	const depth = (metres: number): string => withUnit(app.units, 'depth', metres);
</script>

<div class="screen">
	<div class="screen-title">
		<h1>How colors look in this water</h1>
		<Segment name="view" legend="From where" options={VIEWS} value={view} onvalue={(value) => (view = value as View)} />
		<span class="quiet flex-[1_1_14ch]">{VIEW_WORDS[view]}; left in your hand, right at that depth</span>
	</div>
	<div class="screen-main main px-16 pt-6 pb-12 phone:px-10">
		<div class="pb-4">
			<strong class="told">Depth {depth(depthM)}</strong>
			<Ruler
				scale={{ low: 0, high: depthShown.show(reading.bottomM) }}
				value={depthShown.show(depthM)}
				label="Depth shown"
				valueText={spokenFigure(app.units, 'depth', depthM)}
				step={0.1}
				onvalue={(value) => (chosenM = depthShown.read(value))}
			/>
			<p>
				{percent(rigScene.eye.share)} of the surface light is left. A white disc disappears at {depth(
					rigScene.water.discM
				)}.
				{#if rigScene.water.clamped}{spokenFirst(reading.stain)} water is never that clear: this shows the clearest.{/if}
			</p>
		</div>
		{#each levels as { reach, shown } (reach)}
			<section aria-label={REACH_WORDS[reach]}>
				<h2>{REACH_WORDS[reach]}</h2>
				<div class="grid grid-cols-[repeat(auto-fill,minmax(156px,1fr))] gap-6">
					{#each shown as one (one.id)}<Swatch shown={one} here={here.get(one.named)!} {water} />{/each}
				</div>
			</section>
		{/each}
		<Ladder scenes={rungs} named={ladder} {depth} />
	</div>
	<div class="screen-side side px-16 pt-6 pb-12 phone:px-10">
		{#if thick}
			<p class="notice">
				In this water nothing shows far, and bright and dark are close: the water itself looks bright from the side, so
				white gets lost in it. The model puts dark colors slightly ahead. Half of all anglers say white or chartreuse;
				see both views on Craft.
			</p>
		{/if}
		<section aria-label="What you have tied on">
			<h2>
				{rig
					? `The ${rigName(rig).toLowerCase()}${app.rig ? ', your current rig' : ', the first choice'}`
					: 'No rig yet'}
			</h2>
			<RigHere {rig} own={app.bench.build?.own} {box} {reading} depthM={Math.min(reading.bottomM, rigM.value)} {view} />
		</section>
		<section aria-label="A second color">
			<h2>Add a second color to</h2>
			<p class="leading-[1.7]">
				<select class="field" aria-label="First color" bind:value={fixed}>
					{#each SKIRTS as { colour } (colour)}<option value={colour}>{spoken(colour)}</option>{/each}
				</select>
				{#if (second[0]?.steps ?? 0) < 1}
					At fishing distance no second color can be told apart here.
				{:else}
					stands out most beside <strong>{second.map(({ named: one }) => spoken(one.colour)).join(', ')}</strong>.
				{/if}
			</p>
		</section>
		<section aria-label="Blades">
			<h2>Blades: between flashes, in them, in the {beam}</h2>
			<table class="listed text-s">
				<thead><tr><th>Blade</th><th>between</th><th>in a flash</th><th>{beam}</th></tr></thead>
				<tbody>
					{#each blades as { name, looked, flash } (name)}
						<tr>
							<th scope="row">{spokenFirst(name)}</th>
							<td>{times(looked.contrast)} ×</td>
							<td>{times(flash.contrast)} ×</td>
							<td
								>{flash.sunShare > 0 && flash.sunContrast > 1
									? `${times(flash.sunContrast)} ×, ${percentText(flash.sunShare, 1)}`
									: '–'}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="quiet">
				How many times brighter than the water behind it. The blade shows the sky overhead a sixth of the time; the
				share next to the {beam} is how often that flashes.
			</p>
		</section>
		<section aria-label="Light left">
			<h2>Light left, by depth</h2>
			<LineChart
				lines={left}
				x={{ title: `depth, ${depthShown.unit}`, min: 0, max: depthShown.show(reading.bottomM) }}
				left={{ title: '%', min: 0, max: 100 }}
				height={150}
			/>
			<p class="quiet">
				Dotted blue, full green, dashed red. At {depth(besideScene.depthM)}:
				{LIGHTS.map(([nm, word]) => `${word} ${percent(Math.exp(-loss[NM.indexOf(nm)]! * besideScene.depthM))}`).join(
					', '
				)}.
			</p>
		</section>
		<p class="quiet">
			A model: distances are within about ± 40 %, worse in tea-colored water and mud. Being seen is not being eaten.
		</p>
	</div>
</div>

<style>
	/* Figures that change with every pixel of the hand lay out nothing but themselves. */
	.told {
		contain: size layout style;
		display: block;
		height: 1.5em;
	}
	/* What changes while a depth is slid is laid out and painted apart from what does not. */
	.main > :global(*),
	.side > :global(*) {
		contain: layout style;
		isolation: isolate;
	}
	h2 {
		padding: 5px 0 3px;
	}
	.side section {
		padding-bottom: 4px;
	}
</style>
