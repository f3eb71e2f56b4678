/** What one tab tells the others: that something on the device has changed. */
export type TabMessage =
	{ readonly kind: 'document'; readonly name: string } | { readonly kind: 'outbox' } | { readonly kind: 'tally' };

/** The other tabs of this browser that hold the same angler's desk. */
export interface Tabs {
	post(word: TabMessage): void;
	close(): void;
}

/** Joins the angler's other tabs; where the browser cannot, this one is alone. */
export function joinTabs(anglerId: string, onword: (word: TabMessage) => void): Tabs {
	if (typeof BroadcastChannel === 'undefined') return { post: () => undefined, close: () => undefined };
	const channel = new BroadcastChannel(`lucernal-${anglerId}`);
	channel.onmessage = ({ data }: MessageEvent<TabMessage>) => onword(data);
	let open = true;
	return {
		// What was under way when the page closed may still come to an end.
		post: (word) => void (open && channel.postMessage(word)),
		close: () => {
			open = false;
			channel.close();
		}
	};
}

/** Runs something in one tab at a time: a tab that finds another at it waits for it. */
export async function withTabLock(anglerId: string, run: () => Promise<void>): Promise<void> {
	// Plain HTTP pages have no locks: there the keys of the writes see to it that nothing is done twice.
	if (typeof navigator === 'undefined' || !navigator.locks) return run();
	await navigator.locks.request(`lucernal-${anglerId}`, run);
}
