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
