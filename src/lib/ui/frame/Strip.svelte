<script lang="ts">
	import { resolve } from '$app/paths';
	import { bladesText, lineText, ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { mainForageIn } from '$lib/core/water/reading/forage';
	import { PHASES, SKIES } from '$lib/core/foundation/schema/words';
	import { useApp } from '$lib/client/state/app.svelte';
	import { following } from '../controls/following.svelte';
	import Ruler from '../controls/Ruler.svelte';
	import { FIGURES } from '$lib/presentation/fields';
	import SmallRig from '../rig/SmallRig.svelte';
	import { figureText, shownIn, type Measure } from '$lib/presentation/units';
	import { spoken, spokenFirst } from '$lib/core/foundation/labels/spoken';

	const app = useApp();
	/** The strip repeats what is changed elsewhere: it comes after it, and never holds it up. */
	const RESTED_MS = 100;
	const rested = following(() => app.complete, RESTED_MS);
	const reading = $derived(rested.value);
	const build = $derived(app.bench.build);
	const rig = $derived(app.rig);
	const zone = $derived(app.zone);
	const when = $derived(
		new Intl.DateTimeFormat('en-GB', {
			weekday: 'short',
			day: 'numeric',
			month: 'short',
			hour: '2-digit',
			minute: '2-digit',
			timeZone: zone
		}).format(new Date(app.takenAt))
	);

	/** What a reading from scratch begins with: shown once it was entered. */
	const BEGUN_WITH = new Set<string>(['waterTemperatureC', 'visibilityM', 'bottomM']);
	const knows = (key: string): boolean => app.isSaid(key);
	const knowsFish = $derived(app.isSaid('fishFromM') || app.isSaid('fishToM'));

	interface Cell {
		readonly at: string;
		readonly label: string;
		readonly value: string;
		readonly unit: string;
		readonly note: string;
		readonly low: number;
		readonly high: number;
		readonly log?: boolean;
		readonly pointer: number | null;
		readonly to?: number;
	}

	function cell(key: keyof typeof FIGURES, note: string, label = FIGURES[key].label): Cell {
		const field = FIGURES[key];
		return figureCell(
			key,
			label,
			field.measure,
			field.scale,
			knows(key) || !BEGUN_WITH.has(key) ? (reading[key] ?? null) : null,
			note,
			field.log
		);
	}

	function figureCell(
		at: string,
		label: string,
		measure: Measure,
		scale: readonly [number, number],
		si: number | null,
		note: string,
		log?: boolean
	): Cell {
		const { show, unit } = shownIn(app.units, measure);
		return {
			at,
			label,
			value: si === null ? '–' : figureText(app.units, measure, si),
			unit: si === null ? '' : unit,
			note,
			low: show(scale[0]),
			high: show(scale[1]),
			...(log ? { log } : {}),
			pointer: si === null ? null : show(si)
		};
	}

	const cells = $derived.by((): Cell[] => {
		const { show, unit } = shownIn(app.units, 'depth');
		const fish = `${figureText(app.units, 'depth', reading.fishFromM)}–${figureText(app.units, 'depth', reading.fishToM)}`;
		const wordCell = (
			at: string,
			label: string,
			value: string,
			note: string,
			index: number | null,
			count: number
		): Cell => ({
			at,
			label,
			value,
			unit: '',
			note,
			low: 0,
			high: count - 1,
			pointer: index
		});
		return [
			wordCell(
				'phase',
				'Season',
				knows('waterTemperatureC') ? spokenFirst(reading.phase) : '–',
				'',
				knows('waterTemperatureC') ? PHASES.indexOf(reading.phase) : null,
				PHASES.length
			),
			cell('waterTemperatureC', knows('waterTemperatureC') ? spoken(reading.trend) : ''),
			cell('visibilityM', knows('visibilityM') ? spoken(reading.stain) : '', 'See down to'),
			wordCell(
				'sky',
				'Sky',
				knows('sky') ? spokenFirst(reading.sky) : '–',
				reading.light === 'day' ? '' : reading.light,
				knows('sky') ? SKIES.indexOf(reading.sky) : null,
				SKIES.length
			),
			cell('windMps', knows('windMps') || knows('wind') ? spoken(reading.wind) : '', 'Wind'),
			cell('bottomM', ''),
			{
				at: 'fishFromM',
				label: 'Fish',
				value: knowsFish ? fish : '–',
				unit: knowsFish ? unit : '',
				note: '',
				low: 0,
				high: show(Math.max(4, reading.bottomM)),
				pointer: knowsFish ? show(reading.fishFromM) : null,
				...(knowsFish ? { to: show(reading.fishToM) } : {})
			},
			figureCell(
				'forage',
				'Forage',
				'length',
				[0, 8],
				mainForageIn(reading),
				reading.forage[0] ? spoken(reading.forage[0].kind) : 'not entered'
			)
		];
	});
	/** A cell as a voice reads it: "Water: 17 °C, steady". */
	const spokenCell = ({ label, value, unit, note }: Cell): string =>
		`${label}: ${value === '–' ? 'not entered' : `${value}${unit ? ` ${unit}` : ''}`}${note ? `, ${note}` : ''}`;
</script>

<header
	class="strip grid h-66 grid-cols-[142px_1fr_306px] border-b border-ink max-[80rem]:grid-cols-[130px_1fr_240px] print:hidden phone:h-auto phone:grid-cols-[minmax(0,1fr)_minmax(0,0.9fr)]"
>
	<a
		class="flex flex-col overflow-hidden px-8 pt-5 whitespace-nowrap hover:bg-panel phone:px-10 phone:py-4"
		href={resolve('/water')}
	>
		<span class="quiet">{when}</span>
		<strong>{app.spot?.water.name ?? 'No water chosen'}</strong>
		<span class="quiet phone:hidden">{app.spot?.spot.name ?? app.record.name}</span>
	</a>
	<div
		class="cells flex min-w-0 phone:col-span-full phone:row-2 phone:overflow-x-auto phone:border-t phone:border-rule"
	>
		{#each cells as item (item.at)}
			<a class="cell" href="{resolve('/water')}#field-{item.at}" aria-label={spokenCell(item)}>
				<span class="quiet"
					>{item.label}{#if item.note}<span class="ml-5 text-ink max-[80rem]:hidden">{item.note}</span>{/if}</span
				>
				<span class={item.unit || item.value === '–' ? 'value figure' : 'value'}
					>{item.value}{#if item.unit}<span class="unit">{item.unit}</span>{/if}</span
				>
				<Ruler
					small
					scale={{ low: item.low, high: item.high, log: item.log }}
					value={item.pointer}
					to={item.to ?? null}
				/>
			</a>
		{/each}
	</div>
	<a
		class="flex items-center gap-12 overflow-hidden border-l-3 border-amber pr-10 pl-14 hover:bg-panel phone:gap-6 phone:px-6"
		href={resolve('/call')}
		aria-label="Current rig: {rig ? rigName(rig) : 'none yet'}"
	>
		{#if build}
			<span class="picture grid flex-[0_0_134px] place-items-center max-[80rem]:basis-84 phone:basis-58"
				><SmallRig {build} width={134} height={60} /></span
			>
		{/if}
		<span class="words flex min-w-0 flex-col text-xs leading-[1.2]">
			<strong class="text-m phone:truncate phone:text-s">{rig ? rigName(rig) : 'No rig yet'}</strong>
			{#if rig}
				<span class="truncate">{ouncesText(rig.weightOz)} oz, {bladesText(rig)}</span>
				<span class="truncate phone:hidden">{lineText(rig.line)}, {rig.reel.ratio}:1</span>
			{:else}
				<span class="truncate">Pick one on Call.</span>
			{/if}
		</span>
	</a>
</header>

<style>
	.strip {
		contain: layout paint style;
	}
	a {
		text-decoration: none;
	}
	.cell {
		display: flex;
		flex: 1 1 auto;
		flex-direction: column;
		justify-content: space-between;
		min-width: 56px;
		padding: 5px 8px 0;
		border-left: 1px solid var(--rule);
		overflow: hidden;
		white-space: nowrap;
	}
	.cell:hover {
		background: var(--panel);
	}
	/* The season's words are the longest: they are never cut. */
	.cell:first-child {
		flex-grow: 1.35;
		min-width: 7.4rem;
	}
	.quiet {
		font-size: var(--t-xs);
		color: var(--ink-2);
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.value {
		font-size: var(--t-l);
		font-weight: 640;
	}
	@media (width >= 56rem) {
		/* Blades are never cut: two of them take a second line. */
		.words {
			line-height: 1.2;
		}
		.words strong + span {
			white-space: normal;
		}
	}
	@media (width < 56rem) {
		.cell {
			flex: 0 0 auto;
			min-width: 92px;
			min-height: 46px;
			padding: 3px 8px 0;
		}
		.cell :global(.ruler) {
			display: none;
		}
		.picture :global(:is(.small-rig, svg)) {
			max-width: 58px;
			max-height: 40px;
		}
	}
	@media (width < 56rem) and (height < 30rem) {
		.cells {
			display: none;
		}
	}
</style>
