/** Something that the angler did to a page before its scripts had come. */
interface EarlyEvent {
	readonly type: 'click' | 'input' | 'change' | 'toggle';
	readonly target: Element;
	/** As the browser had left the field, box or lid. */
	readonly left: Readonly<Partial<Record<'value' | 'checked' | 'open', string | boolean>>>;
}

interface EarlyEventLog extends Array<EarlyEvent> {
	/** Takes a deed down: the first lines of the page (app.html) have it listen. */
	readonly note: EventListener;
}

declare global {
	interface Window {
		early?: EarlyEventLog;
	}
}

/** A button that only scripts answer; links, lids and forms are answered by the browser itself. */
function waitingButton(target: Element): HTMLElement | null {
	const button = target.closest('button');
	return button && !(button.form && button.type === 'submit') ? button : null;
}

function doAgain({ type, target, left }: EarlyEvent): void {
	if (!target.isConnected) return;
	if (type === 'click') return waitingButton(target)?.click();
	Object.assign(target, left);
	if (type !== 'toggle') target.dispatchEvent(new Event(type, { bubbles: true }));
}

/** Gives on what was tapped, typed and opened before the page's scripts had come, once, in the order it was done. */
export function replayEarlyEvents(): void {
	const { early } = window;
	if (!early) return;
	delete window.early;
	for (const type of ['click', 'input', 'change', 'toggle']) window.removeEventListener(type, early.note, true);
	for (const deed of early) doAgain(deed);
}
