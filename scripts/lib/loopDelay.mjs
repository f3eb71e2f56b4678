// Preloaded into a server whose event loop is measured: SIGUSR2 prints the delays since the
// last one, and writes what heap a forced collection leaves into HEAP_FILE.
import { appendFileSync, writeSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc');

const delays = monitorEventLoopDelay({ resolution: 5 });
delays.enable();
const ms = (ns) => (ns / 1e6).toFixed(1);

// The server's own console goes to its log.
const print = (line) => writeSync(1, `${line}\n`);

process.on('SIGUSR2', () => {
	print(`event loop: p50 ${ms(delays.percentile(50))}, p99 ${ms(delays.percentile(99))}, most ${ms(delays.max)} ms`);
	delays.reset();
	collect();
	const { heapUsed, rss } = process.memoryUsage();
	if (process.env.HEAP_FILE) appendFileSync(process.env.HEAP_FILE, `${heapUsed} ${rss}\n`);
});
