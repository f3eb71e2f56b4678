import pino from 'pino';
import { driverError } from '../db/driverError';

/** Frames of a stack, without the first line, which may quote what was stored. */
const framesOf = (stack = ''): string[] =>
	stack
		.split('\n')
		.filter((line) => line.trimStart().startsWith('at '))
		.slice(0, 8)
		.map((line) => line.trim());

/** An error without its text: a database's quotes the statement and the values of the angler's own. */
export function toldError(error: unknown): object {
	const { name, stack } = error instanceof Error ? error : {};
	const { errno, code } = driverError(error);
	return { name, ...(errno !== 0 && { errno }), ...(code && { code }), at: framesOf(stack) };
}

/** Structured log, one JSON object a line. Never hand it a cookie, a token or a reading's text. */
export const log = pino({
	level: process.env.LOG_LEVEL ?? 'info',
	base: { service: 'lucernal' },
	serializers: { err: toldError }
});

/**
 * Sends what packages print on the console to the log, so that every line is one JSON object. Only its kind goes on: such
 * text may quote statements or what anglers wrote.
 */
export function logConsole(): void {
	const told = (given: readonly unknown[]): object => {
		const error = given.find((one) => one instanceof Error);
		return error ? { err: error } : {};
	};
	console.error = (...given) => log.error(told(given), 'a package reported an error');
	console.warn = (...given) => log.warn(told(given), 'a package warned');
	for (const name of ['log', 'info'] as const) console[name] = (...given) => log.info({}, saidAtStart(given));
	console.debug = () => undefined;
	process.on('warning', (warning) => log.warn({ err: warning }, 'the runtime warned'));
}

/** The one line that the server prints for whoever starts it; everything else of others is not quoted. */
const saidAtStart = ([text]: readonly unknown[]): string =>
	typeof text === 'string' && text.startsWith('Listening on ') ? text : 'a package printed something';
