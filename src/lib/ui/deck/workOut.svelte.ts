import type { App } from '$lib/client/state/app.svelte';
import type { PlannedDay } from './planned.svelte';

const asking = (app: App, day: PlannedDay) => ({
	hours: day.placed.map(({ at, spot, reading }) => ({ at, spot, reading })),
	stances: app.views.stances,
	tray: day.tray
});

/** Keeps what a day is worth at its places up with what is planned, while the screen that asks is open. */
export function workOut(app: App, day: PlannedDay): void {
	$effect(() => {
		if (app.work)
			void day.solved.recall(
				app.work,
				$state.snapshot(day.spots).map(({ id }) => id)
			);
	});
	// As text: a plan that is told and heard again is the same plan, and nothing is asked anew.
	const asked = $derived(JSON.stringify(asking(app, day)));
	$effect(() => {
		const { hours, ...by } = JSON.parse(asked) as ReturnType<typeof asking>;
		if (app.work) void day.solved.judge(app.work, hours, by);
	});
}
