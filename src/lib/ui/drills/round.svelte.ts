import type { Work } from '$lib/client/workers/work';
import type { Rig } from '$lib/core/foundation/schema/rig';
import type { DrillCard } from '$lib/core/records/drillsRecord';
import { DECISIONS, type Decision } from '$lib/core/trips/drills/decisionNames';
import type { DrillQuestion, Judgement, School } from '$lib/core/trips/drills/judge';
import { optionsFor, type Choices } from '$lib/core/trips/drills/options';
import type { DrillWater } from '$lib/core/trips/drills/water';
import { MISSED_POINTS } from './memory';

/** How sure each decision was, as a share. */
export type Sureness = Readonly<Partial<Record<Decision, number>>>;

/** One water that is decided on, from what the call says of it to what the choices gave up. */
export class Round {
	/** The call's own rig: `undefined` until it is worked out, `null` where nothing runs. */
	best = $state.raw<Rig | null | undefined>(undefined);
	choices = $state.raw<Choices>({});
	sure = $state.raw<Sureness>({});
	judged = $state.raw<Judgement | null>(null);
	schools = $state.raw<readonly School[]>([]);
	failed = $state(false);
	/** What is decided next; `null` once all is. */
	readonly step: Decision | null = $derived(DECISIONS.find((decision) => this.choices[decision] === undefined) ?? null);
	readonly options: readonly string[] = $derived(
		this.best && this.step ? optionsFor(this.step, this.choices, this.best) : []
	);

	/**
	 * @param question The water with the learner's views as they are now: what changes later is for the next round.
	 * @param asked The rule that this water is to bring back.
	 */
	constructor(
		readonly water: DrillWater,
		readonly asked: DrillCard | null,
		private readonly question: DrillQuestion
	) {}

	/** Works out the call, with which the options begin. */
	async begin(work: Pick<Work, 'drills'>): Promise<void> {
		await this.#try(async () => (this.best = await work.drills((api) => api.best(this.question))));
	}

	/** Decides the next step. @returns What all choices gave up, once the last one was made. */
	async take(work: Pick<Work, 'drills'>, value: string, sure: number): Promise<Judgement | null> {
		const { step } = this;
		if (!step) return null;
		this.choices = { ...this.choices, [step]: value };
		this.sure = { ...this.sure, [step]: sure };
		if (this.step) return null;
		const choices = this.choices as Required<Choices>;
		await this.#try(async () => (this.judged = await work.drills((api) => api.judge(this.question, choices))));
		return this.judged;
	}

	/** Asks which schools would have chosen the same; only what was missed needs one. */
	async askSchools(work: Pick<Work, 'drills'>): Promise<void> {
		if (!this.judged || this.judged.givesUp < MISSED_POINTS) return;
		const choices = this.choices as Required<Choices>;
		await this.#try(async () => (this.schools = await work.drills((api) => api.schools(this.question, choices))));
	}

	/** Takes the last choice back, while nothing was judged. */
	back(): void {
		const last = DECISIONS.findLast((decision) => this.choices[decision] !== undefined);
		if (!last || this.judged) return;
		this.choices = { ...this.choices, [last]: undefined };
	}

	async #try(work: () => Promise<unknown>): Promise<void> {
		try {
			await work();
		} catch {
			this.failed = true;
		}
	}
}
