<script lang="ts">
	interface Props {
		/** Turns of the handle in a second. */
		turnsPerS: number;
	}
	const { turnsPerS }: Props = $props();
	let on = $state(false);
	let lit = $state(false);

	/** One tick of the hand: a click, a light, and a buzz where the device can. */
	function tick(audio: AudioContext) {
		const [osc, gain] = [audio.createOscillator(), audio.createGain()];
		osc.frequency.value = 1400;
		gain.gain.setValueAtTime(0.25, audio.currentTime);
		gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.05);
		osc.connect(gain).connect(audio.destination);
		osc.start();
		osc.stop(audio.currentTime + 0.06);
		navigator.vibrate?.(18);
		lit = !lit;
	}

	$effect(() => {
		if (!on || turnsPerS <= 0) return;
		const audio = new AudioContext();
		const timer = setInterval(() => tick(audio), 1000 / turnsPerS);
		return () => {
			clearInterval(timer);
			void audio.close();
		};
	});
</script>

<button class="button" type="button" aria-pressed={on} onclick={() => (on = !on)}>
	<span class="light" class:lit={on && lit} aria-hidden="true"></span>{on ? 'Stop the beat' : 'Beat of the crank'}
</button>

<style>
	.light {
		width: 12px;
		height: 12px;
		border: 1px solid var(--ink);
		border-radius: 50%;
	}
	.lit {
		background: var(--amber);
	}
</style>
