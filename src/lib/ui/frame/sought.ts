/** What can be found by its name, or by what is said of it. */
interface Findable {
	readonly name: string;
	readonly hint: string;
}

/** How well a thing is meant by what begins so: its name, a later word of that, a word of what is said of it. */
function rankOf({ name, hint }: Findable, text: string): number {
	const [called, said] = [name.toLowerCase(), hint.toLowerCase()];
	const hasWord = (words: string) => words.split(/[^\p{L}]+/u).some((word) => word.startsWith(text));
	if (called.startsWith(text)) return 0;
	if (hasWord(called)) return 1;
	if (hasWord(said)) return 2;
	return called.includes(text) || said.includes(text) ? 3 : Infinity;
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
