import type { AppStart } from '../../core/records/appStart';
import { BLANK_READING } from '../../core/water/reading/blank';
import { partsOf } from '../../core/records/ownedParts';
import type { DeskRecord, ViewsRecord } from '../../core/records/schemas';
import type { CallAnswer, CallInput } from '../../core/foundation/schema/call';
import { readingSchema } from '../../core/foundation/schema/reading';
import { completeReading } from '../../core/water/reading/complete';
import { drawnM, type Stop } from '../../presentation/drawn';
import { waterStops } from '../../presentation/tint';
import { withAlmanac } from '../../presentation/almanac';
import { storeOf } from '../records/store';
import { runInThread, type Requester } from './answer';

/** The water at which the desk's reading was taken; `null` without a spot. */
export function waterOf({ spotId }: DeskRecord, waters: AppStart['waters']): AppStart['waters'][number] | null {
	return waters.find(({ spots }) => spots.some(({ id }) => id === spotId)) ?? null;
}

/** What is asked of the desk as the records have it. */
export function deskQuestionOf(
	desk: DeskRecord | null,
	stand: ViewsRecord | null,
	waters: AppStart['waters']
): CallInput {
	return {
		reading: desk ? withAlmanac(desk.reading, waterOf(desk, waters), desk.takenAt) : readingSchema.parse(BLANK_READING),
		stances: stand?.stances ?? {},
		locks: desk?.locks ?? {},
		houseRules: stand?.houseRules ?? [],
		sight: stand?.sight !== false,
		...(stand?.record ? { record: stand.record } : {})
	};
}

/** The parts that an angler wants calls to be made of, as the question has them; nothing while that is everything. */
export async function ownPartsOf(anglerId: string, fromTray: boolean | undefined): Promise<Pick<CallInput, 'tray'>> {
	const tray = fromTray ? await storeOf('tray').find(anglerId) : null;
	return tray && tray.record.items.length > 0 ? { tray: partsOf(tray.record) } : {};
}

/** What a page's load is told of how it was asked for. */
interface Opening {
	readonly parent: () => Promise<{ readonly start: AppStart }>;
	readonly request: Request;
	readonly isDataRequest: boolean;
}

/** Colors of the water of a fresh page, which draws it before the optics are there; none for a page that is running. */
export async function firstTint(opening: Opening): Promise<Stop[] | undefined> {
	if (opening.isDataRequest) return undefined;
	const { documents, waters } = (await opening.parent()).start;
	const reading = completeReading(deskQuestionOf(documents.desk?.record ?? null, null, waters).reading);
	return waterStops(reading, drawnM(reading.bottomM), false);
}

/** The answer to a question, worked out beside the server. */
export const called = async (question: CallInput, asker: Requester): Promise<CallAnswer> =>
	(await runInThread('page-call', question, asker)) as CallAnswer;

/**
 * What a fresh page shows before its own scripts have ranked anything. `null` for a page that is already running, which
 * ranks in its own worker, and where the server has no time for it, since the page finds the answer itself.
 *
 * @param whole Whether every alternative is shown, or the best rig alone.
 */
export async function firstAnswer(opening: Opening, whole: boolean): Promise<CallAnswer | null> {
	if (opening.isDataRequest) return null;
	const { documents, waters, anglerId } = (await opening.parent()).start;
	const { desk, stand } = documents;
	const own = await ownPartsOf(anglerId, stand?.record.fromTray).catch(() => ({}));
	const question = { ...deskQuestionOf(desk?.record ?? null, stand?.record ?? null, waters), ...own };
	const asker = { asker: anglerId, signal: opening.request.signal };
	const answer = await called(whole ? question : { ...question, top: 1 }, asker).catch(() => null);
	if (!answer) return null;
	// The others run in the page's own worker as soon as they are looked at.
	if (whole)
		return { ...answer, calls: answer.calls.map((one, at) => (at === 0 ? one : { ...one, window: null, run: null })) };
	const calls = answer.calls.map((call) => ({ ...call, reasons: [], window: null, run: null }));
	const plan = answer.plan.filter(({ kind, topic }) => kind === 'caution' || topic === 'position');
	return { ...answer, calls, families: [], plan };
}
