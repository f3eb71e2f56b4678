import pino from 'pino';

/** Frames of a stack, without the first line, which may quote what was stored. */
const framesOf = (stack = ''): string[] =>
	stack
		.split('\n')
		.filter((line) => line.trimStart().startsWith('at '))
		.slice(0, 8)
		.map((line) => line.trim());

/** An error without its text: a database's quotes the statement and the values of the angler's own. */
export function toldError(error: unknown): object {
	const { name, stack, original } = error as Error & { original?: { code?: string; errno?: number } };
	return { name, code: original?.code, errno: original?.errno, at: framesOf(stack) };
}

/** Structured log, one JSON object a line. Never hand it a cookie, a token or a reading's text. */
export const log = pino({
	level: process.env.LOG_LEVEL ?? 'info',
	base: { service: 'lucernal' },
	serializers: { err: toldError }
});
