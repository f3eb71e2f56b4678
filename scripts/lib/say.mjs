/** One plain line to the person at the terminal. */
export const say = (line) => console.log(`lucernal: ${line}`);

/** Ends with a clear line and a status that says failure. */
export function stop(line) {
	console.error(`lucernal: ${line}`);
	process.exit(1);
}
