import { wrap, type Remote } from 'comlink';
import { asides } from './asides';
import type { CallApi } from '$lib/workers/call.worker';
import type { CallAnswer, CallInput } from '$lib/core/schema/call';
import type { Locks, Rig } from '$lib/core/schema/rig';
import type { ScoreAnswer } from '$lib/core/schema/score';
import type { CalledWindow } from '$lib/core/schema/window';

/** Asks the worker for calls, one at a time: while one is being worked out only the latest question waits. */
export class Ranker {
	readonly #onAnswer: (answer: CallAnswer) => void;
	#api: Remote<CallApi> | null = null;
	#worker: Worker | null = null;
	#waiting: { readonly input: CallInput; readonly whole: boolean } | null = null;
	#busy = false;

	constructor(onAnswer: (answer: CallAnswer) => void) {
		this.#onAnswer = onAnswer;
	}

	#open(): Remote<CallApi> {
		if (!this.#api) {
			this.#worker = new Worker(new URL('../../workers/call.worker.ts', import.meta.url), { type: 'module' });
			this.#api = wrap<CallApi>(this.#worker);
		}
		return this.#api;
	}

	/**
	 * Asks; the newest question wins, older ones that were still waiting are dropped.
	 *
	 * @param whole Whether all alternatives and families are wanted, or the best rig alone.
	 */
	ask(input: CallInput, whole: boolean): void {
		this.#waiting = { input, whole };
		if (!this.#busy) void this.#work();
	}

	async #work(): Promise<void> {
		this.#busy = true;
		while (this.#waiting) {
			const { input, whole } = this.#waiting;
			this.#waiting = null;
			const answer = await this.#open().call(input, whole);
			if (!this.#waiting) this.#onAnswer(answer);
		}
		this.#busy = false;
	}

	/** The running window of a rig on the water of a question. */
	window(rig: Rig, input: CallInput): Promise<CalledWindow> {
		return asides().window(rig, input);
	}

	/** What the call thinks of any rig on the water of a question. */
	score(rig: Rig, { reading, stances, houseRules }: CallInput): Promise<ScoreAnswer> {
		return asides().score({ reading, rig, stances, houseRules });
	}

	/** What each lock of a question costs. */
	costs(input: CallInput): Promise<Partial<Record<keyof Locks, number | null>>> {
		return asides().costs(input);
	}

	/** One more question, beside the one whose latest answer counts. */
	also(input: CallInput): Promise<CallAnswer> {
		return asides().call(input);
	}

	close(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.#api = null;
	}
}
