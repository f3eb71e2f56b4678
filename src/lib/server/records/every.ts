/** All that an asynchronous run of values gives. */
export async function everyRecord<T>(run: AsyncIterable<T>): Promise<T[]> {
	const found: T[] = [];
	for await (const one of run) found.push(one);
	return found;
}
