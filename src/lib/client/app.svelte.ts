import { dequal } from 'dequal';
import { getContext, setContext } from 'svelte';
import { withAlmanac } from '$lib/forms/almanac';
import { FACTS_NEEDED, factsSaid, type FirstFact } from '$lib/core/reading/firstFacts';
import { completeReading, type Reading } from '$lib/core/reading/complete';
import { A_DAY } from '$lib/core/records/aDay';
import type { DayRecord } from '$lib/core/records/daySchema';
import type { DocumentKindName } from '$lib/core/records/kind';
import type { RecordKindName } from '$lib/core/records/kinds';
import type { CallAnswer, CallInput, Moves } from '$lib/core/schema/call';
import type { HouseRule } from '$lib/core/claims/house';
import type { ParsedReading } from '$lib/core/schema/reading';
import type { DeskRecord, SettingsRecord, SpotRecord, StandRecord, WaterRecord } from '$lib/core/records/schemas';
import { goneAfter } from '$lib/core/records/ruleKey';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { Locks, Rig } from '$lib/core/schema/rig';
import type { BenchRecord } from '$lib/core/records/rigSchemas';
import { without } from '$lib/core/base/without';
import { Bench } from './bench.svelte';
import type { Device } from './device';
import { HeldDocument } from './document.svelte';
import type { Making } from './held';
import { Keeping } from './keeping.svelte';
import { blankDesk, locked, movedTo, patched, type Place } from './readingInHand';
import { deviceZone, watersWith } from './places';
import { reuseRigs } from './reuse';
import { Slide } from './slide.svelte';
import { joinTabs, type Tabs } from './tabs';
import { Tally } from './tally.svelte';
import { newUuid } from './uuid';
import type { Work } from './work';

/** A spot, and a water with its spots, as the screens see them. */
export interface HeldSpot extends SpotRecord {
	readonly id: string;
	readonly version: number;
}
export interface HeldWater extends WaterRecord {
	readonly id: string;
	readonly version: number;
	readonly spots: readonly HeldSpot[];
	/** The time zone that is stored where no clock knows it; `timeZone` is UTC then. */
	readonly unknownZone?: string;
}

/** A record that is stored and cannot be read: it is shown, to be exported or deleted. */
export interface DamagedRecord {
	readonly kind: RecordKindName;
	readonly what: string;
	readonly id: string;
	readonly why: string;
}

interface Versioned<T> {
	readonly version: number;
	readonly record: T;
}

/** What the server knows when a page opens; nothing of it where the records were out of reach. */
export interface AppStart {
	readonly anglerId: string;
	readonly documents: {
		readonly desk: Versioned<DeskRecord> | null;
		readonly bench: Versioned<BenchRecord | null> | null;
		readonly stand: Versioned<StandRecord> | null;
		readonly settings: Versioned<SettingsRecord> | null;
		readonly day: Versioned<DayRecord> | null;
	};
	readonly waters: readonly HeldWater[];
	/** Documents, waters and spots that cannot be read. */
	readonly damaged: readonly DamagedRecord[];
	readonly recordsDown: boolean;
	/** The number of the angler's latest write. */
	readonly sequence: number;
	readonly now: string;
}

const DEFAULT_SETTINGS: SettingsRecord = { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true };
const NO_STAND: StandRecord = { schemaVersion: SCHEMA_VERSION, stances: {}, houseRules: [] };

/** Other conditions than those that were read, to see what is called then. */
interface Preview {
	/** What is different, in words. */
	readonly text: string;
	readonly patch: Partial<ParsedReading>;
	readonly reading: ParsedReading;
	/** The reading from which one looked: once it changes there is nothing to go back from. */
	readonly of: ParsedReading;
}

/** Where the reading in hand is read. */
const READING_SCREEN = 'water';
/** How often it is tried to tell everything before a session is closed. */
const ROUNDS = 6;
const WATERS_KEY = 'waters';
const KEY = Symbol('app');

type Shapes = typeof import('./shapes');
const asItLies = (raw: unknown): never => raw as never;

const freedWords = (count: number): string | null =>
	count > 0 ? `${count} ${count === 1 ? 'lock was' : 'locks were'} freed: set for another water.` : null;

