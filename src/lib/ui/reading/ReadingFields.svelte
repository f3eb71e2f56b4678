<script lang="ts">
	import { bandWithin } from '$lib/core/water/reading/band';
	import { windClass } from '$lib/core/water/reading/complete';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import { ANSWERS, EVENTS } from '$lib/core/foundation/schema/words';
	import { useApp } from '$lib/client/state/app.svelte';
	import { heldBack } from '../controls/following.svelte';
	import Segment from '../controls/Segment.svelte';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import BandRow from './BandRow.svelte';
	import ChoiceRow from './ChoiceRow.svelte';
	import CoverRows from './CoverRows.svelte';
	import { CHOICES, FIGURES, type ChoiceKey, type FigureKey } from '$lib/presentation/fields';
	import { provenance, type Provenance } from '$lib/presentation/provenance';
	import { withUnit } from '$lib/presentation/units';
	import FigureRow from './FigureRow.svelte';
	import Group from './Group.svelte';
	import SeasonRow from './SeasonRow.svelte';
	import ForageRows from './ForageRows.svelte';

	interface Props {
		errors?: Readonly<Record<string, string>>;
		typed?: Readonly<Record<string, readonly string[]>>;
	}
	const { errors = {}, typed = {} }: Props = $props();
	const app = useApp();
	const NOW = [
		'light',
		'wind',
		'sunElevationDeg',
		'moon',
		'pressureTrend',
		'current',
		'level',
		'shade',
		'dayLengthH',
		'dayLength'
	] as const;
	const SPOT = ['place', 'from', 'castM'] as const;
	const FISH = ['mood', 'pressure', 'species', 'others'] as const;
	const RULES = ['goal', 'rules.hooksMax', 'rules.pointsMax'] as const;
	/** What most of the call hangs on. */
	const COMMON = [
		'waterTemperatureC',
		'visibilityM',
		'stain',
		'sky',
		'windMps',
		'bottomM',
		'cover',
		'forage'
	] as const satisfies readonly (keyof ParsedReading)[];
	// While a hand moves something, only that and the section go with it.
	const held = heldBack(
		() => app.readingWhileDragged,
		() => app.dragPreview.busy
	);
	const shown = $derived(held.value);
	// Each by itself: what stays the same is not asked anew.
	const reading = $derived(shown.reading);
	const complete = $derived(shown.complete);
	const readCount = $derived(COMMON.filter((key) => as(key) === 'read').length);
	const isWrong = (keys: readonly string[]): boolean => keys.some((key) => errors[key] !== undefined);
	/** What every reading has is assumed until somebody enters it. */
	const as = (key: keyof ParsedReading): Provenance => {
		const how = provenance(key, reading, complete);
		return how === 'read' && !app.isSaid(key) ? 'assumed' : how;
	};

	/** What lies under a lid, in words: a value that is assumed in brackets, one that nobody knows left out. */
	function restOf(keys: readonly (ChoiceKey | FigureKey)[], also: readonly string[] = []): string {
		const words = keys.flatMap((key) => {
			const value = complete[key];
			if (value === undefined || as(key) === 'unread') return [];
			const isChoice = key in CHOICES;
			const label = (isChoice ? CHOICES[key as ChoiceKey] : FIGURES[key as FigureKey]).label.toLowerCase();
			const text = isChoice
				? spoken(String(value), key)
				: withUnit(app.units, FIGURES[key as FigureKey].measure, value as number);
			return [as(key) === 'read' ? `${label} ${text}` : `(${label} ${text})`];
		});
		return [...words, ...also.map((one) => spoken(one))].join(', ');
	}
	const rules = $derived(reading.rules ?? {});
	let wrongRules = $state<string | null>(null);
	const wishes = $derived.by(() => {
		const { hooksMax, pointsMax, leadAllowed } = rules;
		const limits = [
			hooksMax === undefined ? null : `at most ${hooksMax} hooks`,
			pointsMax === undefined ? null : `at most ${pointsMax} points`,
			leadAllowed === undefined ? null : leadAllowed ? 'lead allowed' : 'no lead'
		].filter((one) => one !== null);
		return `goal ${spoken(complete.goal)}; ${limits.length > 0 ? limits.join(', ') : 'no local rule entered'}`;
	});

	/** A change with what it brings along. */
	const all = (patch: Partial<ParsedReading>): Partial<ParsedReading> => {
		const wind = patch.windMps === undefined ? {} : { wind: windClass(patch.windMps) };
		const band = patch.bottomM === undefined ? {} : bandWithin(app.complete, patch.bottomM);
		return { ...patch, ...wind, ...band };
	};
	const change = (patch: Partial<ParsedReading>, key: string): string | null => app.change(all(patch), key);
	const choose = (key: ChoiceKey) => (value: string) => void app.change({ [key]: value }, key);

	function toggle(key: 'events' | 'answers', value: string, on: boolean) {
		const now: readonly string[] = reading[key] ?? [];
		app.change({ [key]: on ? [...now, value] : now.filter((one) => one !== value) }, key);
	}

	function rule(key: 'hooksMax' | 'pointsMax', text: string) {
		const figure = text.trim() === '' ? undefined : Number(text);
		const wrong = app.change({ rules: { ...rules, [key]: figure } }, `rules.${key}`);
		wrongRules = wrong && 'A whole number of one or more.';
	}

	function lead(value: string) {
		const leadAllowed = value === '' ? undefined : value === 'yes';
		app.change({ rules: { ...rules, leadAllowed } }, 'rules.leadAllowed');
	}
