<script lang="ts">
	import { resultsOfPlan, type PlannedHourResult, type PlannedHour } from '$lib/core/trips/proof/plannedHours';
	import { unpacked, type Packed } from '$lib/core/trips/proof/packed';

	interface Props {
		plan: readonly PlannedHour[];
		clock: (at: string) => string;
	}
	const { plan, clock }: Props = $props();
	let happened = $state.raw<readonly PlannedHourResult[] | null>(null);
	let away = $state(false);
	const fished = $derived(happened?.filter(({ casts }) => casts > 0) ?? []);
	const kept = $derived(fished.filter(({ asPlanned }) => asPlanned).length);
	const total = (of: (hour: PlannedHourResult) => number): number => fished.reduce((sum, hour) => sum + of(hour), 0);

	async function look() {
		away = false;
		const response = await fetch('/api/v1/facts').catch(() => null);
		if (!response?.ok) return void (away = true);
		happened = resultsOfPlan(plan, unpacked((await response.json()) as Packed));
	}
</script>

<details class="folded" ontoggle={({ currentTarget }) => currentTarget.open && look()}>
	<summary>How it went</summary>
	{#if away}<p class="notice">Your log can’t be loaded right now.</p>
	{:else if !happened}<p class="quiet" role="status">Loading your log …</p>
	{:else if fished.length === 0}<p class="quiet">Nothing was logged in these hours.</p>
	{:else}
		<p>
			{kept} of {fished.length}
			{fished.length === 1 ? 'hour' : 'hours'} fished as planned; {total(({ casts }) => casts)} casts, {total(
				({ strikes }) => strikes
			)} bites, {total(({ landed }) => landed)} landed.
		</p>
		<table class="listed">
			<thead>
				<tr>
					<th scope="col">Hour</th><th scope="col">casts</th><th scope="col">bites</th><th scope="col">landed</th>
					<th scope="col">as planned</th>
				</tr>
			</thead>
			<tbody>
				{#each fished as { at, casts, strikes, landed, asPlanned } (at)}
					<tr>
						<th scope="row" class="figure">{clock(at)}</th>
						<td class="figure">{casts}</td><td class="figure">{strikes}</td><td class="figure">{landed}</td>
						<td>{asPlanned ? 'yes' : 'no'}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</details>
