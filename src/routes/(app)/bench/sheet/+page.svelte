<script lang="ts">
	import { resolve } from '$app/paths';
	import { partsOf } from '$lib/core/rig/build/partsOf';
	import { describeBuild, partWords, slotWord } from '$lib/core/rig/build/partNames';
	import { buildSteps, cautionsOf, costOf, toolsOf } from '$lib/core/rig/bench/sheet';
	import { MODS } from '$lib/core/rig/bench/mods';
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { drawGeometry } from '$lib/core/rig/drawing/rigDrawing';
	import { rigGeometryOf } from '$lib/core/rig/geometry/rigGeometry';
	import { moneyText, convertUnitsInText, shownIn } from '$lib/presentation/units';
	import { useApp } from '$lib/client/state/app.svelte';
	import { BAR_MM, svgText } from '$lib/ui/rig/svgText';

	const app = useApp();
	const { bench } = app;

	const build = $derived(bench.build);
	const name = $derived(build ? bench.record?.name || rigName(build.rig) : '');
	const parts = $derived(build ? partsOf(build) : []);
	const steps = $derived(build ? buildSteps(build) : []);
	const cost = $derived(costOf(parts));
	const made = $derived(build ? MODS.filter((mod) => mod.fits(build.rig) && mod.done(build)) : []);
	const markup = $derived(
		build ? svgText({ ...drawGeometry(rigGeometryOf(build)), text: describeBuild(build) }, name) : ''
	);
	const size = $derived(shownIn(app.units, 'size'));
	const mass = $derived(shownIn(app.units, 'mass'));
	const figure = ({ show, digits }: typeof size, value: number | undefined): string =>
		value === undefined ? '' : show(value).toFixed(digits);
	const money = (value: number): string => moneyText(app.settings.currency, value, 0);
</script>

<article class="max-w-1100 px-16 pt-10 pb-24 print:max-w-none print:p-0 print:text-[#000]">
	{#if !build}
		<h1>Build sheet</h1>
		<p>You have no rig on Bench. <a href={resolve('/bench')}>Go to the bench</a></p>
	{:else}
		<header class="flex items-baseline gap-14 border-b border-b-ink pb-6 print:pb-[1mm] phone:flex-wrap">
			<h1>{name}</h1>
			<p class="flex-1">{rigName(build.rig)}, {ouncesText(build.rig.weightOz)} oz, drawn swimming to the left</p>
			<span class="flex gap-6 print:hidden">
				<a class="button" href={resolve('/bench')}>Back to the bench</a>
				<button class="button button-amber" onclick={() => window.print()}>Print</button>
			</span>
		</header>
		<div class="life overflow-x-auto px-0 py-10 print:overflow-visible print:py-[2mm]">
			<!-- Our own figures and colours; the name is escaped where the document is written. -->
			<!-- eslint-disable-next-line svelte/no-at-html-tags -->
			{@html markup}
			<p class="text-s text-ink-2">
				Life-size at 100 %: the bar is {BAR_MM} mm. Print at actual size, not fitted to the page.
			</p>
		</div>
		<div class="below grid grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] gap-20 text-s phone:grid-cols-[1fr]">
			<ol class="steps columns-2 gap-x-16 phone:columns-1" aria-label="Steps">
				{#each steps as step, at (step.title)}
					<li>
						<strong class="block"><span class="figure text-amber-ink">{at + 1}</span> {step.title}</strong>
						{convertUnitsInText(app.units, step.text)}
					</li>
				{/each}
				{#each made as mod (mod.id)}
					<li><strong class="block">{mod.title}</strong> {convertUnitsInText(app.units, mod.steps.join(' '))}</li>
				{/each}
			</ol>
			<div class="grid content-start gap-6">
				<table class="w-full border-collapse">
					<thead
						><tr><th scope="col">Part</th><th scope="col">{size.unit}</th><th scope="col">{mass.unit}</th></tr></thead
					>
					<tbody>
						{#each parts as placed (placed.slot)}
							<tr>
								<th scope="row">{slotWord(placed.slot, build)} <span>{partWords(placed, build)}</span></th>
								<td class="figure">{figure(size, placed.part.figures.lengthMm?.value)}</td>
								<td class="figure"
									>{placed.part.figures.massG ? figure(mass, placed.part.figures.massG.value * placed.count) : ''}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
				<p>
					<strong>Cost</strong>
					about {money(cost[0])} to {money(cost[1])}, without line, rod and reel.
				</p>
				<p><strong>Tools</strong> {toolsOf(steps).join(', ')}.</p>
				{#if build.notes}<p><strong>Notes</strong> {build.notes}</p>{/if}
				<ul aria-label="Cautions">
					{#each cautionsOf(steps) as caution (caution)}<li>{caution}</li>{/each}
					<li>Local rules on lead, hooks and points differ: the authority decides.</li>
				</ul>
			</div>
		</div>
	{/if}
</article>

<style>
	.life :global(svg) {
		background: #fff;
		max-width: none;
	}
	.steps li {
		break-inside: avoid;
		padding-bottom: 5px;
	}
	th {
		text-align: left;
		font-weight: 620;
	}
	td,
	th {
		padding: 1px 3px;
		border-bottom: 1px solid var(--rule);
	}
	tbody th span {
		font-weight: 450;
	}
	td,
	thead th + th {
		text-align: right;
	}
	ul li {
		padding-left: 8px;
		border-left: 3px solid var(--ink);
		margin-bottom: 3px;
	}
	@page {
		size: A4;
		margin: 9mm;
	}
	@media print {
		:global(html) {
			background: #fff;
		}
		.life p,
		.below {
			font-size: 7.6pt;
			line-height: 9.4pt;
		}
		/* A sheet of paper is narrower than most phones are taken for. */
		.below {
			grid-template-columns: 118mm 1fr;
			gap: 5mm;
		}
		.steps li {
			padding-bottom: 1mm;
		}
	}
</style>
