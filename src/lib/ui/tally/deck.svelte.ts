/** What the phone does for an angler on deck: the screen stays on, places are marked. Both only when asked for. */
export class OnDeck {
	/** Whether the screen is to stay on. */
	awake = $state(false);
	/** Whether strikes are marked on the map. */
	marking = $state(false);
	/** What the browser refused, in words; empty for nothing. */
	refused = $state('');
	#lock: WakeLockSentinel | null = null;

	/** Keeps the screen on, or lets it go dark. */
	async stay(on: boolean): Promise<void> {
		this.awake = on;
		this.refused = '';
		if (!on) return void (await this.#lock?.release());
		await this.hold();
	}

	/** Takes the lock again: the browser lets it go whenever the page is hidden. */
	async hold(): Promise<void> {
		if (!this.awake) return;
		try {
			this.#lock = await navigator.wakeLock.request('screen');
		} catch {
			this.awake = false;
			this.refused = 'This browser can’t keep the screen on.';
		}
	}

	/** Where this device is, or `null` where nobody may know. */
	async where(): Promise<{ latitude: number; longitude: number; accuracyM: number } | null> {
		if (!this.marking || !('geolocation' in navigator)) return null;
		return new Promise((resolve) => {
			navigator.geolocation.getCurrentPosition(
				({ coords }) =>
					resolve({ latitude: coords.latitude, longitude: coords.longitude, accuracyM: Math.round(coords.accuracy) }),
				() => {
					this.marking = false;
					this.refused = 'This device doesn’t share its location: bites are saved with the spot only.';
					resolve(null);
				},
				{ enableHighAccuracy: true, timeout: 8000, maximumAge: 15_000 }
			);
		});
	}

	close(): void {
		void this.#lock?.release();
	}
}
