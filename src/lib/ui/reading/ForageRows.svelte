<script lang="ts">
	import { LIST_MAX } from '$lib/core/foundation/schema/limits';
	import type { Forage } from '$lib/core/foundation/schema/reading';
	import { AMOUNTS, FORAGE_KINDS } from '$lib/core/foundation/schema/words';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import { baitOf } from '$lib/presentation/addCover';

	interface Props {
		forage: readonly Forage[];
		errors: Readonly<Record<string, string>>;
		onvalue: (forage: Forage[], key: string) => string | null;
	}
	const { forage, errors, onvalue }: Props = $props();
	let told = $state<Record<number, string | null>>({});
	/** What is being typed, so that it is not lost while it is refused. */
	let draft = $state<Record<number, string | undefined>>({});

	const edit = (index: number, patch: Partial<Forage>): string | null =>
		onvalue(
			forage.map((item, at) => (at === index ? { ...item, ...patch } : item)),
			`forage.${index}`
		);
	function remove(index: number) {
		[draft, told] = [{}, {}];
		onvalue(forage.toSpliced(index, 1), '');
	}
	function leave(index: number) {
		if (!told[index]) draft[index] = undefined;
	}
	const add = (kind: string) => onvalue([...forage, baitOf(kind as Forage['kind'])], '');

	function length(index: number, text: string) {
		draft[index] = text;
		const figure = Number(text.replace(',', '.'));
		const number = text.trim() !== '' && Number.isFinite(figure);
		told[index] = number ? (edit(index, { lengthIn: figure }) ? 'Between 0.2 and 14 in.' : null) : 'Enter a number.';
	}
</script>

<fieldset class="list" id="field-forage">
	<legend>Forage</legend>
	{#each forage as item, index (index)}
		{@const wrong = told[index] ?? errors[`forage.${index}.lengthIn`]}
		<div class="item">
			<select
				class="field kind"
				name="forage.{index}.kind"
				aria-label="Forage {index + 1}, kind"
				value={item.kind}
				onchange={(e) => edit(index, { kind: e.currentTarget.value as Forage['kind'] })}
			>
				{#each FORAGE_KINDS as kind (kind)}<option value={kind} selected={kind === item.kind}>{spoken(kind)}</option
					>{/each}
			</select>
			<label class="top"
				><input
					class="field figure"
					name="forage.{index}.lengthIn"
					inputmode="decimal"
					aria-label="Forage {index + 1}, length in inches"
					aria-invalid={wrong ? 'true' : undefined}
					value={draft[index] ?? item.lengthIn}
					oninput={(e) => length(index, e.currentTarget.value)}
					onblur={() => leave(index)}
				/><span class="unit">in</span></label
			>
			<select
				class="field"
				name="forage.{index}.amount"
				aria-label="Forage {index + 1}, amount"
				value={item.amount}
				onchange={(e) => edit(index, { amount: e.currentTarget.value as Forage['amount'] })}
			>
				{#each AMOUNTS as amount (amount)}<option value={amount} selected={amount === item.amount}>{amount}</option
					>{/each}
			</select>
			<button
				class="remove"
				type="button"
				aria-label="Remove forage {index + 1}, {spoken(item.kind)}"
				onclick={() => remove(index)}>×</button
			>
			{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
		</div>
	{/each}
	{#if forage.length < LIST_MAX}
		<select
			class="field add"
			name="forage.{forage.length}.kind"
			aria-label="Add forage"
			value=""
			onchange={(e) => {
				add(e.currentTarget.value);
				e.currentTarget.value = '';
			}}
		>
			<option value="">+ add forage</option>
			{#each FORAGE_KINDS as kind (kind)}<option value={kind}>{spoken(kind)}</option>{/each}
		</select>
	{/if}
</fieldset>
