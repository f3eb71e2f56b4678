import { dequal } from 'dequal';
import { getContext, setContext } from 'svelte';
import { withAlmanac } from '$lib/presentation/almanac';
import { FACTS_NEEDED, factsSaid, type FirstFact } from '$lib/core/water/reading/firstFacts';
import { completeReading, type Reading } from '$lib/core/water/reading/complete';
import { A_DAY } from '$lib/core/records/aDay';
import type { DayRecord } from '$lib/core/records/daySchema';
import type { DocumentKindName } from '$lib/core/records/kind';
import type { CallAnswer, CallInput, Moves } from '$lib/core/foundation/schema/call';
import type { HouseRule } from '$lib/core/claims/house';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import type { DeskRecord, SettingsRecord, SpotRecord, ViewsRecord, WaterRecord } from '$lib/core/records/schemas';
import { goneAfter } from '$lib/core/records/ruleKey';
import { EMPTY_TRAY, partsOf } from '$lib/core/records/ownedParts';
import type { Tray } from '$lib/core/foundation/schema/tray';
import type { DrillsRecord } from '$lib/core/records/drillsRecord';
import { NO_DRILLS } from '$lib/core/records/learned';
import type { TrayRecord } from '$lib/core/records/trayRecord';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { Locks, Rig } from '$lib/core/foundation/schema/rig';
import type { BenchRecord } from '$lib/core/records/rigSchemas';
import { without } from '$lib/core/foundation/basics/without';
import { Bench } from './bench.svelte';
import type { Device } from '../sync/device';
import { SyncedDocument } from './document.svelte';
import type { EditContext } from './versions';
import { SyncService } from '../sync/syncService.svelte';
import { blankDesk, locked, movedTo, patched, recordOf, saveFault, type Place } from './currentReading';
import { deviceZone, watersWith } from './places';
import { reuseRigs } from './reuseRigs';
import { DragPreview } from './dragPreview.svelte';
import { joinTabs, type Tabs } from '../sync/tabs';
import { Tally } from './tally.svelte';
import { newUuid } from '../sync/uuid';
import type { AppStart, ListedSpot, ListedWater, Versioned } from '$lib/core/records/appStart';
import type { Work } from '../workers/work';

const DEFAULT_SETTINGS: SettingsRecord = { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true };
const NO_STAND: ViewsRecord = { schemaVersion: SCHEMA_VERSION, stances: {}, houseRules: [] };

/** Other conditions than those that were read, to see what is called then. */
interface Preview {
	/** What is different, in words. */
	readonly text: string;
	readonly patch: Partial<ParsedReading>;
	readonly reading: ParsedReading;
	/** The reading from which one looked: once it changes there is nothing to go back from. */
	readonly of: ParsedReading;
}

/** Where the current reading is read. */
const READING_SCREEN = 'water';
/** How often it is tried to tell everything before a session is closed. */
const ROUNDS = 6;
const WATERS_KEY = 'waters';
const KEY = Symbol('app');

type Validators = typeof import('./validators');
const asItLies = (raw: unknown): never => raw as never;

const freedWords = (count: number): string | null =>
	count > 0
		? `${count} ${count === 1 ? 'lock was' : 'locks were'} removed because ${count === 1 ? 'it belonged' : 'they belonged'} to another water.`
		: null;