/** Everything that the angler holds, in one place: the documents, what is worked out from them, and what waits. */
export class App {
	readonly anglerId: string;
	readonly desk: HeldDocument<DeskRecord>;
	readonly standing: HeldDocument<StandRecord>;
	readonly setting: HeldDocument<SettingsRecord>;
	readonly benched: HeldDocument<BenchRecord | null>;
	readonly planned: HeldDocument<DayRecord>;
	readonly bench: Bench;
	readonly keeping: Keeping;
	readonly tally: Tally;
	/** What a hand is moving of the reading just now. */
	readonly slide = new Slide((patch, step) => void this.change(patch, step));
	/** Waters and spots as they were last read from the server or this device. */
	#readWaters = $state.raw<readonly HeldWater[]>([]);
	/** The same with what was changed here since. */
	readonly waters: readonly HeldWater[] = $derived.by(() =>
		watersWith(this.#readWaters, this.keeping.since('waters'), this.keeping.since('spots'))
	);
	answer = $state.raw<CallAnswer | null>(null);
	#served: { readonly question: CallInput; readonly answer: CallAnswer; readonly whole: boolean } | null = null;
	/** Whether the page's scripts run and the device was read; before that the forms work by themselves. */
	live = $state(false);
	/** Whether the device keeps nothing, and whether it is full. */
	forgetful = $state(false);
	full = $state(false);
	/** Said on Water after another reading was laid there, until the next change. */
	said = $state<string | null>(null);
	/** Works out what is asked, once the page's scripts run. */
	work = $state.raw<Work | null>(null);
	readonly #screen: () => string;
	#device: Device | null = null;
	#tabs: Tabs | null = null;
	/** Ends the listening for other pages' last words. */
	#deafen: () => void = () => undefined;

	/** The rig that was taken in hand last, until it is said whether it is fished. */
	taken = $state.raw<Rig | null>(null);
	/** When the page was opened, ISO 8601. */
	readonly now: string;

	/** @param screen The screen that is shown: a change belongs to it, and only there it is taken back. */
	constructor({ anglerId, documents, waters, now }: AppStart, screen: () => string) {
		const { desk, bench, stand, settings, day } = documents;
		const held = <T>(name: DocumentKindName, from: Versioned<T> | null, blank: T) =>
			new HeldDocument<T>(name, from?.record ?? blank, from?.version ?? 0);
		this.anglerId = anglerId;
		this.now = now;
		this.#screen = screen;
		this.desk = held('desk', desk, blankDesk(now));
		this.standing = held('stand', stand, NO_STAND);
		this.setting = held('settings', settings, DEFAULT_SETTINGS);
		this.benched = held<BenchRecord | null>('bench', bench, null);
		this.planned = held('day', day, A_DAY);
		this.bench = new Bench(this.benched, (step) => this.making(step));
		this.keeping = new Keeping(this);
		this.tally = new Tally({
			put: (kind, id, base, record, title) => this.keeping.put(kind, id, base, record as never, title),
			remove: (kind, id, base, title) => this.keeping.remove(kind, id, base, title),
			saved: () => this.#tabs?.tell({ kind: 'tally' }),
			sequence: () => this.keeping.sequence
		});
		this.#readWaters = waters;
	}

	/** The documents that are told to the server. */
	get documents(): readonly HeldDocument<never>[] {
		return [this.desk, this.benched, this.standing, this.setting, this.planned] as unknown as HeldDocument<never>[];
	}

	get record(): DeskRecord {
		return this.desk.value;
	}

	get stand(): StandRecord {
		return this.standing.value;
	}

	get settings(): SettingsRecord {
		return this.setting.value;
	}

	get units(): SettingsRecord['units'] {
		return this.settings.units;
	}

	// Each by itself, so that a name typed on the desk neither asks the ranking anew nor reads the water again.
	readonly reading: ParsedReading = $derived(this.record.reading);
	readonly #said = $derived(this.record.said);
	/** Which of the first facts of a reading were entered, and whether they are enough for a call. */
	readonly factsSaid: readonly FirstFact[] = $derived(factsSaid(this.#said));
	readonly ready: boolean = $derived(this.factsSaid.length >= FACTS_NEEDED);
	/** When the reading was taken, UTC. */
	readonly takenAt: string = $derived(this.record.takenAt);
	readonly #spotId = $derived(this.record.spotId);
	/** Where the reading is taken. */
	readonly spot: { water: HeldWater; spot: HeldSpot } | null = $derived(this.spotOf(this.#spotId));
	/** Other conditions that are looked at: they go into the question, never into the reading. */
	#preview = $state.raw<Preview | null>(null);
	/** What is looked at instead of the reading; `null` once the reading was changed, or nothing is. */
	readonly preview: Preview | null = $derived(this.#preview?.of === this.reading ? this.#preview : null);
	/** The reading with what its place and hour say of sun, moon and season. */
	readonly dated: ParsedReading = $derived(
		withAlmanac(this.preview?.reading ?? this.reading, this.spot?.water ?? null, this.takenAt)
	);
	readonly #locks = $derived(this.record.locks);
	readonly #stances = $derived(this.stand.stances);
	readonly #houseRules = $derived(this.stand.houseRules);
	readonly #moves = $derived(this.stand.record);
	readonly #sighted = $derived(this.stand.sight !== false);
	/** What is asked of the ranking. */
	readonly question: CallInput = $derived({
		reading: this.dated,
		stances: this.#stances,
		locks: this.#locks,
		houseRules: this.#houseRules,
		sight: this.#sighted,
		...(this.#moves ? { record: this.#moves } : {})
	});
	/** The reading with its defaults. */
	readonly complete: Reading = $derived(completeReading(this.dated));
	/** The reading as a hand is moving it: as it was taken, with its place and hour, and with its defaults. */
	readonly inHand = $derived.by(() => {
		const { patch } = this.slide;
		if (!patch) return { reading: this.reading, dated: this.dated, complete: this.complete };
		const reading = { ...this.reading, ...patch };
		const dated = withAlmanac(reading, this.spot?.water ?? null, this.takenAt);
		return { reading, dated, complete: completeReading(dated) };
	});
	/** The device's clock, once the page's scripts run: the server does not know it. */
	#deviceZone = $state('UTC');
	/** The clock of the water that is read; the device's where there is no water yet. */
	readonly zone: string = $derived(this.spot?.water.timeZone ?? this.waters[0]?.timeZone ?? this.#deviceZone);

	/** What the reading is called unless the angler names it: its spot and month; nothing without a spot. */
	readonly usualName: string = $derived.by(() => {
		if (!this.spot) return '';
		const month = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: this.zone });
		return `${this.spot.spot.name}, ${month.format(Date.parse(this.takenAt))}`;
	});

	/** The rig in hand. */
	get rig(): Rig | null {
		return this.bench.build?.rig ?? null;
	}

	/** Whether a field that every reading has was entered, rather than begun with. */
	isSaid(key: string): boolean {
		return this.#said === undefined || this.#said.includes(key);
	}

	spotOf(id: string | null): { water: HeldWater; spot: HeldSpot } | null {
		for (const water of this.waters) {
			const spot = water.spots.find((one) => one.id === id);
			if (spot) return { water, spot };
		}
		return null;
	}

	/** How a change is made now: on the screen that is shown, after all that was changed before. */
	making(step = ''): Making {
		this.slide.land();
		const orders = this.documents.flatMap(({ lastStep, nextStep }) => [lastStep?.order ?? 0, nextStep?.order ?? 0]);
		return { step, screen: this.#screen(), order: Math.max(0, this.keeping.lastOrder, ...orders) + 1 };
	}

	/**
	 * Changes some of the reading. A change that would make no reading (a band below the bottom, say) is refused.
	 *
	 * @param step Names the control, so that one drag is one step of undo.
	 * @returns What is wrong, or `null` when the change was taken.
	 */
	change(patch: Partial<ParsedReading>, step = ''): string | null {
		this.said = null;
		const { wrong } = patched(this.record, patch);
		if (wrong === null) this.desk.change((desk) => patched(desk, patch).desk ?? desk, this.making(step));
		return wrong;
	}

	/**
	 * Looks at other conditions, on top of those that are looked at: the call is asked for them, and the reading stays as
	 * it is.
	 *
	 * @param text Says what is different, in words.
	 * @returns What is wrong with them, or `null`.
	 */
	look(patch: Partial<ParsedReading>, text: string): string | null {
		const { preview } = this;
		const from = preview ? { ...this.record, reading: preview.reading } : this.record;
		const { desk, wrong } = patched(from, patch);
		if (!desk) return wrong;
		this.#preview = {
			text: preview ? `${preview.text}; ${text}` : text,
			patch: { ...preview?.patch, ...patch },
			reading: desk.reading,
			of: this.reading
		};
		return null;
	}

	/** Back to the reading. */
	endPreview(): void {
		this.#preview = null;
	}

	/** Makes the conditions that are looked at those of the reading. @returns What is wrong with them, or `null`. */
	usePreview(): string | null {
		const { preview } = this;
		this.endPreview();
		return preview && this.change(preview.patch);
	}

	/**
	 * Moves some of the reading, as a hand does that has not let go: the same as a change, once it rests.
	 *
	 * @returns What is wrong, or `null` when it was moved.
	 */
	move(patch: Partial<ParsedReading>, step: string): string | null {
		const { wrong } = patched(this.record, patch);
		if (wrong === null) this.slide.move(patch, step);
		return wrong;
	}

	/** Changes what stands around the reading, such as its name or time. */
	put(patch: Partial<Omit<DeskRecord, 'reading'>>, step = ''): void {
		this.said = null;
		this.desk.change((desk) => ({ ...desk, ...patch }), this.making(step));
	}

	#placeOf(spotId: string | null): Place | null {
		const found = this.spotOf(spotId);
		if (!found) return null;
		const { water, spot } = found;
		const bottomM = spot.profile.at(-1)?.depthM ?? null;
		return { id: spot.id, waterId: water.id, place: water.place, cover: [...spot.cover], bottomM };
	}

	/** Goes to another spot: what a kept reading said of the old one stays with it. */
	moveTo(spotId: string | null): void {
		const [to, from] = [this.#placeOf(spotId), this.#placeOf(this.record.spotId)];
		const locks = this.#lockCount;
		this.desk.change((desk) => movedTo(desk, to, from), this.making());
		this.said = freedWords(locks - this.#lockCount);
	}

	get #lockCount(): number {
		return Object.keys(this.record.locks).length;
	}

	/** Lays another reading on the desk; the one that lay there is one step back on Water. */
	lay(desk: DeskRecord): void {
		const locks = this.#lockCount;
		this.desk.change(() => desk, { ...this.making(), screen: READING_SCREEN });
		const freed = freedWords(locks - this.#lockCount);
		this.said = `“${desk.name || 'A new reading'}” lies here now. What lay here before is one Undo back. ${freed ?? ''}`;
	}

	/** Saves a new water, or one under its key. @returns Its key. */
	saveWater(record: WaterRecord, known?: HeldWater): string {
		const id = known?.id ?? newUuid();
		void this.keeping.put('waters', id, known?.version ?? 0, record, record.name);
		return id;
	}

	/** Saves a new spot, or one under its key. @returns Its key. */
	saveSpot(record: SpotRecord, known?: HeldSpot): string {
		const id = known?.id ?? newUuid();
		void this.keeping.put('spots', id, known?.version ?? 0, record, record.name);
		return id;
	}

	/** Says that the reading in hand was taken at a spot that it was saved as: nothing of it changes. */
	placeReading(spotId: string): void {
		this.put({ spotId });
	}

	/** Begins a reading from nothing, at the same place. */
	begin(now: string): void {
		this.lay({ ...blankDesk(now), spotId: this.record.spotId });
	}

	lock(key: keyof Locks, value: Locks[keyof Locks]): void {
		this.desk.change((desk) => locked(desk, key, value), this.making());
	}

	/** Takes a side in a split, the default with "auto", or "both". */
	takeSide(topic: string, stance: string): void {
		this.standing.change((stand) => {
			const rest = without(stand.stances, topic) as StandRecord['stances'];
			return { ...stand, stances: stance === 'auto' ? rest : { ...rest, [topic]: stance } };
		}, this.making());
	}

	/** Replaces the angler's own rules. */
	setRules(houseRules: HouseRule[]): void {
		this.standing.change((stand) => {
			const goneRules = goneAfter(stand.goneRules ?? [], stand.houseRules, houseRules);
			return { ...without(stand, 'goneRules'), houseRules, ...(goneRules.length > 0 ? { goneRules } : {}) };
		}, this.making());
	}

	/** Lets the angler's own record move the claims, or none any more. */
	moveBy(record: Moves | undefined): void {
		this.standing.change((stand) => ({ ...stand, record }), this.making());
	}

	/** Whether the call weighs what the model of sight says: it does until it is told not to. */
	get sightWeighed(): boolean {
		return this.#sighted;
	}

	weighSight(on: boolean): void {
		this.standing.change((stand) => ({ ...stand, sight: on ? undefined : false }), this.making());
	}

	/** Takes a rig in hand; where an outing runs, it is asked whether it is fished. */
	takeInHand(rig: Rig): void {
		this.bench.take(rig);
		this.taken = rig;
	}

	set(settings: Partial<SettingsRecord>): void {
		this.setting.change((before) => ({ ...before, ...settings }), this.making());
	}

	/** Changes what is chosen of the day that is planned. */
	planDay(more: Partial<DayRecord>, step = ''): void {
		this.planned.change((day) => ({ ...day, ...more }), this.making(step));
	}

	/** Takes the answer that the page came with, until another one is worked out. `whole`: with every alternative. */
	serve(answer: CallAnswer | null, whole: boolean): void {
		if (answer && !this.answer) this.#served = { question: this.question, answer, whole };
	}

	/** What is shown: the latest answer, or the one that the page came with. */
	get shown(): CallAnswer | null {
		return this.answer ?? this.#served?.answer ?? null;
	}

	/** The answer that the page came with, where it is one to this very question; `null` where it has to be worked out. */
	known(question: CallInput, whole: boolean): CallAnswer | null {
		const served = this.#served;
		if (!served || (whole && !served.whole)) return null;
		return dequal(served.question, question) ? served.answer : null;
	}

	/** Takes an answer; rigs that are as before stay the very same objects, so that they are not drawn anew. */
	hear(answer: CallAnswer): void {
		this.answer = reuseRigs(answer, this.answer);
	}

	/** What undo would take back on this screen: the latest step of those that were made here. */
	#back() {
		const screen = this.#screen();
		const here = this.documents.filter(({ lastStep }) => lastStep?.screen === screen);
		return here.sort((a, b) => b.lastStep!.order - a.lastStep!.order)[0];
	}

	#forth() {
		const screen = this.#screen();
		const here = this.documents.filter(({ nextStep }) => nextStep?.screen === screen);
		return here.sort((a, b) => a.nextStep!.order - b.nextStep!.order)[0];
	}

	get canUndo(): boolean {
		return this.slide.busy || this.#back() !== undefined || this.keeping.deletionOn(this.#screen()) !== null;
	}

	get canRedo(): boolean {
		return this.#forth() !== undefined;
	}

	/** Takes back the last thing that was done on this screen: a change never made elsewhere. */
	undo(): void {
		this.slide.land();
		const back = this.#back();
		const deletion = this.keeping.deletionOn(this.#screen());
		if (deletion && deletion.order > (back?.lastStep?.order ?? 0)) void this.keeping.bringBack();
		else back?.undo();
	}

	redo(): void {
		this.#forth()?.redo();
	}

	/** Ends the step that goes on: the pointer was lifted, the field was left. */
	closeStep(): void {
		this.slide.land();
		for (const document of this.documents) document.close();
	}

	/**
	 * Brings back what this device holds, and goes on from there: told to the server, shared with other tabs. What is
	 * changed or kept before that is done is not lost, so that screens need not wait for it.
	 *
	 * @param shaped How what is stored is read, which comes after the page. Where the line broke before it came, what this
	 *   device stored is taken as it lies: nothing that is changed from here on may go astray for want of it.
	 */
	async open(device: Device, start: AppStart, shaped: () => Promise<Shapes> = () => import('./shapes')): Promise<void> {
		this.#device = device;
		this.#tabs = joinTabs(this.anglerId, (word) => {
			if (word.kind === 'outbox') void this.keeping.refresh();
			else if (word.kind === 'tally') void this.tally.refresh();
			else void this.documents.find(({ name }) => name === word.name)?.refresh();
		});
		const tabs = this.#tabs;
		this.#deafen = device.heard(() => void this.#listen());
		const kept = this.keeping.open(device, start.sequence, tabs);
		const shapes = await shaped().catch(() => null);
		const served = start.documents as Record<string, Versioned<never> | null>;
		await Promise.all(
			this.documents.map((document) => {
				const from = start.recordsDown ? null : served[document.name];
				return document.open(device, from ? { value: from.record, version: from.version } : null, {
					read: (shapes?.READERS[document.name] ?? asItLies) as (raw: unknown) => never,
					onchange: () => this.keeping.told(document),
					onsaved: () => tabs.tell({ kind: 'document', name: document.name }),
					onfull: () => (this.full = true)
				});
			})
		);
		await Promise.all([kept, this.#openTally(device, shapes)]);
		await this.#recallWaters(device, start);
		this.forgetful = !(await device.lasting());
		this.#deviceZone = deviceZone();
		this.live = true;
	}

	async #recallWaters(device: Device, { waters, recordsDown }: AppStart): Promise<void> {
		if (!recordsDown) await device.update(WATERS_KEY, () => waters).catch(() => undefined);
		else this.#readWaters = (await device.read<readonly HeldWater[]>(WATERS_KEY)) ?? [];
	}

	/** Takes over what the server has newer, of what was not changed here. */
	heard({ documents, waters, recordsDown }: AppStart): void {
		if (recordsDown) return;
		this.#readWaters = waters;
		const served = documents as Record<string, Versioned<never> | null>;
		for (const document of this.documents) {
			const from = served[document.name];
			if (from && !document.untold && from.version > document.base) document.replace(from.record, from.version);
		}
	}

	/** Another page spoke its last words. */
	async #listen(): Promise<void> {
		await Promise.all([
			...this.documents.map((document) => document.listen()),
			this.keeping.outbox?.open(),
			this.tally.listen()
		]);
		await this.keeping.outbox?.flush();
	}

	/**
	 * The page may be left. What is typed is said down here and now: a browser in a hurry drops a page before that hears
	 * that it was left. Where it stays, each document takes its word back.
	 */
	leaving(): void {
		this.slide.land();
		for (const document of this.documents) document.leave();
	}

	/** The page is being left: the device has everything before it is gone, and the server hears what there is time for. */
	leave(): void {
		this.slide.land();
		for (const document of this.documents) document.leave();
		this.keeping.outbox?.leave();
		this.tally.leave();
		void this.keeping.hurry();
	}

	get #untoldCount(): number {
		const waiting = this.keeping.outbox?.writes ?? [];
		const unsaid = this.documents.filter(({ name, untold }) => untold && !waiting.some(({ kind }) => kind === name));
		return waiting.length + unsaid.length;
	}

	/** How many changes the records do not have, after all was tried: what was told may itself have something to tell. */
	async untold(): Promise<number> {
		for (let round = 0; round < ROUNDS && this.#untoldCount > 0; round++) {
			await this.keeping.hurry();
			await this.keeping.outbox?.flush();
			await this.keeping.outbox?.flush();
		}
		return this.#untoldCount;
	}

	/** Opens the tally once what tells an outing is there; a page that cannot have it opens without one. */
	async #openTally(device: Device, shapes: Shapes | null): Promise<void> {
		const story = await import('$lib/core/tally/story').catch(() => null);
		if (story) await this.tally.open(device, shapes?.wholeHappening ?? asItLies, story.storyOf);
	}

	/** This device forgets the angler: the session is being closed. */
	async forget(): Promise<void> {
		this.close();
		const { forgetPages } = await import('./offline');
		await Promise.all([this.#device?.forget(), forgetPages()]);
	}

	close(): void {
		this.#deafen();
		this.keeping.close();
		this.work?.close();
		this.#tabs?.close();
	}
}

export const provideApp = (start: AppStart, screen: () => string): App => setContext(KEY, new App(start, screen));
export const useApp = (): App => getContext<App>(KEY);
