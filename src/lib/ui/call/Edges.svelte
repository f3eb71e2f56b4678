<script lang="ts">
	import { compound } from './edges';

	let percent = $state(5);
	let count = $state(5);
	let bites = $state(9);
	const { gain, luck } = $derived(compound(1 + (percent || 0) / 100, count || 0, bites || 0));
	const asPercent = (share: number): string => (Number.isFinite(share) ? `${Math.round(share * 100)} %` : 'all');
</script>

<section aria-label="Small edges compound">
	<div class="row">
		<label>An edge of <input class="field" type="number" min="0" max="100" bind:value={percent} /> %</label>
		<label>taken <input class="field" type="number" min="0" max="20" bind:value={count} /> times</label>
		<label>on a day of <input class="field" type="number" min="0" max="200" bind:value={bites} /> bites</label>
	</div>
	<p>
		makes <strong class="figure">{gain.toFixed(2)}</strong> times the bites; one day’s luck alone moves them by
		<strong class="figure">± {asPercent(luck)}</strong>. {gain - 1 < luck
			? 'Smaller than the luck of a day: a season shows it, a day does not.'
			: 'Larger than the luck of a day.'}
	</p>
	<p class="quiet">Your own assumption, not a finding.</p>
</section>

<style>
	section {
		display: grid;
		gap: 4px;
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 14px;
	}
	input {
		width: 58px;
	}
</style>
