import type { Page } from 'playwright-core';

/** How long (s) the metronome is listened to, and the pitch (Hz) of its clicks. */
const LISTEN_S = 60;
const CLICK_HZ = 1400;

/**
 * The metronome over a minute in the browser, the page busy with other work: how far each click that the audio was given
 * lies from an even row, how many were given too late, and how the audio's clock goes against the page's.
 */
export async function benchMetronome(page: Page): Promise<void> {
	await page.addInitScript((hz) => {
		const clicks: { atS: number; ahead: number }[] = [];
		const clocks: { audioS: number; pageS: number }[] = [];
		Object.assign(globalThis, { clicks, clocks });
		const start = OscillatorNode.prototype.start;
		OscillatorNode.prototype.start = function (atS = 0) {
			const { currentTime } = this.context;
			if (this.frequency.value === hz) clicks.push({ atS, ahead: atS - currentTime });
			clocks.push({ audioS: currentTime, pageS: performance.now() / 1000 });
			start.call(this, atS);
		};
	}, CLICK_HZ);
	await page.goto('/tank/feel');
	await page.getByRole('button', { name: 'Beat of the handle' }).click();
	for (let passed = 0; passed < LISTEN_S; passed++) {
		await page.evaluate(() => {
			const until = performance.now() + 40;
			while (performance.now() < until);
		});
		await page.waitForTimeout(960);
	}
	const { worstMs, late, count, driftMs } = await page.evaluate(() => {
		const { clicks, clocks } = globalThis as unknown as {
			clicks: { atS: number; ahead: number }[];
			clocks: { audioS: number; pageS: number }[];
		};
		const first = clicks[0]!.atS;
		const periodS = (clicks.at(-1)!.atS - first) / (clicks.length - 1);
		const off = clicks.map(({ atS }, at) => Math.abs(atS - first - at * periodS));
		const [from, to] = [clocks[0]!, clocks.at(-1)!];
		return {
			worstMs: Math.max(...off) * 1000,
			late: clicks.filter(({ ahead }) => ahead < 0).length,
			count: clicks.length,
			driftMs: (to.audioS - from.audioS - (to.pageS - from.pageS)) * 1000
		};
	});
	console.log(
		`metronome over ${LISTEN_S} s, ${count} clicks: worst ${worstMs.toFixed(3)} ms off its row, ${late} late, audio against page ${driftMs.toFixed(1)} ms`
	);
}
