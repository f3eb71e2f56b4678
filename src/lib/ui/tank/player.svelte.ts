/** A cast is played this many times as fast as it is. */
const FASTER = 3;
/** Where of its cast a lure is looked at before anybody has moved the moment: in the middle of its work. */
const FIRST_SHARE = 0.55;

/** The moment of a cast that is looked at, moved by hand or by itself. */
export class Player {
	/** Seconds from the lure's landing. */
	atS = $state(0);
	playing = $state(false);
	#touched = false;

	/** A new cast of so many seconds is there: it is looked at in its middle, unless a moment was chosen. */
	show(endS: number): void {
		if (!this.#touched) this.atS = endS * FIRST_SHARE;
	}

	/** Moves the moment by hand. */
	scrub(atS: number): void {
		this.#touched = true;
		this.playing = false;
		this.atS = atS;
	}

	/** Goes on, or holds; at its end it begins again. */
	toggle(endS: number): void {
		this.#touched = true;
		if (!this.playing && this.atS >= endS - 0.1) this.atS = 0;
		this.playing = !this.playing;
	}

	/** A frame that comes so long (s) after the last one. @returns Whether there is more to play. */
	tick(passedS: number, endS: number): boolean {
		this.atS = Math.min(endS, this.atS + passedS * FASTER);
		this.playing = this.atS < endS;
		return this.playing;
	}

	/** Plays by the screen's frames until it is left. */
	run(endS: () => number): () => void {
		let last = performance.now();
		let frame = 0;
		const go = (now: number): void => {
			if (this.tick((now - last) / 1000, endS())) frame = requestAnimationFrame(go);
			last = now;
		};
		frame = requestAnimationFrame(go);
		return () => cancelAnimationFrame(frame);
	}
}
