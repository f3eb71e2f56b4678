<script lang="ts">
	import { GEAR, type Gear, type LandedShare } from '$lib/core/trips/proof/losses';
	import type { Hooked } from '$lib/core/trips/proof/view';
	import type { Hookset } from '$lib/core/foundation/schema/words';
	import { HOOK_WORDS, SET_WORDS } from '../tally/words';

	interface Props {
		hooked: readonly Hooked[];
		kept: Readonly<Record<Gear, readonly LandedShare[]>>;
		advice: string | null;
	}
	const { hooked, kept, advice }: Props = $props();
	let gear = $state<Gear>('rod action');
	const hundred = (share: number): string => String(Math.round(100 * share));
</script>

{#if hooked.length === 0}
	<p class="quiet pt-6 text-s">
		No fish logged with where it was hooked yet. Enter it on Tally when you land or lose one.
	</p>
{:else}
	<div class="abreast">
		<table class="listed">
			<thead><tr><th scope="col">Hook in</th><th scope="col">landed</th><th scope="col">lost</th></tr></thead>
			<tbody>
				{#each hooked as { hook, landed, lost } (hook)}
					<tr><th scope="row">{HOOK_WORDS[hook]}</th><td class="figure">{landed}</td><td class="figure">{lost}</td></tr>
				{/each}
			</tbody>
		</table>
		<div>
			<label class="flex items-center gap-8"
				>Landed, by
				<select class="field" bind:value={gear}>
					{#each GEAR as one (one)}<option value={one}>{one}</option>{/each}
				</select></label
			>
			<table class="listed">
				<thead>
					<tr
						><th scope="col">With</th><th scope="col">of hooked</th><th scope="col">in 100</th><th scope="col"
							>lost from</th
						></tr
					>
				</thead>
				<tbody>
					{#each kept[gear] as { value, count, of, from, to, lostFrom } (value)}
						<tr>
							<th scope="row">{gear === 'hookset' ? SET_WORDS[value as Hookset] : value}</th>
							<td class="figure">{count}/{of}</td>
							<td class="figure">{hundred(from)}–{hundred(to)}</td>
							<td>{lostFrom ? HOOK_WORDS[lostFrom] : '–'}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	</div>
	{#if advice}<p class="pt-6 text-s"><strong>{advice}</strong></p>{/if}
	<p class="quiet pt-6 text-s">
		Per 100 hooked (90 % range). {gear === 'hookset' ? 'Only fish with a logged hookset.' : ''}
	</p>
{/if}
