import { subscribe } from 'node:diagnostics_channel';
import type { IncomingMessage } from 'node:http';

/** How much (bytes) of a refused body is still read, and for how long (ms), before its connection is closed. */
const DRAINED_MAX = 80 * 1024 * 1024;
const DRAINED_MS = 10_000;

/** Reads and drops what is left of a body whose answer was sent, so that the next request on its connection is heard. */
function drain(request: IncomingMessage): void {
	const close = () => void request.socket.destroy();
	const timer = setTimeout(close, DRAINED_MS);
	timer.unref();
	let size = 0;
	// Whoever read it so far paused it for good.
	request.removeAllListeners('data');
	request.on('data', (chunk: Buffer) => {
		size += chunk.length;
		if (size > DRAINED_MAX) close();
	});
	request.once('close', () => clearTimeout(timer));
	request.once('end', () => clearTimeout(timer));
	request.resume();
}

/** Drains every refused body of this process from now on, whoever refused it: a hook, a route or the framework itself. */
export function drainRefusedBodies(): void {
	subscribe('http.server.response.finish', (message) => {
		const { request } = message as { request: IncomingMessage };
		if (!request.complete && !request.destroyed) drain(request);
	});
}
