<script lang="ts">
	import { surfacePath, type Frame } from './geometry';

	interface Props {
		frame: Frame;
		/** The bed's outline, from left to right. */
		bed: string;
		windMps: number;
	}
	const { frame, bed, windMps }: Props = $props();
	const id = $props.id();
</script>

<defs>
	<pattern id="silt-{id}" width="34" height="14" patternUnits="userSpaceOnUse">
		<path d="M2 4h9M20 4h5M9 11h12" stroke="#7d6b4b" stroke-width="1" />
	</pattern>
	<path id="bed-{id}" d="{bed}V{frame.height}H{frame.left}Z" />
</defs>
<use class="bed" href="#bed-{id}" />
<use href="#bed-{id}" fill="url(#silt-{id})" />
<path class="bed-line" d={bed} />
<path class="surface" d={surfacePath(frame, windMps)} />

<style>
	.bed {
		fill: var(--silt);
	}
	.bed-line {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.surface {
		fill: none;
		stroke: var(--cool);
		stroke-width: 2;
	}
</style>
