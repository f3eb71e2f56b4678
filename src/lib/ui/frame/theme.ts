import { browser } from '$app/environment';
import type { Theme } from '$lib/core/records/schemas';

/** Whether the screen is lit by the lamp: the chosen theme, or the system's where none was chosen. */
export function isLamp(theme: Theme | null | undefined): boolean {
	if (theme) return theme === 'lamp';
	return browser && matchMedia('(prefers-color-scheme: dark)').matches;
}
