/** Things of a list whose text holds every word that is looked for, in their order. */
export function narrowed<T>(items: readonly T[], find: string, textOf: (item: T) => string): T[] {
	const words = find.toLowerCase().split(/\s+/).filter(Boolean);
	return items.filter((item) => {
		const text = textOf(item).toLowerCase();
		return words.every((word) => text.includes(word));
	});
}

/** A stretch of a list under a heading. */
export interface Stretch<T> {
	readonly title: string;
	readonly items: readonly T[];
}

/** A list in stretches, in the order in which their first things come; those without a title stand last. */
export function grouped<T>(items: readonly T[], titleOf: (item: T) => string): Stretch<T>[] {
	const stretches = new Map<string, T[]>();
	for (const item of items) {
		const title = titleOf(item);
		stretches.set(title, [...(stretches.get(title) ?? []), item]);
	}
	const all = [...stretches].map(([title, held]) => ({ title, items: held }));
	return [...all.filter(({ title }) => title !== ''), ...all.filter(({ title }) => title === '')];
}
