<script lang="ts">
	import type { Point } from '$lib/core/water/places/plane';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, shownIn, withUnit } from '$lib/presentation/units';
	import FigureField from '../controls/FigureField.svelte';
	import Segment from '../controls/Segment.svelte';
	import {
		canClose,
		closed,
		drawsLines,
		EMPTY,
		handlesOf,
		lineFault,
		moved,
		put,
		SHEETS_M,
		sheetFor,
		TOOLS,
		without,
		type At,
		type Drawing,
		type Tool
	} from './sheet';

	interface Props {
		/** What was drawn before; nothing for a blank sheet. */
		drawing: Drawing;
		/** How many spots the water has: new ones are numbered after them. */
		spots: number;
		units: UnitSystem;
		onsave: (drawing: Drawing) => Promise<void>;
		onclose: () => void;
	}
	const { drawing: before, spots, units, onsave, onclose }: Props = $props();
	// svelte-ignore state_referenced_locally
	let drawing = $state.raw<Drawing>(before ?? EMPTY);
	/** What Undo goes back to, the latest last. */
	let steps = $state.raw<readonly Drawing[]>([]);
	let tool = $state<Tool>('shore');
	let depthM = $state(2);
	// svelte-ignore state_referenced_locally
	let wideM = $state<number>(sheetFor(before));
	let said = $state('');
	let saving = $state(false);

	/** Room there is, px; the sheet is square. */
	let wide = $state(700);
	const high = $derived(Math.min(wide, 520));
	const scale = $derived(Math.min(wide, high) / wideM);
	const x = ({ eastM }: Point): number => wide / 2 + eastM * scale;
	const y = ({ northM }: Point): number => high / 2 - northM * scale;
	const path = (ring: readonly Point[]): string =>
		ring.map((at) => `${x(at).toFixed(1)},${y(at).toFixed(1)}`).join('L');
	/** More corners than this are a file's: they are drawn, and not taken hold of one by one. */
	const HANDLES_MAX = 160;
	const handles = $derived(handlesOf(drawing));

	function step(next: Drawing) {
		if (next === drawing) return;
		steps = [...steps, drawing];
		drawing = next;
		said = '';
	}
	function undo() {
		const last = steps.at(-1);
		if (!last) return;
		drawing = last;
		steps = steps.slice(0, -1);
		said = '';
	}
	const pointAt = (event: PointerEvent | MouseEvent): Point => {
		const box = svg.getBoundingClientRect();
		const [px, py] = [event.clientX - box.left, event.clientY - box.top];
		return { eastM: (px - wide / 2) / scale, northM: (high / 2 - py) / scale };
	};
	let svg: SVGSVGElement;
	const spotName = (): string => `Spot ${spots + drawing.spots.length + 1}`;
	const add = (at: Point) => step(put(drawing, tool, at, { depthM, name: spotName() }));
	/** Closes the open line and tells whether it could. */
	function close(): boolean {
		said = lineFault(drawing, tool) ?? '';
		if (!said) step(closed(drawing, tool));
		return !said;
	}

	/** What is being dragged, and the drawing before. */
	let held = $state.raw<{ readonly at: At; readonly from: Drawing } | null>(null);
	function grab(event: PointerEvent, at: At) {
		event.stopPropagation();
		svg.setPointerCapture(event.pointerId);
		held = { at, from: drawing };
	}
	function drag(event: PointerEvent) {
		if (held) drawing = moved(drawing, held.at, pointAt(event));
	}
	function drop() {
		if (held && held.from !== drawing) steps = [...steps, held.from];
		held = null;
	}
	function tap(event: MouseEvent) {
		if ((event.target as Element).closest('.handle')) return;
		add(pointAt(event));
	}

	/** Where the keyboard's cross is, m. */
	let cursor = $state<Point>({ eastM: 0, northM: 0 });
	const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, 1],
		ArrowDown: [0, -1]
	};
	const nudged = ({ eastM, northM }: Point, key: string, far: boolean): Point => {
		const [east, north] = ARROWS[key]!;
		const by = wideM / (far ? 10 : 100);
		return { eastM: eastM + east * by, northM: northM + north * by };
	};
	function onkeydown(event: KeyboardEvent) {
		if (event.key in ARROWS) cursor = nudged(cursor, event.key, event.shiftKey);
		else if (event.key === 'Enter' || event.key === ' ') add(cursor);
		else if (event.key === 'Backspace') undo();
		else return;
		event.preventDefault();
	}
	function onhandle(event: KeyboardEvent, at: At, point: Point) {
		if (event.key in ARROWS) step(moved(drawing, at, nudged(point, event.key, event.shiftKey)));
		else if (event.key === 'Delete' || event.key === 'Backspace') step(without(drawing, at));
		else return;
		event.preventDefault();
		event.stopPropagation();
	}
	const NAMES: Readonly<Record<At['of'], string>> = {
		shores: 'Shore point',
		growths: 'Weed or timber point',
		line: 'Point',
		soundings: 'Sounding',
		spots: 'Spot'
	};

	async function save() {
		if (drawing.line.length > 0 && !close()) return;
		saving = true;
		await onsave(drawing);
	}
	const depth = $derived(shownIn(units, 'depth'));
	const distance = $derived(shownIn(units, 'distance'));
</script>

