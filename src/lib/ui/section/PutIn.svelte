<script lang="ts">
	import { LIST_MAX } from '$lib/core/foundation/schema/limits';
	import { spoken, spokenFirst } from '$lib/core/foundation/labels/spoken';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Cover, Forage, ParsedReading } from '$lib/core/foundation/schema/reading';
	import { COVER_KINDS, FORAGE_KINDS } from '$lib/core/foundation/schema/words';
	import { coverWith, forageWith, withoutKind } from '$lib/presentation/addCover';
	import { withUnit } from '$lib/presentation/units';
	import type { Drawn } from './scene';

	interface Props {
		reading: Drawn;
		units: UnitSystem;
		onchange: (patch: Partial<ParsedReading>, key: string) => void;
	}
	const { reading, units, onchange }: Props = $props();
	const id = $props.id();
	const PLACEABLE = COVER_KINDS.filter((kind) => kind !== 'open');
	/** Room (px) that the list takes on the screen, so that it opens whole beside the finger. */
	const ROOM = { width: 330, height: 310 };
	let list: HTMLElement;
	let depthM = $state(0);

	/** Opens the list for a depth (m), beside a place on the screen (px). */
	export function openAt(atM: number, x: number, y: number) {
		depthM = Math.min(Math.max(0, atM), reading.bottomM);
		list.style.left = `${Math.max(8, Math.min(x, innerWidth - ROOM.width - 8))}px`;
		list.style.top = `${Math.max(8, Math.min(y, innerHeight - ROOM.height - 8))}px`;
		list.showPopover();
	}

	function toggleCover(kind: Cover['kind'], there: boolean) {
		const cover = there ? withoutKind(reading.cover, kind) : coverWith(reading, kind, depthM, reading.bottomM);
		if (cover) onchange({ cover }, '');
		list.hidePopover();
	}

	function toggleBait(kind: Forage['kind'], there: boolean) {
		const forage = there ? withoutKind(reading.forage, kind) : forageWith(reading, kind);
		if (forage) onchange({ forage }, '');
		list.hidePopover();
	}
</script>

{#snippet kinds<Kind extends string>(
	title: string,
	all: readonly Kind[],
	present: readonly { readonly kind: Kind }[],
	toggle: (kind: Kind, there: boolean) => void
)}
	<fieldset class="flex flex-wrap gap-4 pt-4">
		<legend class="text-ink-2">{title}</legend>
		{#each all as kind (kind)}
			{@const there = present.some((one) => one.kind === kind)}
			<button
				class="button"
				type="button"
				aria-pressed={there}
				aria-label="{there ? 'Remove' : 'Add'} {spoken(kind)}"
				disabled={!there && present.length >= LIST_MAX}
				onclick={() => toggle(kind, there)}>{there ? '−' : '+'} {spokenFirst(kind)}</button
			>
		{/each}
	</fieldset>
{/snippet}

<button
	class="button absolute right-48 bottom-30 bg-paper phone:right-8 phone:bottom-8"
	type="button"
	aria-haspopup="dialog"
	onclick={(event) => {
		const { left, top } = event.currentTarget.getBoundingClientRect();
		openAt((reading.fishFromM + reading.fishToM) / 2, left, top - ROOM.height);
	}}>+ cover, bait</button
>
<div
	class="choices fixed inset-auto max-h-[80vh] w-330 overflow-y-auto border border-ink bg-paper px-10 py-8 text-ink"
	popover="auto"
	role="dialog"
	aria-labelledby="put-{id}"
	bind:this={list}
>
	<p id="put-{id}"><strong>At {withUnit(units, 'depth', depthM)}</strong>: what is there?</p>
	{@render kinds('Cover with its top here', PLACEABLE, reading.cover, toggleCover)}
	{@render kinds('Bait', FORAGE_KINDS, reading.forage, toggleBait)}
</div>

<style>
	.choices .button[aria-pressed='true'] {
		border-color: var(--ink);
		background: var(--ink);
		color: var(--paper);
	}
	@media (width < 56rem) {
		/* Within the thumb's reach, wherever the finger pointed. */
		.choices {
			inset: auto 0 0 0 !important;
			width: 100%;
		}
	}
</style>
