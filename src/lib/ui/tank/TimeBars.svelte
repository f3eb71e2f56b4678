<script lang="ts">
	import { modelShare } from '$lib/presentation/units';
	import { stretchesOf, type Watched } from './moments';

	interface Props {
		watched: readonly Watched[];
	}
	const { watched }: Props = $props();
	const longest = $derived(Math.max(...watched.map(({ tow }) => tow.endS)));
	const id = $props.id();
</script>

<h2>One cast</h2>
{#each watched as { sign, tow, band } (sign)}
	<div class="flex items-center gap-8">
		<strong>{sign}</strong>
		<svg width="100%" height="14" aria-hidden="true">
			<defs>
				<pattern id="weed-{id}-{sign}" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
					<line x1="0" x2="0" y1="0" y2="6" stroke="var(--fail)" stroke-width="2" />
				</pattern>
			</defs>
			{#each stretchesOf(tow.samples, band) as { what, fromS, toS } (fromS)}
				<rect
					x="{(100 * fromS) / longest}%"
					width="{(100 * (toS - fromS)) / longest}%"
					y="1"
					height="12"
					class={what}
					fill={what === 'cover' ? `url(#weed-${id}-${sign})` : undefined}
				/>
			{/each}
			<rect x="0" y="1" width="{(100 * tow.endS) / longest}%" height="12" class="fill-none stroke-ink" />
		</svg>
	</div>
	<p class="pb-6">
		{#if band}In the strike zone{:else}On top{/if} for
		<span class="figure">{modelShare(tow.band?.distanceShare ?? 0)}</span> of the retrieve; {Math.round(tow.endS)} s in all{tow.covers.some(
			({ clearM }) => clearM === 0
		)
			? '; hatched: in the cover'
			: ''}.
	</p>
{/each}

<style>
	.in {
		fill: var(--pass);
	}
	.sinking,
	.out {
		fill: var(--paper);
	}
	.sinking {
		fill: var(--rule);
	}
</style>
