/** What can be found by its name, or by what is said of it. */
interface Findable {
	readonly name: string;
	readonly hint: string;
}

/** How well a thing is meant by the beginning of a word: by its name, by a later word of that, by what is said of it. */
function rankOf({ name, hint }: Findable, text: string): number {
	const [first, ...later] = name.toLowerCase().split(/\s+/);
	if (first!.startsWith(text)) return 0;
	if (later.some((word) => word.startsWith(text)) || name.toLowerCase().startsWith(text)) return 1;
	const said = hint.toLowerCase();
	if (said.split(/[^\p{L}]+/u).some((word) => word.startsWith(text))) return 2;
	return said.includes(text) || name.toLowerCase().includes(text) ? 3 : Infinity;
}

/** What a typed text means, what is meant most likely first; all of it, as it stands, while nothing is typed. */
export function soughtIn<T extends Findable>(things: readonly T[], typed: string): T[] {
	const text = typed.trim().toLowerCase();
	if (text === '') return [...things];
	return things
		.map((thing) => ({ thing, rank: rankOf(thing, text) }))
		.filter(({ rank }) => rank < Infinity)
		.sort((a, b) => a.rank - b.rank)
		.map(({ thing }) => thing);
}
