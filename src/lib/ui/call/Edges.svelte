<script lang="ts">
	import FigureField from '../controls/FigureField.svelte';
	import { compound } from './edges';

	let percent = $state(5);
	let count = $state(5);
	let bites = $state(9);
	const { gain, luck } = $derived(compound(1 + percent / 100, count, bites));
	const asPercent = (share: number): string => (Number.isFinite(share) ? `${Math.round(share * 100)} %` : 'all');
</script>

<section class="grid gap-4" aria-label="Small edges compound">
	<div class="flex flex-wrap gap-x-14 gap-y-6">
		<span
			>An edge of <FigureField
				label="Edge, percent"
				value={percent}
				low={0}
				high={100}
				onvalue={(one) => (percent = one)}>%</FigureField
			></span
		>
		<span
			>taken <FigureField label="Times taken" value={count} low={0} high={20} whole onvalue={(one) => (count = one)}
				>times</FigureField
			></span
		>
		<span
			>on a day of <FigureField
				label="Bites a day"
				value={bites}
				low={0}
				high={200}
				whole
				onvalue={(one) => (bites = one)}>bites</FigureField
			></span
		>
	</div>
	<p>
		makes <strong class="figure">{gain.toFixed(2)}</strong> times the bites; one day’s luck alone moves them by
		<strong class="figure">± {asPercent(luck)}</strong>. {gain - 1 < luck
			? 'Smaller than the luck of a day: a season shows it, a day does not.'
			: 'Larger than the luck of a day.'}
	</p>
	<p class="quiet">Your own assumption, not a finding.</p>
</section>
