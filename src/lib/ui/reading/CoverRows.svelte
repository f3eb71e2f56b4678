<script lang="ts">
	import { COVER_TOP_M, LIST_MAX } from '$lib/core/foundation/schema/limits';
	import type { Cover } from '$lib/core/foundation/schema/reading';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { COVER_FORMS, COVER_KINDS, DENSITIES } from '$lib/core/foundation/schema/words';
	import { coverOf } from '$lib/presentation/addCover';
	import { betweenMessage } from '$lib/presentation/ranges';
	import { typedFigure } from '$lib/presentation/typed';
	import { figureText, shownIn } from '$lib/presentation/units';
	import { spoken } from '$lib/core/foundation/labels/spoken';

	interface Props {
		cover: readonly Cover[];
		units: UnitSystem;
		errors: Readonly<Record<string, string>>;
		onvalue: (cover: Cover[], key: string) => string | null;
	}
	const { cover, units, errors, onvalue }: Props = $props();
	const shown = $derived(shownIn(units, 'depth'));
	let told = $state<Record<number, string | null>>({});
	/** What is being typed, so that it is not rounded under the hand. */
	let draft = $state<Record<number, string | undefined>>({});

	const edit = (index: number, patch: Partial<Cover>): string | null =>
		onvalue(
			cover.map((item, at) => (at === index ? { ...item, ...patch } : item)),
			`cover.${index}`
		);
	function remove(index: number) {
		[draft, told] = [{}, {}];
		onvalue(cover.toSpliced(index, 1), '');
	}

	function leave(index: number) {
		if (!told[index]) draft[index] = undefined;
	}

	const add = (kind: string) => onvalue([...cover, coverOf(kind as Cover['kind'], 0)], '');

	function top(index: number, text: string) {
		draft[index] = text;
		const topM = shown.read(typedFigure(text));
		if (Number.isNaN(topM)) told[index] = 'Enter a number.';
		else told[index] = edit(index, { topM }) && betweenMessage(COVER_TOP_M, 'depth', units);
	}
</script>

<fieldset class="list" id="field-cover">
	<legend>Cover</legend>
	{#each cover as item, index (index)}
		{@const wrong = told[index] ?? errors[`cover.${index}.topM`]}
		<div class="item">
			<select
				class="field kind"
				name="cover.{index}.kind"
				aria-label="Cover {index + 1}, kind"
				value={item.kind}
				onchange={(e) => edit(index, { kind: e.currentTarget.value as Cover['kind'] })}
			>
				{#each COVER_KINDS as kind (kind)}<option value={kind} selected={kind === item.kind}
						>{spoken(kind, 'cover')}</option
					>{/each}
			</select>
			<select
				class="field"
				name="cover.{index}.density"
				aria-label="Cover {index + 1}, density"
				value={item.density}
				onchange={(e) => edit(index, { density: e.currentTarget.value as Cover['density'] })}
			>
				{#each DENSITIES as density (density)}<option value={density} selected={density === item.density}
						>{density}</option
					>{/each}
			</select>
			<select
				class="field"
				name="cover.{index}.form"
				aria-label="Cover {index + 1}, form"
				value={item.form}
				onchange={(e) => edit(index, { form: e.currentTarget.value as Cover['form'] })}
			>
				{#each COVER_FORMS as form (form)}<option value={form} selected={form === item.form}>{form}</option>{/each}
			</select>
			<label class="top" title="top, below the surface"
				><input
					class="field figure"
					name="cover.{index}.topM"
					inputmode="decimal"
					aria-label="Cover {index + 1}, top below the surface"
					aria-invalid={wrong ? 'true' : undefined}
					value={draft[index] ?? figureText(units, 'depth', item.topM)}
					oninput={(e) => top(index, e.currentTarget.value)}
					onblur={() => leave(index)}
				/><span class="unit">{shown.unit}</span></label
			>
			<button
				class="remove"
				type="button"
				aria-label="Remove cover {index + 1}, {spoken(item.kind, 'cover')}"
				onclick={() => remove(index)}>×</button
			>
			{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
		</div>
	{/each}
	{#if cover.length < LIST_MAX}
		<select
			class="field add"
			name="cover.{cover.length}.kind"
			aria-label="Add cover"
			value=""
			onchange={(e) => {
				add(e.currentTarget.value);
				e.currentTarget.value = '';
			}}
		>
			<option value="">+ add cover</option>
			{#each COVER_KINDS as kind (kind)}<option value={kind}>{spoken(kind, 'cover')}</option>{/each}
		</select>
	{/if}
</fieldset>