/** Everything that the angler holds, in one place: the documents, what is worked out from them, and what waits. */
export class App {
	readonly anglerId: string;
	readonly desk: SyncedDocument<DeskRecord>;
	readonly viewsDocument: SyncedDocument<ViewsRecord>;
	readonly settingsDocument: SyncedDocument<SettingsRecord>;
	readonly benchDocument: SyncedDocument<BenchRecord | null>;
	readonly dayDocument: SyncedDocument<DayRecord>;
	readonly trayDocument: SyncedDocument<TrayRecord>;
	readonly drillsDocument: SyncedDocument<DrillsRecord>;
	readonly bench: Bench;
	readonly sync: SyncService;
	readonly tally: Tally;
	/** What a hand is moving of the reading just now. */
	readonly dragPreview = new DragPreview((patch, step) => void this.change(patch, step));
	/** Waters and spots as they were last read from the server or this device. */
	#readWaters = $state.raw<readonly ListedWater[]>([]);
	/** The same with what was changed here since. */
	readonly waters: readonly ListedWater[] = $derived.by(() =>
		watersWith(this.#readWaters, this.sync.since('waters'), this.sync.since('spots'))
	);
	answer = $state.raw<CallAnswer | null>(null);
	#served: { readonly question: CallInput | null; readonly answer: CallAnswer; readonly whole: boolean } | null = null;
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

	/** The rig that was chosen last, until the angler says whether it is being fished. */
	lastUsedRig = $state.raw<Rig | null>(null);
	/** When the page was opened, ISO 8601. */
	readonly now: string;

	/** @param screen The screen that is shown: a change belongs to it, and only there it is taken back. */
	constructor({ anglerId, documents, waters, now }: AppStart, screen: () => string) {
		const { desk, bench, stand, settings, day } = documents;
		const held = <T>(name: DocumentKindName, from: Versioned<T> | null, blank: T) =>
			new SyncedDocument<T>(name, from?.record ?? blank, from?.version ?? 0);
		this.anglerId = anglerId;
		this.now = now;
		this.#screen = screen;
		this.desk = held('desk', desk, blankDesk(now));
		this.viewsDocument = held('stand', stand, NO_STAND);
		this.settingsDocument = held('settings', settings, DEFAULT_SETTINGS);
		this.benchDocument = held<BenchRecord | null>('bench', bench, null);
		this.dayDocument = held('day', day, A_DAY);
		this.trayDocument = held('tray', null, EMPTY_TRAY);
		this.drillsDocument = held('drills', null, NO_DRILLS);
		this.bench = new Bench(this.benchDocument, (step) => this.editContext(step));
		this.sync = new SyncService(this);
		this.tally = new Tally({
			put: (kind, id, base, record, title) => this.sync.put(kind, id, base, record as never, title),
			remove: (kind, id, base, title) => this.sync.remove(kind, id, base, title),
			saved: () => this.#tabs?.post({ kind: 'tally' }),
			sequence: () => this.sync.sequence
		});
		this.#readWaters = waters;
	}

	/** The documents that are sent to the server. */
	get documents(): readonly SyncedDocument<never>[] {
		return [
			this.desk,
			this.benchDocument,
			this.viewsDocument,
			this.settingsDocument,
			this.dayDocument,
			this.trayDocument,
			this.drillsDocument
		] as unknown as SyncedDocument<never>[];
	}

	get record(): DeskRecord {
		return this.desk.value;
	}

	get views(): ViewsRecord {
		return this.viewsDocument.value;
	}

	get settings(): SettingsRecord {
		return this.settingsDocument.value;
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
	readonly spot: { water: ListedWater; spot: ListedSpot } | null = $derived(this.spotOf(this.#spotId));
	/** Other conditions that are looked at: they go into the question, never into the reading. */
	#preview = $state.raw<Preview | null>(null);
	/** What is looked at instead of the reading; `null` once the reading was changed, or nothing is. */
	readonly preview: Preview | null = $derived(this.#preview?.of === this.reading ? this.#preview : null);
	/** The reading with what its place and hour say of sun, moon and season. */
	readonly dated: ParsedReading = $derived(
		withAlmanac(this.preview?.reading ?? this.reading, this.spot?.water ?? null, this.takenAt)
	);
	readonly #locks = $derived(this.record.locks);
	readonly #stances = $derived(this.views.stances);
	readonly #houseRules = $derived(this.views.houseRules);
	readonly #moves = $derived(this.views.record);
	readonly #sighted = $derived(this.views.sight !== false);
	/** The parts that bound the call: the angler's own, where only those shall be cast. */
	readonly ownParts: Tray | undefined = $derived(
		this.views.fromTray && this.tray.items.length > 0 ? partsOf(this.tray) : undefined
	);
	/** What is asked of the ranking. */
	readonly question: CallInput = $derived({
		reading: this.dated,
		stances: this.#stances,
		locks: this.#locks,
		houseRules: this.#houseRules,
		sight: this.#sighted,
		...(this.#moves ? { record: this.#moves } : {}),
		...(this.ownParts ? { tray: this.ownParts } : {})
	});
	/** The reading with its defaults. */
	readonly complete: Reading = $derived(completeReading(this.dated));
	/** The reading as a hand is moving it: as it was taken, with its place and hour, and with its defaults. */
	readonly readingWhileDragged = $derived.by(() => {
		const { patch } = this.dragPreview;
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

	/** The current rig. */
	get rig(): Rig | null {
		return this.bench.build?.rig ?? null;
	}

	/** Whether a field that every reading has was entered, rather than begun with. */
	isSaid(key: string): boolean {
		return this.#said === undefined || this.#said.includes(key);
	}

	spotOf(id: string | null): { water: ListedWater; spot: ListedSpot } | null {
		for (const water of this.waters) {
			const spot = water.spots.find((one) => one.id === id);
			if (spot) return { water, spot };
		}
		return null;
	}

	/** How a change is made now: on the screen that is shown, after all that was changed before. */
	editContext(step = ''): EditContext {
		this.dragPreview.land();
		const orders = this.documents.flatMap(({ lastStep, nextStep }) => [lastStep?.order ?? 0, nextStep?.order ?? 0]);
		return { step, screen: this.#screen(), order: Math.max(0, this.sync.lastOrder, ...orders) + 1 };
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
		if (wrong === null) this.desk.change((desk) => patched(desk, patch).desk ?? desk, this.editContext(step));
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
		if (wrong === null) this.dragPreview.move(patch, step);
		return wrong;
	}

	/** Changes what stands around the reading, such as its name or time. */
	put(patch: Partial<Omit<DeskRecord, 'reading'>>, step = ''): void {
		this.said = null;
		this.desk.change((desk) => ({ ...desk, ...patch }), this.editContext(step));
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
		this.desk.change((desk) => movedTo(desk, to, from), this.editContext());
		this.said = freedWords(locks - this.#lockCount);
	}

	/**
	 * Saves the current reading under its name: over the saved one that it was opened from, or as a new one.
	 *
	 * @returns What is wrong with it, or `null`.
	 */
	saveReading(asNew: boolean): string | null {
		this.dragPreview.land();
		const { desk } = this;
		const called = desk.value.name.trim() || this.usualName;
		const record = recordOf(desk.value, called);
		const wrong = saveFault(record);
		if (wrong !== null) return wrong;
		if (desk.value.name !== called) desk.amend((one) => ({ ...one, name: called }));
		const known = asNew ? null : desk.value.readingId;
		const id = known ?? newUuid();
		const version = known ? desk.value.readingVersion : 0;
		// The key is there at once, so that pressing twice saves once.
		const { readingId, takenAt, spotId, name } = desk.value;
		const isSame = (one: DeskRecord): boolean =>
			one.readingId === readingId && one.takenAt === takenAt && one.spotId === spotId && (!asNew || one.name === name);
		desk.amend((one) => (isSame(one) ? { ...one, readingId: id, readingVersion: version } : one));
		void this.sync.put('readings', id, version, record, called);
		return null;
	}

	get #lockCount(): number {
		return Object.keys(this.record.locks).length;
	}

	/** Lays another reading on the desk; the one that lay there is one step back on Water. */
	openReading(desk: DeskRecord): void {
		const locks = this.#lockCount;
		this.desk.change(() => desk, { ...this.editContext(), screen: READING_SCREEN });
		const freed = freedWords(locks - this.#lockCount);
		this.said = `Loaded “${desk.name || 'A new reading'}”. Undo brings back what was here. ${freed ?? ''}`;
	}

	/** Saves a new water, or one over the version that was opened. @returns Its key. */
	saveWater(record: WaterRecord, known?: ListedWater): string {
		const id = known?.id ?? newUuid();
		void this.sync.put('waters', id, known?.version ?? 0, record, record.name);
		return id;
	}

	/** Saves a new spot, or one over the version that was opened. @returns Its key. */
	saveSpot(record: SpotRecord, known?: ListedSpot): string {
		const id = known?.id ?? newUuid();
		void this.sync.put('spots', id, known?.version ?? 0, record, record.name);
		return id;
	}

	/** Says that the current reading was taken at a spot that it was saved as: nothing of it changes. */
	placeReading(spotId: string): void {
		this.put({ spotId });
	}

	/** Begins a reading from nothing, at the same place. */
	begin(now: string): void {
		this.openReading({ ...blankDesk(now), spotId: this.record.spotId });
	}

	lock(key: keyof Locks, value: Locks[keyof Locks]): void {
		this.desk.change((desk) => locked(desk, key, value), this.editContext());
	}

	/** Takes a side in a split, the default with "auto", or "both". */
	takeSide(topic: string, stance: string): void {
		this.viewsDocument.change((stand) => {
			const rest = without(stand.stances, topic);
			return { ...stand, stances: stance === 'auto' ? rest : { ...rest, [topic]: stance } };
		}, this.editContext());
	}

	/** Replaces the angler's own rules. */
	setRules(houseRules: HouseRule[]): void {
		this.viewsDocument.change((stand) => {
			const goneRules = goneAfter(stand.goneRules ?? [], stand.houseRules, houseRules);
			return { ...without(stand, 'goneRules'), houseRules, ...(goneRules.length > 0 ? { goneRules } : {}) };
		}, this.editContext());
	}

	/** Lets the angler's own record move the claims, or none any more. */
	moveBy(record: Moves | undefined): void {
		this.viewsDocument.change((stand) => ({ ...stand, record }), this.editContext());
	}

	/** Whether the call weighs what the model of sight says: it does until it is told not to. */
	get sightWeighed(): boolean {
		return this.#sighted;
	}

	weighSight(on: boolean): void {
		this.viewsDocument.change((stand) => ({ ...stand, sight: on ? undefined : false }), this.editContext());
	}

	/** Makes a rig the current one; where an outing runs, it is asked whether it is fished. */
	useRig(rig: Rig): void {
		this.bench.useRig(rig);
		this.lastUsedRig = rig;
	}

	set(settings: Partial<SettingsRecord>): void {
		this.settingsDocument.change((before) => ({ ...before, ...settings }), this.editContext());
	}

	/** Changes what is chosen of the day that is planned. */
	planDay(more: Partial<DayRecord>, step = ''): void {
		this.dayDocument.change((day) => ({ ...day, ...more }), this.editContext(step));
	}

	/** What the angler owns. */
	get tray(): TrayRecord {
		return this.trayDocument.value;
	}

	changeTray(make: (tray: TrayRecord) => TrayRecord, step = ''): void {
		this.trayDocument.change(make, this.editContext(step));
	}

	/** What the angler learned from drills. */
	get drills(): DrillsRecord {
		return this.drillsDocument.value;
	}

	changeDrills(make: (drills: DrillsRecord) => DrillsRecord): void {
		this.drillsDocument.change(make, this.editContext());
	}

	/** Takes over what the server has of a document that comes only with the pages that show it. */
	takeOver<T>(document: SyncedDocument<T>, from: Versioned<T> | null): void {
		if (from && !document.dirty && from.version > document.base) document.replace(from.record, from.version);
	}

	/** Takes the answer that the page came with, until another one is worked out. `whole`: with every alternative. */
	serve(answer: CallAnswer | null, whole: boolean): void {
		// Which parts the server chose from is not known until the tray is here: then it is asked anew.
		const question = this.views.fromTray ? null : this.question;
		if (answer && !this.answer) this.#served = { question, answer, whole };
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
		return this.dragPreview.busy || this.#back() !== undefined || this.sync.deletionOn(this.#screen()) !== null;
	}

	get canRedo(): boolean {
		return this.#forth() !== undefined;
	}

	/** Takes back the last thing that was done on this screen: a change never made elsewhere. */
	undo(): void {
		this.dragPreview.land();
		const back = this.#back();
		const deletion = this.sync.deletionOn(this.#screen());
		if (deletion && deletion.order > (back?.lastStep?.order ?? 0)) void this.sync.bringBack();
		else back?.undo();
	}

	redo(): void {
		this.#forth()?.redo();
	}

	/** Ends the step that goes on: the pointer was lifted, the field was left. */
	closeStep(): void {
		this.dragPreview.land();
		for (const document of this.documents) document.close();
	}

	/**
	 * Brings back what this device holds, and goes on from there: sent to the server, shared with other tabs. What is
	 * changed or kept before that is done is not lost, so that screens need not wait for it.
	 *
	 * @param validators How what is stored is read, which comes after the page. Where the line broke before it came, what this
	 *   device stored is taken as it lies: nothing that is changed from here on may go astray for want of it.
	 */
	async open(
		device: Device,
		start: AppStart,
		validators: () => Promise<Validators> = () => import('./validators')
	): Promise<void> {
		this.#device = device;
		this.#tabs = joinTabs(this.anglerId, (word) => {
			if (word.kind === 'outbox') void this.sync.refresh();
			else if (word.kind === 'tally') void this.tally.refresh();
			else void this.documents.find(({ name }) => name === word.name)?.refresh();
		});
		const tabs = this.#tabs;
		this.#deafen = device.onUnload(() => void this.#listen());
		const kept = this.sync.open(device, start.sequence, tabs);
		const loaded = await validators().catch(() => null);
		const served = start.documents as Record<string, Versioned<never> | null>;
		await Promise.all(
			this.documents.map((document) => {
				const from = start.recordsDown ? null : served[document.name];
				return document.open(device, from ? { value: from.record, version: from.version } : null, {
					prepare: loaded?.prepareFor,
					read: (loaded?.READERS[document.name] ?? asItLies) as (raw: unknown) => never,
					onchange: () => this.sync.scheduleSend(document),
					onsaved: () => tabs.post({ kind: 'document', name: document.name }),
					onfull: () => (this.full = true)
				});
			})
		);
		await Promise.all([kept, this.#openTally(device, loaded)]);
		await this.#recallWaters(device, start);
		this.forgetful = !(await device.lasting());
		this.#deviceZone = deviceZone();
		this.live = true;
	}

	async #recallWaters(device: Device, { waters, recordsDown }: AppStart): Promise<void> {
		if (!recordsDown) await device.update(WATERS_KEY, () => waters).catch(() => undefined);
		else this.#readWaters = (await device.read<readonly ListedWater[]>(WATERS_KEY)) ?? [];
	}

	/** Takes over what the server has newer, of what was not changed here. */
	heard({ documents, waters, recordsDown }: AppStart): void {
		if (recordsDown) return;
		this.#readWaters = waters;
		const served = documents as Record<string, Versioned<never> | null>;
		for (const document of this.documents) {
			const from = served[document.name];
			this.takeOver(document, from ?? null);
		}
	}

	/** Another page spoke its last words. */
	async #listen(): Promise<void> {
		await Promise.all([
			...this.documents.map((document) => document.listen()),
			this.sync.outbox?.open(),
			this.tally.listen()
		]);
		await this.sync.outbox?.flush();
	}

	/**
	 * The page may be left. What is typed is said down here and now: a browser in a hurry drops a page before that hears
	 * that it was left. Where it stays, each document takes its word back.
	 */
	leaving(): void {
		this.dragPreview.land();
		for (const document of this.documents) document.leave();
	}

	/** The page is being left: the device has everything before it is gone, and the server hears what there is time for. */
	leave(): void {
		this.dragPreview.land();
		for (const document of this.documents) document.leave();
		this.sync.outbox?.leave();
		this.tally.leave();
		void this.sync.flushNow();
	}

	get #dirtyCount(): number {
		const waiting = this.sync.outbox?.writes ?? [];
		const unsaid = this.documents.filter(({ name, dirty }) => dirty && !waiting.some(({ kind }) => kind === name));
		return waiting.length + unsaid.length;
	}

	/** How many changes the records do not have, after all was tried: what was told may itself have something to tell. */
	async unsentCount(): Promise<number> {
		for (let round = 0; round < ROUNDS && this.#dirtyCount > 0; round++) {
			await this.sync.flushNow();
			await this.sync.outbox?.flush();
			await this.sync.outbox?.flush();
		}
		return this.#dirtyCount;
	}

	/** Opens the tally once what tells an outing is there; a page that cannot have it opens without one. */
	async #openTally(device: Device, loaded: Validators | null): Promise<void> {
		const story = await import('$lib/core/trips/tally/story').catch(() => null);
		if (story) await this.tally.open(device, loaded?.wholeEntry ?? asItLies, story.storyOf, loaded ?? undefined);
	}

	/** This device forgets the angler: the session is being closed. */
	async forget(): Promise<void> {
		this.close();
		const { clearPrecachedPages } = await import('../offline/precachePages');
		await Promise.all([this.#device?.forget(), clearPrecachedPages()]);
	}

	close(): void {
		this.#deafen();
		this.sync.close();
		this.work?.close();
		this.#tabs?.close();
	}
}

export const provideApp = (start: AppStart, screen: () => string): App => setContext(KEY, new App(start, screen));
export const useApp = (): App => getContext<App>(KEY);
