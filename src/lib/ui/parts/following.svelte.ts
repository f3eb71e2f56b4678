import { untrack } from 'svelte';

/**
 * A value that comes after another once that has rested, so that what hangs on it never holds up the hand that moves it.
 *
 * @param of What it follows; to be called while a component is made.
 * @param afterMs How long that rests first.
 * @param away Whether the hand is elsewhere; where it is not, and all that it did there has come, it follows at once.
 */
export function following<T>(of: () => T, afterMs: number, away = () => true): { readonly value: T } {
	let rested = $state.raw(of());
	let behind = $state.raw(away());
	$effect(() => {
		const next = of();
		const stays = away();
		if (stays) behind = true;
		if (!untrack(() => behind)) {
			rested = next;
			return;
		}
		const later = setTimeout(() => {
			rested = next;
			behind = stays;
		}, afterMs);
		return () => clearTimeout(later);
	});
	return {
		get value() {
			return behind || away() ? rested : of();
		}
	};
}
