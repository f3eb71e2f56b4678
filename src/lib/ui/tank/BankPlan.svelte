<script lang="ts">
	import type { Approach } from '$lib/core/simulation/cast/approach';
	import { depthOutM, type Soundings } from '$lib/core/simulation/cast/soundings';
	import { stemsOf, type Fringe } from './reeds';

	interface Props {
		approaches: readonly Approach[];
		chosenDeg: number;
		bestDeg: number;
		/** Boat to bank, m. */
		outM: number;
		profile: Soundings;
		/** Depth (m) at the end of the soundings, as the reading says it. */
		bottomM: number;
		/** Where wind and sun come from, as angles of a cast; `null` for a calm, and for a sun that nobody knows. */
		windDeg: number | null;
		sunDeg: number | null;
		/** Where north is, as an angle of a cast; `null` where no spot says it. */
		northDeg: number | null;
		/** What stands along the bank. */
		fringe: Fringe | null;
		depth: (metres: number) => string;
		onchoose: (angleDeg: number) => void;
	}
	const {
		approaches,
		chosenDeg,
		bestDeg,
		outM,
		profile,
		bottomM,
		windDeg,
		sunDeg,
		northDeg,
		fringe,
		depth,
		onchoose
	}: Props = $props();

	/** The highest plan, its strip of bank, what is left under the boat at least, and what the signs there take, px. */
	const [HEIGHT, BANK, FOOT, ROOM] = [430, 36, 44, 112] as const;
	/** As wide as its place, so that its words stay readable on a phone. */
	let width = $state(860);
	const middle = $derived(width / 2);
	const reach = $derived(Math.max(1, ...approaches.map(({ castM }) => castM)));
	/** Pixels to the meter, the same both ways. */
	const scale = $derived(Math.min((middle - 20) / reach, (HEIGHT - BANK - FOOT) / outM));
	const boatY = $derived(BANK + outM * scale);
	/** No higher than what is drawn on it: a phone is narrow, and its plan small. */
	const height = $derived(Math.min(HEIGHT, boatY + ROOM));
	const most = $derived(Math.max(1e-9, ...approaches.map(({ zoneMPerH }) => zoneMPerH)));
	/** Lines of equal depth, every meter, by their distance from the bank. */
	const contours = $derived.by(() => {
		const found: { depthM: number; y: number }[] = [];
		for (let y = BANK; y < height; y += 2) {
			const depthM = depthOutM(profile, bottomM, (y - BANK) / scale);
			if (depthM >= found.length + 1) found.push({ depthM: found.length + 1, y });
		}
		return found;
	});

	const unit = (degrees: number): readonly [number, number] => {
		const turned = (degrees * Math.PI) / 180;
		return [-Math.cos(turned), -Math.sin(turned)];
	};
	/** A cast as a line that the wind bows to lee. */
	function pathOf({ angleDeg, castM, lineBowM }: Approach): string {
		const [dx, dy] = unit(angleDeg);
		const [x, y] = [middle + dx * castM * scale, boatY + dy * castM * scale];
		const [wx, wy] = windDeg === null ? [0, 0] : unit(windDeg);
		const [cx, cy] = [(middle + x) / 2 - 2 * lineBowM * scale * wx, (boatY + y) / 2 - 2 * lineBowM * scale * wy];
		return `M${middle},${boatY} Q${cx},${cy} ${x},${y}`;
	}
	const tipOf = ({ angleDeg, castM }: Approach): readonly [number, number] => {
		const [dx, dy] = unit(angleDeg);
		return [middle + dx * castM * scale, boatY + dy * castM * scale];
	};
	/** A stem as three blades from its foot, a pad as a leaf as large as its place lets it be; all of them are one path. */
	const leaf = $derived(Math.min(5, Math.max(2, 0.4 * scale)));
	const LOOKS = $derived({
		stems: 'l-2-6m2,6l0-8m0,8l2-6',
		pads: `m${-leaf},0a${leaf},${leaf * 0.6} 0 1,0 ${2 * leaf},0a${leaf},${leaf * 0.6} 0 1,0 ${-2 * leaf},0`
	});
	const stems = $derived(
		fringe
			? stemsOf(fringe, profile, middle / scale, windDeg)
					.map(({ alongM, outM: from }) => `M${middle + alongM * scale},${BANK + from * scale}${LOOKS[fringe]}`)
					.join('')
			: ''
	);
	const NAMES = { stems: 'reeds', pads: 'pads' } as const;
	let svg: SVGSVGElement;
	let turning = $state(false);

	/** Turns the cast to where the pointer is. */
	function turn(event: PointerEvent) {
		const box = svg.getBoundingClientRect();
		const [x, y] = [
			((event.clientX - box.left) / box.width) * width,
			((event.clientY - box.top) / box.height) * height
		];
		const angle = (Math.atan2(boatY - y, middle - x) * 180) / Math.PI;
		const held = angle < -90 ? 180 : Math.min(180, Math.max(0, angle));
		const nearest = approaches.reduce((best, one) =>
			Math.abs(one.angleDeg - held) < Math.abs(best.angleDeg - held) ? one : best
		);
		if (nearest.angleDeg !== chosenDeg) onchoose(nearest.angleDeg);
	}
	const arrow = $derived(windDeg === null ? null : unit(windDeg));
	const sign = $derived({ x: width - 58, y: height - 62, r: 34 });
