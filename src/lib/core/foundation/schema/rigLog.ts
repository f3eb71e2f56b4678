import * as z from 'zod/mini';
import { instant } from './instant';
import { rigSchema } from './rig';

/** What was seen of a lure drawn past the boat at speed; sides as seen from behind it. */
export const SEEN = [
	'true',
	'leans-left',
	'leans-right',
	'rolls-fast',
	'drifts-left',
	'drifts-right',
	'runs-high',
	'too-quiet'
] as const;

/** What can be done about it. */
export const ACTS = [
	'swap-swivel',
	'straighten-trailer',
	'centre-skirt',
	'bend-left',
	'bend-right',
	'toward-left',
	'toward-right',
	'twist-back',
	'slow-down',
	'lip-down',
	'set-rivet',
	'check-clip',
	'replace-wire'
] as const;

const tuneEventSchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('begin'), at: instant }),
	z.strictObject({ kind: z.literal('flick'), at: instant, spins: z.boolean() }),
	z.strictObject({ kind: z.literal('run'), at: instant, saw: z.enum(SEEN) }),
	z.strictObject({
		kind: z.literal('act'),
		at: instant,
		act: z.enum(ACTS),
		degrees: z.number().check(z.minimum(0), z.maximum(45))
	}),
	z.strictObject({ kind: z.literal('fish'), at: instant }),
	/** The wire was bent on the water. */
	z.strictObject({ kind: z.literal('bent'), at: instant }),
	z.strictObject({ kind: z.literal('hours'), at: instant, hours: z.number().check(z.minimum(0.1), z.maximum(24)) }),
	z.strictObject({
		kind: z.literal('fault'),
		at: instant,
		symptom: z.string().check(z.maxLength(40)),
		change: z.string().check(z.maxLength(60)),
		/** The rig as it was when the change was advised: what differs afterwards is what was changed. */
		before: rigSchema,
		outcome: z.enum(['open', 'better', 'same', 'worse']),
		/** Facets that had changed when the outcome was told. */
		changed: z.array(z.string().check(z.maxLength(40))).check(z.maxLength(40))
	})
]);

/** What happened to a rig since it was built, oldest first. */
export const rigLogSchema = z.array(tuneEventSchema).check(z.maxLength(2000));

export type Seen = (typeof SEEN)[number];
export type Act = (typeof ACTS)[number];
export type RigEvent = z.output<typeof tuneEventSchema>;
export type RigLog = z.output<typeof rigLogSchema>;
export type FaultEvent = Extract<RigEvent, { kind: 'fault' }>;
