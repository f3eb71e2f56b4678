// Preloaded into a server whose event loop is measured: SIGUSR2 prints the delays since the last one.
import { monitorEventLoopDelay } from 'node:perf_hooks';

const delays = monitorEventLoopDelay({ resolution: 5 });
delays.enable();
const ms = (ns) => (ns / 1e6).toFixed(1);

process.on('SIGUSR2', () => {
	console.log(
		`event loop: p50 ${ms(delays.percentile(50))}, p99 ${ms(delays.percentile(99))}, most ${ms(delays.max)} ms`
	);
	delays.reset();
});