</script>

<div bind:clientWidth={width}>
	<svg
		bind:this={svg}
		viewBox="0 0 {width} {height}"
		role="img"
		aria-label="Plan of bank, boat and casts"
		onpointerdown={(event) => {
			turning = true;
			(event.currentTarget as Element).setPointerCapture(event.pointerId);
			turn(event);
		}}
		onpointermove={(event) => turning && turn(event)}
		onpointerup={() => (turning = false)}
		onpointercancel={() => (turning = false)}
	>
		<defs>
			<pattern id="earth" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
				<line x1="0" y1="0" x2="0" y2="6" stroke="var(--rule-2)" stroke-width="1.5" />
			</pattern>
			<marker
				id="head"
				viewBox="0 0 8 8"
				refX="6"
				refY="4"
				markerWidth="7"
				markerHeight="7"
				orient="auto-start-reverse"
			>
				<path d="M0,0 L8,4 L0,8 Z" fill="var(--ink)" />
			</marker>
		</defs>
		<rect {width} height={BANK} fill="url(#earth)" />
		<line x1="0" x2={width} y1={BANK} y2={BANK} stroke="var(--ink)" stroke-width="1.5" />
		<text x="10" y="22" class="on-earth">bank</text>
		{#each contours as { depthM, y } (depthM)}
			<line x1="0" x2={width} y1={y} y2={y} stroke="var(--rule-2)" stroke-dasharray="2 5" />
			<text x="8" y={y - 3}>{depth(depthM)}</text>
		{/each}
		{#if fringe && stems}
			<path d={stems} class="stems" />
			<text x={width - 10} y="22" text-anchor="end" class="on-earth"
				>{NAMES[fringe]}{windDeg === null ? '' : ': their lanes run with the wind'}</text
			>
		{/if}
		{#each approaches as one (one.angleDeg)}
			<path
				d={pathOf(one)}
				fill="none"
				stroke={one.angleDeg === chosenDeg ? 'var(--amber)' : 'var(--ink-2)'}
				stroke-width={one.angleDeg === chosenDeg ? 5 : 0.6 + 2.4 * (one.zoneMPerH / most)}
				stroke-dasharray={one.angleDeg === bestDeg || one.angleDeg === chosenDeg ? undefined : '7 4'}
			/>
			{@const [x, y] = tipOf(one)}
			<circle
				cx={x}
				cy={y}
				r={one.angleDeg === chosenDeg ? 8 : 3}
				class="end fill-ink-2"
				class:chosen={one.angleDeg === chosenDeg}
			/>
		{/each}
		<path
			d="M{middle - 26},{boatY - 8} h38 q16,0 16,8 q0,8 -16,8 h-38 q-8,-8 0,-16 Z"
			fill="var(--paper)"
			stroke="var(--ink)"
			stroke-width="1.6"
		/>
		<text x={middle} y={boatY + 26} text-anchor="middle">boat, {depth(depthOutM(profile, bottomM, outM))} under it</text
		>
		<g transform="translate({sign.x} {sign.y})">
			<circle r={sign.r} fill="var(--paper)" stroke="var(--rule-2)" />
			{#if arrow}
				<line
					x1={arrow[0] * (sign.r - 2)}
					y1={arrow[1] * (sign.r - 2)}
					x2={-arrow[0] * (sign.r - 10)}
					y2={-arrow[1] * (sign.r - 10)}
					stroke="var(--ink)"
					stroke-width="2.4"
					marker-end="url(#head)"
				/>
			{/if}
			{#if sunDeg !== null}
				{@const [x, y] = unit(sunDeg)}
				<circle cx={x * sign.r} cy={y * sign.r} r="7" fill="var(--amber)" stroke="var(--ink)" />
			{/if}
			{#if northDeg !== null}
				{@const [x, y] = unit(northDeg)}
				<text x={x * (sign.r + 13)} y={y * (sign.r + 13) + 4} text-anchor="middle">N</text>
			{/if}
			<text y={sign.r + 20} text-anchor="middle">{arrow ? 'wind' : 'calm'}{sunDeg === null ? '' : ', sun'}</text>
		</g>
	</svg>
</div>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		touch-action: pan-y;
		cursor: crosshair;
	}
	text {
		font-size: 13px;
		fill: var(--ink-2);
	}
	.on-earth {
		font-size: 13px;
		font-weight: 640;
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 5px;
	}
	.stems {
		fill: none;
		stroke: #6f8a3c;
		stroke-width: 1.2;
	}
	.end.chosen {
		fill: var(--amber);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
</style>
