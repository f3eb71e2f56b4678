import { CLAIM_BASE } from '../claims/claimBase';
import { SUNKEN, type Claim } from '../claims/claim';
import { completeReading, type Reading } from '../reading/complete';
import type { CallInput } from '../schema/call';
import { readingSchema, type ParsedReading } from '../schema/reading';
import type { Rig } from '../schema/rig';
import type { Family } from '../schema/words';
import { ouncesAsked, paceAsked } from './asked';
import { bandOf } from './band';
import { call } from './call';
import { workOf } from './fishingTime';
import { Hearing } from './hearing';
import { houseClaims } from './houseRules';
import { limitOf, senseOf } from './limits';
import { sightClaims } from './sightClaims';

/** Fields of a reading that are other than they were read. */
export type Patch = Partial<ParsedReading>;

/** What is called on a reading: the rig, and every family's best score. */
interface Answer {
	readonly top: Rig | null;
	readonly scores: Readonly<Partial<Record<Family, number>>>;
}

/** Asks for top calls near one reading. Where nothing that is weighed changes, neither does the answer: it is asked once. */
export class Asker {
	readonly reading: Reading;
	readonly top: Rig | null;
	readonly #input: CallInput;
	readonly #claims: readonly Claim[];
	readonly #answers = new Map<string, Answer>();

	constructor(input: CallInput) {
		this.#input = input;
		this.#claims = [...CLAIM_BASE, ...houseClaims(input.houseRules ?? []).claims];
		this.reading = completeReading(input.reading);
		this.top = this.#ask({}).top;
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
		const reading = this.#with(patch);
		const weighed = this.#weighed(reading);
		let answer = this.#answers.get(weighed);
		if (!answer) this.#answers.set(weighed, (answer = this.#call(reading)));
		return answer;
	}

	/** Everything about a reading that claims and gates look at. */
	#weighed(reading: ParsedReading): string {
		const { stances = {}, sight } = this.#input;
		const whole = completeReading(reading);
		// What the model of sight says is weighed itself: under one name it says something else in other light.
		const seen = sight ? sightClaims(whole) : [];
		const { spoken } = new Hearing(whole, stances, this.#claims);
		const heard = spoken.map(({ claim, share }) => `${claim.id}:${share}`);
		const bands = SUNKEN.map((family) => bandOf(whole, family));
		const works = bands.map((band) => workOf(whole, band));
		const asked = [paceAsked(whole, stances), ouncesAsked(whole), limitOf('buzzbait', whole), senseOf(whole, stances)];
		return JSON.stringify([heard, seen, bands, works, asked, whole.forage, whole.rules]);
	}

	#call(reading: ParsedReading): Answer {
		const { calls } = call({ ...this.#input, reading, top: 4 }, { windows: false, families: false, seconds: false });
		return {
			top: calls[0]?.rig ?? null,
			scores: Object.fromEntries(calls.map(({ rig, score }) => [rig.family, score]))
		};
	}

	#with(patch: Patch): ParsedReading {
		const fields = Object.entries({ ...this.#input.reading, ...patch });
		return readingSchema.parse(Object.fromEntries(fields.filter(([, value]) => value !== undefined)));
	}
}