<section class="grid grid-cols-1 gap-8 px-14 py-8" aria-labelledby="draw-sheet">
	<h2 id="draw-sheet">Draw the water</h2>
	<p class="text-s text-ink-2">
		{tool === 'shore'
			? 'Tap along the shore, then close it. An island is another line.'
			: tool === 'sounding'
				? 'Set the depth, then tap where it is that deep.'
				: tool === 'spot'
					? 'Tap where you fish from.'
					: `Tap around the ${tool}, then close it.`}
		Drag a point to move it; Delete removes it. Keyboard: arrows move the cross, Enter sets a point.
	</p>
	<div class="flex flex-wrap items-end gap-10">
		<Segment
			name="tool"
			legend="What you draw"
			options={TOOLS}
			value={tool}
			onvalue={(value) => {
				tool = value as Tool;
				said = '';
			}}
		/>
		{#if tool === 'sounding'}
			<label
				>Depth <FigureField
					label="Depth, {depth.spokenUnit}"
					value={figureText(units, 'depth', depthM)}
					low={0}
					high={Math.round(depth.show(60))}
					unit={depth.unit}
					onvalue={(figure) => (depthM = depth.read(figure))}>{depth.unit}</FigureField
				></label
			>
		{/if}
		<label class="grid text-s"
			>Sheet
			<select class="field" bind:value={wideM}>
				{#each SHEETS_M as one (one)}<option value={one}>{withUnit(units, 'distance', one)} across</option>{/each}
			</select></label
		>
		{#if drawsLines(tool)}<button class="button" type="button" disabled={!canClose(drawing)} onclick={close}
				>Close the line</button
			>{/if}
		<button class="button" type="button" disabled={steps.length === 0} onclick={undo}>Undo</button>
	</div>
	<div bind:clientWidth={wide}>
		<!-- The sheet is drawn on by pointer and by keys alike. -->
		<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
		<svg
			bind:this={svg}
			class="block touch-none border border-ink"
			width={wide}
			height={high}
			viewBox="0 0 {wide} {high}"
			role="application"
			aria-label="Sheet, {withUnit(units, 'distance', wideM)} across, north up"
			tabindex="0"
			onclick={tap}
			onpointermove={drag}
			onpointerup={drop}
			{onkeydown}
		>
			<path
				class="water stroke-ink stroke-[1.6]"
				fill-rule="evenodd"
				d={drawing.shores.map((ring) => `M${path(ring)}Z`).join('')}
			/>
			{#each drawing.growths as { kind, ring }, at (at)}
				<path class="grown stroke-ink-2" class:timber={kind === 'timber'} d="M{path(ring)}Z"><title>{kind}</title></path
				>
			{/each}
			{#if drawing.line.length > 0}<path class="fill-none stroke-amber-ink stroke-2" d="M{path(drawing.line)}" />{/if}
			{#each drawing.soundings as one, at (at)}
				<text class="text-s" x={x(one) + 9} y={y(one) + 4}>{figureText(units, 'depth', one.depthM)}</text>
			{/each}
			{#each drawing.spots as one, at (at)}
				<text class="text-s font-640" x={x(one) + 12} y={y(one) + 4}>{one.name}</text>
			{/each}
			{#if handles.length <= HANDLES_MAX}
				{#each handles as { at, point } (JSON.stringify(at))}
					<circle
						class="handle {at.of} cursor-move stroke-ink"
						cx={x(point)}
						cy={y(point)}
						r={at.of === 'spots' ? 9 : 6}
						role="button"
						tabindex="0"
						aria-label="{NAMES[at.of]} {at.point + 1}"
						onpointerdown={(event) => grab(event, at)}
						onkeydown={(event) => onhandle(event, at, point)}
					/>
				{/each}
			{/if}
			<path
				class="cross fill-none stroke-ink-2"
				d="M{x(cursor) - 8},{y(cursor)}h16M{x(cursor)},{y(cursor) - 8}v16"
				aria-hidden="true"
			/>
			<g transform="translate(16 {high - 16})" aria-hidden="true">
				<path class="fill-none stroke-ink stroke-[1.6]" d="M0,-5V0H{(wideM / 5) * scale}V-5" />
				<text class="text-s" x={((wideM / 5) * scale) / 2} y="-6" text-anchor="middle"
					>{figureText(units, 'distance', wideM / 5)} {distance.unit}</text
				>
			</g>
			<text class="text-s" x={wide - 18} y="20" text-anchor="middle" aria-hidden="true">N ↑</text>
		</svg>
	</div>
	<p role="status" class={said ? 'notice notice-fails' : 'sr-only'}>{said}</p>
	<p class="flex gap-8">
		<button class="button button-amber" type="button" disabled={saving || steps.length === 0} onclick={save}
			>Save</button
		>
		<button class="button" type="button" onclick={onclose}>Cancel</button>
	</p>
</section>

<style>
	.water {
		fill: color-mix(in srgb, var(--cool) 16%, var(--paper));
	}
	.grown {
		fill: color-mix(in srgb, var(--pass) 30%, transparent);
		stroke-dasharray: 5 3;
	}
	.grown.timber {
		fill: color-mix(in srgb, var(--ink) 14%, transparent);
	}
	.handle {
		fill: var(--paper);
		stroke-width: 1.5;
	}
	.handle.spots,
	.handle.line {
		fill: var(--amber);
	}
	.handle.soundings {
		fill: var(--cool);
	}
	.handle:focus-visible {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
	text {
		fill: var(--ink);
		pointer-events: none;
	}
	svg:not(:focus-visible) .cross {
		display: none;
	}
	@media (pointer: coarse) {
		.handle {
			stroke-width: 20;
			stroke: transparent;
			paint-order: stroke;
		}
	}
</style>
