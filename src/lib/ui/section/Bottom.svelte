<script lang="ts">
	import { pathText } from '../parts/pathText';
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
</defs>
<path class="bed" d="{bed}V{frame.height}H{frame.left}Z" />
<path fill="url(#silt-{id})" d="{bed}V{frame.height}H{frame.left}Z" />
<path class="bed-line" d={bed} />
<path class="surface" d={pathText(surfacePath(frame, windMps))} />

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
