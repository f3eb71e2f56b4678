import type { App } from '$lib/client/app.svelte';
import type { PlannedDay } from './planned.svelte';

/** Keeps what a day is worth at its places up with what is planned, while the screen that asks is open. */
export function workOut(app: App, day: PlannedDay): void {
	$effect(() => {
		if (app.work)
			void day.solved.recall(
				app.work,
				$state.snapshot(day.spots).map(({ id }) => id)
			);
	});
	$effect(() => {
		const hours = day.placed.map(({ at, spot, reading }) => ({ at, spot, reading }));
		const asked = { stances: { ...app.stand.stances }, tray: day.tray };
		if (app.work) void day.solved.judge(app.work, $state.snapshot(hours) as typeof hours, asked);
	});
}
