<script lang="ts">
	import { percentText } from '$lib/presentation/units';
	import FigureField from '../controls/FigureField.svelte';
	import { compound } from './edges';

	let percent = $state(5);
	let count = $state(5);
	let bites = $state(9);
	const { gain, luck } = $derived(compound(1 + percent / 100, count, bites));
	const asPercent = (share: number): string => (Number.isFinite(share) ? percentText(share) : 'all');
</script>

<section class="grid gap-4" aria-label="Small edges add up">
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
			>used <FigureField label="Times taken" value={count} low={0} high={20} whole onvalue={(one) => (count = one)}
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
		makes <strong class="figure">{gain.toFixed(2)}</strong> times the bites. One day’s luck alone changes them by
		<strong class="figure">± {asPercent(luck)}</strong>. {gain - 1 < luck
			? 'That is less than one day’s luck: you see it over a season, not in a day.'
			: 'That is more than one day’s luck.'}
	</p>
	<p class="quiet">This is your own assumption, not a result.</p>
</section>