</script>

{#snippet figure(key: FigureKey, beside?: ChoiceKey)}
	<FigureRow
		field={FIGURES[key]}
		value={app.isSaid(key) || !FIGURES[key].required ? reading[key] : undefined}
		units={app.units}
		as={as(key)}
		assumed={complete[key]}
		typed={typed[key]?.[0]}
		error={errors[key]}
		moving={held.behind}
		onvalue={change}
		onmove={(patch, step) => app.move(all(patch), step)}
	>
		{#snippet aside()}
			{#if beside}
				<Segment
					name={beside}
					legend={CHOICES[beside].label}
					options={CHOICES[beside].options}
					value={reading[beside]}
					onvalue={choose(beside)}
				/>
			{:else if key === 'visibilityM'}
				{#await import('./DepthGuide.svelte') then { default: DepthGuide }}
					<DepthGuide
						units={app.units}
						stain={complete.stain}
						onvalue={(visibilityM) => change({ visibilityM }, 'measured')}
					/>
				{/await}
			{/if}
		{/snippet}
	</FigureRow>
{/snippet}

{#snippet choice(key: ChoiceKey, suggested: string | undefined = complete[key])}
	<ChoiceRow field={CHOICES[key]} value={reading[key]} as={as(key)} {suggested} onvalue={choose(key)} />
{/snippet}

{#snippet ticks(key: 'events' | 'answers', legend: string, options: readonly string[])}
	<fieldset class="list">
		<legend>{legend}</legend>
		<div class="checks">
			{#each options as option (option)}
				<label>
					<input
						type="checkbox"
						name={key}
						value={option}
						checked={(reading[key] as readonly string[] | undefined)?.includes(option)}
						onchange={(event) => toggle(key, option, event.currentTarget.checked)}
					/>
					{spoken(option)}
				</label>
			{/each}
		</div>
	</fieldset>
{/snippet}

<p class="phone-only phone:flex phone:items-center phone:gap-10 phone:px-0 phone:py-6 phone:text-ink-2">
	<progress class="h-6 flex-1 appearance-none border-0 bg-rule" max={COMMON.length} value={readCount}></progress>
	<span>{readCount} of {COMMON.length} entered{readCount < COMMON.length ? ', the rest assumed' : ''}</span>
</p>
<Group title="Now" rest={restOf(NOW, complete.events)} wrong={isWrong(NOW)}>
	<SeasonRow {...shown} />
	{@render figure('waterTemperatureC', 'trend')}
	{@render figure('visibilityM')}
	{@render choice('stain')}
	{@render choice('sky')}
	{@render figure('windMps')}
	{@render choice('bank')}
	{#snippet more()}
		{@render choice('light')}
		{@render choice('wind')}
		{@render figure('sunElevationDeg')}
		{@render figure('moon')}
		{@render choice('pressureTrend')}
		{@render choice('current')}
		{@render choice('level')}
		{@render choice('shade')}
		{@render figure('dayLengthH')}
		{@render choice('dayLength')}
		{@render ticks('events', 'Events', EVENTS)}
	{/snippet}
</Group>
<Group title="Spot" rest={restOf(SPOT)} wrong={isWrong(SPOT)}>
	{@render figure('bottomM')}
	<CoverRows
		cover={reading.cover ?? []}
		units={app.units}
		{errors}
		onvalue={(cover, key) => app.change({ cover }, key)}
	/>
	{#snippet more()}
		{@render choice('place')}
		{@render choice('from')}
		{@render figure('castM')}
	{/snippet}
</Group>
<Group title="Fish" rest={restOf(FISH, complete.answers)} wrong={isWrong(FISH)}>
	<BandRow {complete} {errors} {typed} onvalue={change} />
	<ForageRows forage={reading.forage ?? []} {errors} onvalue={(forage, key) => app.change({ forage }, key)} />
	{#snippet more()}
		{@render choice('mood')}
		{@render choice('pressure')}
		{@render choice('species')}
		{@render choice('others')}
		{@render ticks('answers', 'Answers', ANSWERS)}
	{/snippet}
</Group>
<Group title="Rules and wishes" rest={wishes} wrong={isWrong(RULES)}>
	{#snippet more()}
		{@render choice('goal')}
		<fieldset class="list" id="field-rules">
			<legend>Local rule</legend>
			<label class="top"
				>hooks<input
					class="field figure"
					name="rules.hooksMax"
					inputmode="numeric"
					value={rules.hooksMax ?? ''}
					aria-invalid={wrongRules ? 'true' : undefined}
					oninput={(e) => rule('hooksMax', e.currentTarget.value)}
				/></label
			>
			<label class="top"
				>points<input
					class="field figure"
					name="rules.pointsMax"
					inputmode="numeric"
					value={rules.pointsMax ?? ''}
					aria-invalid={wrongRules ? 'true' : undefined}
					oninput={(e) => rule('pointsMax', e.currentTarget.value)}
				/></label
			>
			<label class="top">
				lead
				<select
					class="field"
					name="rules.leadAllowed"
					value={rules.leadAllowed === undefined ? '' : rules.leadAllowed ? 'yes' : 'no'}
					onchange={(e) => lead(e.currentTarget.value)}
				>
					<option value="">not entered</option>
					<option value="yes" selected={rules.leadAllowed === true}>allowed</option>
					<option value="no" selected={rules.leadAllowed === false}>forbidden</option>
				</select>
			</label>
			{#if wrongRules ?? errors['rules.hooksMax'] ?? errors['rules.pointsMax']}
				<p class="wrong" role="alert">{wrongRules ?? 'A whole number of one or more.'}</p>
			{/if}
			<p class="pt-2 pb-4 text-ink-2">Enter the rule for this water; the authority decides.</p>
		</fieldset>
	{/snippet}
</Group>

<style>
	progress::-webkit-progress-bar {
		background: var(--rule);
	}
	progress::-webkit-progress-value {
		background: var(--ink);
	}
	progress::-moz-progress-bar {
		background: var(--ink);
	}
	.top {
		display: inline-flex;
		align-items: center;
		gap: 4px;
	}
</style>
