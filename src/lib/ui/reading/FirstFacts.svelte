<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import { FACTS_NEEDED, FIRST_FACTS, type FirstFact } from '$lib/core/water/reading/firstFacts';

	/** What a reading from scratch still wants, in the order in which anglers look. */
	const app = useApp();
	const ASKS: Readonly<Record<FirstFact, readonly [name: string, hint: string]>> = {
		temperature: ['Water temperature', 'Hold a thermometer a foot down, or read the sonar.'],
		visibility: ['How far you can see down', 'Lower a white lure until it is gone.'],
		depth: ['Depth where you cast', 'Sonar, or count a falling lure.'],
		cover: ['Cover', 'Weed, wood, pads, rock: anything fish hide in.'],
		sky: ['Sky', 'Sun, broken clouds, overcast or dark.'],
		wind: ['Wind', 'Calm, ripple, chop or heavy.'],
		fish: ['Where the fish are', 'From and to, below the surface. A guess is fine.']
	};
	const said = $derived(app.factsSaid);
	const left = $derived(FACTS_NEEDED - said.length);

	function go(event: MouseEvent, field: string) {
		const target = document.getElementById(`field-${field}`);
		if (!target) return;
		event.preventDefault();
		target.scrollIntoView({ block: 'center' });
		const control = target.matches('input, select, button') ? target : target.querySelector('input, select, button');
		(control as HTMLElement | null)?.focus();
	}
</script>

<section aria-labelledby="first-facts">
	<h2 id="first-facts">What do you see?</h2>
	<p class="py-4" role="status">
		{left === FACTS_NEEDED ? 'Enter any three of these' : left === 1 ? 'One more' : `${left} more`}, and you get your
		first call. Everything else is assumed until you enter it.
	</p>
	<ol class="grid grid-cols-[1fr_1fr_1fr] gap-x-14 phone:grid-cols-[1fr]">
		{#each FIRST_FACTS as { fact, field } (fact)}
			<!-- A shortcut for the pointer: by the keyboard the fields themselves come next. -->
			{@const isSaid = said.includes(fact)}
			<li>
				<a
					class="fact flex min-h-44 items-center gap-8 border-b border-rule py-4"
					href="#field-{field}"
					tabindex="-1"
					onclick={(e) => go(e, field)}
				>
					<span class="box" class:said={isSaid} aria-hidden="true">{isSaid ? '✓' : ''}</span>
					<span class="min-w-0"
						><strong>{ASKS[fact][0]}</strong><span class="sr-only">{isSaid ? ', entered' : ', not entered'}</span><br
						/><span class="quiet">{ASKS[fact][1]}</span></span
					>
				</a>
			</li>
		{/each}
	</ol>
</section>

<style>
	.fact {
		text-decoration: none;
	}
	.fact:hover {
		background: var(--panel);
	}
	.box {
		flex: none;
		display: grid;
		place-items: center;
		width: 22px;
		height: 22px;
		border: 1.5px solid var(--ink-2);
		border-radius: 3px;
		font-weight: 680;
	}
	.said {
		background: var(--amber);
		border-color: var(--amber);
		color: var(--on-amber);
	}
</style>
