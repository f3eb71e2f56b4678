<script lang="ts">
	import { getPosition } from 'suncalc';
	import { bandWithin } from '$lib/core/reading/band';
	import { windClass } from '$lib/core/reading/complete';
	import { suggestPhase } from '$lib/core/reading/phase';
	import { suggestStain } from '$lib/core/reading/complete';
	import type { ParsedReading } from '$lib/core/schema/reading';
	import { ANSWERS, EVENTS } from '$lib/core/schema/words';
	import { useApp } from '$lib/client/app.svelte';
	import Segment from '../parts/Segment.svelte';
	import { spoken } from '$lib/core/naming/spoken';
	import BandRow from './BandRow.svelte';
	import ChoiceRow from './ChoiceRow.svelte';
	import CoverRows from './CoverRows.svelte';
	import { CHOICES, FIGURES, type ChoiceKey, type FigureKey } from '$lib/forms/fields';
	import FigureRow from './FigureRow.svelte';
	import ForageRows from './ForageRows.svelte';

	interface Props {
		errors?: Readonly<Record<string, string>>;
		typed?: Readonly<Record<string, readonly string[]>>;
	}
	const { errors = {}, typed = {} }: Props = $props();
	const app = useApp();
	const SHORT_PHASES = { 'pre-spawn': 'pre', 'post-spawn': 'post', 'late-summer': 'late s.', 'late-fall': 'late f.' };
	const reading = $derived(app.reading);
	const phase = $derived(suggestPhase(reading));
	/** Height of the sun where and when the reading is taken, whole degrees; `null` without a place. */
	const sunDeg = $derived.by(() => {
		const water = app.spot?.water;
		if (!water) return null;
		return Math.round(getPosition(new Date(app.record.takenAt), water.latitude, water.longitude).altitude);
	});
	const rules = $derived(reading.rules ?? {});
	let wrongRules = $state<string | null>(null);

	const change = (patch: Partial<ParsedReading>, key: string): string | null => {
		const wind = patch.windMps === undefined ? {} : { wind: windClass(patch.windMps) };
		const band = patch.bottomM === undefined ? {} : bandWithin(app.complete, patch.bottomM);
		return app.change({ ...patch, ...wind, ...band }, key);
	};
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
		value={reading[key]}
		units={app.units}
		typed={typed[key]?.[0]}
		error={errors[key]}
		onvalue={change}
	>
		{#snippet aside()}
			{#if key === 'sunElevationDeg' && sunDeg !== null && reading.sunElevationDeg !== sunDeg}
				<button type="button" class="link" onclick={() => app.change({ sunElevationDeg: sunDeg })}>
					by place and time {sunDeg}°
				</button>
			{/if}
			{#if beside}
				<Segment
					name={beside}
					legend={CHOICES[beside].label}
					options={CHOICES[beside].options}
					value={reading[beside]}
					onvalue={choose(beside)}
				/>
			{/if}
		{/snippet}
	</FigureRow>
{/snippet}

{#snippet choice(key: ChoiceKey, suggested?: string, short?: Readonly<Record<string, string>>)}
	<ChoiceRow field={CHOICES[key]} value={reading[key]} {suggested} {short} onvalue={choose(key)} />
{/snippet}

<div class="season">
	{@render choice('phase', phase, SHORT_PHASES)}
	<p class="hint">
		{#if reading.phase === undefined}
			Suggested: {spoken(phase)}. Choose to set it by hand.
		{:else}
			Set by hand; suggested: {spoken(phase)}.
			<button type="button" class="link" onclick={() => app.change({ phase: undefined })}>Use the suggestion</button>
		{/if}
	</p>
</div>
{@render figure('waterTemperatureC', 'trend')}
{@render figure('visibilityM')}
{@render choice('stain', suggestStain(reading.visibilityM))}
{@render choice('sky')}
{@render choice('light')}
{@render figure('windMps', 'bank')}
{@render figure('bottomM')}
<BandRow {errors} {typed} onvalue={change} />
<CoverRows
	cover={reading.cover ?? []}
	units={app.units}
	{errors}
	onvalue={(cover, key) => app.change({ cover }, key)}
/>
<ForageRows forage={reading.forage ?? []} {errors} onvalue={(forage, key) => app.change({ forage }, key)} />
{@render choice('mood')}
{@render choice('pressure')}
{@render choice('species')}
{@render choice('goal')}
{@render choice('place')}
{@render choice('from')}
<h2 class="more">Further signs</h2>
{@render choice('wind')}
{@render figure('sunElevationDeg')}
{@render figure('moon')}
{@render choice('pressureTrend')}
{@render choice('current')}
{@render choice('level')}
{@render figure('dayLengthH')}
{@render choice('dayLength')}
{@render figure('castM')}
{@render choice('others')}
<fieldset class="list">
	<legend>Events</legend>
	<div class="checks">
		{#each EVENTS as event (event)}
			<label>
				<input
					type="checkbox"
					name="events"
					value={event}
					checked={reading.events?.includes(event)}
					onchange={(e) => toggle('events', event, e.currentTarget.checked)}
				/>
				{spoken(event)}
			</label>
		{/each}
	</div>
</fieldset>
<fieldset class="list">
	<legend>Answers</legend>
	<div class="checks">
		{#each ANSWERS as answer (answer)}
			<label>
				<input
					type="checkbox"
					name="answers"
					value={answer}
					checked={reading.answers?.includes(answer)}
					onchange={(e) => toggle('answers', answer, e.currentTarget.checked)}
				/>
				{spoken(answer)}
			</label>
		{/each}
	</div>
</fieldset>
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
	<p class="hint">Enter the rule of the water; the authority decides.</p>
</fieldset>

<style>
	.hint {
		padding: 2px 0 4px;
		color: var(--ink-2);
	}
	.more {
		margin-top: 14px;
		padding-bottom: 4px;
		border-bottom: 1px solid var(--ink);
	}
	.link {
		text-decoration: underline;
		cursor: pointer;
	}
	.season :global(.row) {
		border-bottom: 0;
	}
	.season {
		border-bottom: 1px solid var(--rule);
	}
	.season :global(.row) {
		flex-wrap: nowrap;
	}
	.season :global(.label) {
		min-width: 48px;
	}
	.season :global(.segment span) {
		padding-inline: 3px;
		font-size: 12px;
	}
	@media (width < 56rem) {
		.season :global(.row) {
			flex-wrap: wrap;
		}
	}
	.top {
		display: inline-flex;
		align-items: center;
		gap: 4px;
	}
</style>
