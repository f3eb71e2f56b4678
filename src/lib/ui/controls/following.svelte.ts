import { untrack } from 'svelte';

/**
 * A value that comes after another once that has rested, so that what hangs on it never holds up the hand that moves it.
 *
 * @param of What it follows; to be called while a component is made.
 * @param afterMs How long that rests first.
 */
export function following<T>(of: () => T, afterMs: number): { readonly value: T } {
	let value = $state.raw(of());
	$effect(() => {
		const next = of();
		const later = setTimeout(() => (value = next), afterMs);
		return () => clearTimeout(later);
	});
	return {
		get value() {
			return value;
		}
	};
}

/**
 * A value that goes along with another at once, but stays as it is while a hand is busy elsewhere, and comes right after
 * that, in a task of its own.
 *
 * @param busy Whether it is.
 */
export function heldBack<T>(of: () => T, busy: () => boolean): { readonly value: T; readonly behind: boolean } {
	let last = $state.raw(of());
	let behind = $state.raw(busy());
	$effect(() => {
		const next = of();
		if (busy()) {
			behind = true;
			return;
		}
		const come = () => {
			last = next;
			behind = false;
		};
		if (!untrack(() => behind)) return come();
		const later = setTimeout(come);
		return () => clearTimeout(later);
	});
	return {
		get behind() {
			return behind || busy();
		},
		get value() {
			return behind || busy() ? last : of();
		}
	};
}
