import { FEEL_SOUND, type Feel } from './feel';
import { atRate, pulsesBetween, rowFrom, type Row } from './pulses';

/** How far ahead (s) sounds are handed to the audio's clock, and how often (ms) it is looked at: a busy page may sleep between. */
const AHEAD_S = 0.5;
const LOOK_MS = 100;
/** A click of the hand and a thump of a blade: pitch Hz, length s. */
const CLICK = { hz: 1400, s: 0.05, gain: 0.25 } as const;
const THUMP = { hz: 62, s: 0.04 } as const;
const BUZZ_MS = 18;

/** What a sounder beats. */
export interface Beats {
	/** Turns of the handle in a second; 0 is silence. */
	readonly turnsPerS: number;
	/** Beats of the blades in a second; 0 is silence. */
	readonly beatHz: number;
	readonly feel: Feel;
	readonly muted: boolean;
}

/** Sounds turns of the handle and beats of the blades on the audio's own clock, so that neither drifts. */
export class Sounder {
	/** Whether the light is on: it changes with each turn of the handle. */
	lit = $state(false);
	#audio: AudioContext | null = null;
	#timer: ReturnType<typeof setInterval> | undefined;
	#flashes: ReturnType<typeof setTimeout>[] = [];
	#turns: Row | null = null;
	#thumps: Row | null = null;
	#toldS = 0;
	#beats: Beats | null = null;

	get running(): boolean {
		return this.#audio !== null;
	}

	/** Seconds of the audio's clock. */
	get nowS(): number {
		return this.#audio?.currentTime ?? 0;
	}

	#sound(atS: number, { hz, s, gain }: { hz: number; s: number; gain: number }): void {
		const audio = this.#audio!;
		const [tone, level] = [audio.createOscillator(), audio.createGain()];
		tone.frequency.value = hz;
		level.gain.setValueAtTime(gain, atS);
		level.gain.exponentialRampToValueAtTime(0.001, atS + s);
		tone.connect(level).connect(audio.destination);
		tone.start(atS);
		tone.stop(atS + s + 0.01);
	}

	/** Light and buzz of a turn, as near to its sound as the page's timers come. */
	#flash(atS: number): void {
		const wait = Math.max(0, (atS - this.nowS) * 1000);
		this.#flashes.push(
			setTimeout(() => {
				this.lit = !this.lit;
				navigator.vibrate?.(BUZZ_MS);
			}, wait)
		);
	}

	#look(): void {
		const beats = this.#beats;
		if (!this.#audio || !beats) return;
		const untilS = this.nowS + AHEAD_S;
		const { rate, gain } = FEEL_SOUND[beats.feel];
		if (this.#turns) {
			for (const atS of pulsesBetween(this.#turns, this.#toldS, untilS)) {
				if (!beats.muted) this.#sound(atS, CLICK);
				this.#flash(atS);
			}
		}
		if (this.#thumps && gain > 0 && rate > 0 && !beats.muted) {
			for (const atS of pulsesBetween(this.#thumps, this.#toldS, untilS)) this.#sound(atS, { ...THUMP, gain });
		}
		this.#toldS = untilS;
	}

	/** Beats so from now on; a change of rate comes in without a hitch after what was handed on already. */
	beat(beats: Beats): void {
		if (!this.#audio) {
			this.#audio = new AudioContext();
			this.#toldS = this.nowS;
			this.#timer = setInterval(() => this.#look(), LOOK_MS);
		}
		const fromS = Math.max(this.#toldS, this.nowS);
		const row = (now: Row | null, perS: number): Row | null =>
			perS <= 0 ? null : !now ? rowFrom(fromS, perS) : now.periodS === 1 / perS ? now : atRate(now, fromS, perS);
		this.#turns = row(this.#turns, beats.turnsPerS);
		this.#thumps = row(this.#thumps, beats.beatHz * FEEL_SOUND[beats.feel].rate);
		this.#beats = beats;
		this.#look();
	}

	stop(): void {
		clearInterval(this.#timer);
		this.#flashes.forEach(clearTimeout);
		void this.#audio?.close();
		this.#flashes = [];
		[this.#audio, this.#turns, this.#thumps, this.#beats] = [null, null, null, null];
		this.lit = false;
	}
}
