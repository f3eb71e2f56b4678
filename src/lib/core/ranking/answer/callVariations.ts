import { SUNKEN } from '../../claims/claim';
import type { Reading } from '../../water/reading/complete';
import type { CallInput } from '../../foundation/schema/call';
import { readingSchema, type ParsedReading } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import { recommendedOunces } from '../scoring/recommended';
import { callInBrief, callQuestionOf, type Question } from './call';
import { workOf } from '../gate/fishingTime';
import { limitOf, senseOf } from '../space/limits';

/** Fields of a reading that are other than they were read. */
export type Patch = Partial<ParsedReading>;

type Answer = ReturnType<typeof callInBrief>;

/** Everything about a reading that claims and gates look at. */
function weighed({ reading, stances, judgements, seen }: Question): string {
	const { activeClaims, windows, pace } = judgements;
	const heard = activeClaims.spoken.map(({ claim, share }) => `${claim.id}:${share}`);
	const bands = SUNKEN.map((family) => windows.band(family));
	const works = bands.map((band) => workOf(reading, band));
	const asked = [pace, recommendedOunces(reading), limitOf('buzzbait', reading), senseOf(reading, stances)];
	// What the model of sight says is weighed itself: under one name it says something else in other light.
	return JSON.stringify([heard, seen, bands, works, asked, reading.forage, reading.rules]);
}

/** Asks for top calls near one reading. Where nothing that is weighed changes, neither does the answer: it is asked once. */
export class CallVariations {
	readonly reading: Reading;
	readonly top: Rig | null;
	readonly #input: CallInput;
	readonly #answers = new Map<string, Answer>();

	constructor(input: CallInput) {
		this.#input = input;
		const question = callQuestionOf(input);
		this.reading = question.reading;
		this.top = this.#answer(question).top;
	}

	/** The rig that is called once these fields are other; `null` where none runs. */
	topWith(patch: Patch): Rig | null {
		return this.#ask(patch).top;
	}

	/** Best score of every family of which something runs once these fields are other. */
	scoresWith(patch: Patch): Answer['scores'] {
		return this.#ask(patch).scores;
	}

	#ask(patch: Patch): Answer {
		return this.#answer(callQuestionOf({ ...this.#input, reading: this.#with(patch) }));
	}

	#answer(question: Question): Answer {
		const key = weighed(question);
		let answer = this.#answers.get(key);
		if (!answer) this.#answers.set(key, (answer = callInBrief(question, this.#input)));
		return answer;
	}

	#with(patch: Patch): ParsedReading {
		const fields = Object.entries({ ...this.#input.reading, ...patch });
		return readingSchema.parse(Object.fromEntries(fields.filter(([, value]) => value !== undefined)));
	}
}
