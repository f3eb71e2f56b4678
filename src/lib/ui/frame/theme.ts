import { MediaQuery } from 'svelte/reactivity';
import type { Theme } from '$lib/core/records/schemas';

const dark = new MediaQuery('(prefers-color-scheme: dark)', false);

/** Whether the screen is lit by the lamp: the chosen theme, or the system's where none was chosen, also when it changes. */
export function isLamp(theme: Theme | null | undefined): boolean {
	return theme ? theme === 'lamp' : dark.current;
}
