import type { Reading } from '$lib/core/water/reading/complete';

/** A short card for when something goes wrong, or may. */
export interface SafetyCard {
	readonly id: string;
	readonly title: string;
	/** What to do, in order. */
	readonly steps: readonly string[];
	/** When to stop and get help. */
	readonly help?: string;
	/** Whether it matters now; a card without it is for the day when it happens. */
	readonly applies?: (reading: Reading) => boolean;
}

/** Water (°C) under which falling in takes breath and strength within minutes. */
const COLD_C = 15;
const WARM_C = 26;

const isCold = ({ waterTemperatureC }: Reading): boolean => waterTemperatureC < COLD_C;
const isDark = ({ light }: Reading): boolean => light === 'night';

/** The usual cautions, in plain words; they never stand over local rules or professional advice. */
export const SAFETY_CARDS: readonly SafetyCard[] = [
	{
		id: 'hook',
		title: 'A hook in the skin',
		steps: [
			'Stop the boat, put the rod down, and cut the line so that nothing pulls on the hook.',
			'Cut the lure off the hook if it hangs from it, with pliers and eye protection.',
			'Clean the skin around it and keep it still under a loose dressing until someone trained takes it out.',
			'Ask about tetanus afterwards.'
		],
		help: 'Leave it in and get medical help at once when it is in or near an eye, in the face, neck, a joint or a tendon, when it is deep, when you lose feeling, or when it will not stop bleeding.'
	},
	{
		id: 'ripped',
		title: 'A lure that is pulled free',
		steps: [
			'A lure that comes loose from cover or a fish flies back at the rod. Turn your face away and keep the rod low and to the side.',
			'Do not pull with the rod on a snag: point it at the lure, wrap the line around a stick or a cleat, never around a hand.',
			'Wear glasses on every cast.'
		]
	},
	{
		id: 'two',
		title: 'Two in a boat',
		steps: [
			'Say “casting” before a cast over the shoulder, and look behind you.',
			'One of you moves at a time. Rods lie with their hooks in the keeper.',
			'The angler who nets stays low; the fish comes to the net, not the net to the fish.'
		],
		applies: ({ from }) => from === 'boat'
	},
	{
		id: 'night',
		title: 'On the water at night',
		steps: [
			'Show the lights that your rules ask for, and carry one that you can wear.',
			'Idle where you cannot see. Know the way back before dark.',
			'Tell someone on shore where you are and when you will be back.'
		],
		applies: isDark
	},
	{
		id: 'cold',
		title: 'Cold water',
		steps: [
			'Wear the life jacket, not next to you. Clip on the kill switch.',
			'If you fall in: float and breathe for a minute first, then get out of the water as far as you can.',
			'Dry clothes and warmth slowly, the body before arms and legs. No alcohol.'
		],
		help: 'Call for help when someone shivers hard, mumbles or stumbles, and when shivering stops while they are still cold.',
		applies: isCold
	},
	{
		id: 'lightning',
		title: 'Lightning',
		steps: [
			'Leave the water at the first thunder or flash. Lay rods down: they conduct.',
			'Go into a building or a closed car; stay off points and away from single trees.',
			'Wait 30 minutes after the last thunder.'
		],
		help: 'A person who was struck can be touched. Call for help and begin first aid.',
		applies: ({ sky, pressureTrend }) => sky === 'dark' || pressureTrend === 'falling'
	},
	{
		id: 'lead',
		title: 'Lead',
		steps: [
			'Wash your hands before you eat. Keep lead out of mouths and away from children and birds.',
			'Some waters and countries ban small lead: use tungsten or bismuth there.',
			'Do not melt or file it indoors.'
		],
		applies: ({ rules }) => rules.leadAllowed !== true
	},
	{
		id: 'fish',
		title: 'Handling fish',
		steps: [
			'Wet your hands. Hold a bass level, by the jaw and under the belly; never by the jaw alone when it is heavy.',
			'Keep it in the water while you look for the pliers. Out of it for no longer than you can hold your breath.',
			'A hook that is deep comes out through the gill side with long pliers, or is cut off and left.',
			'Warm water: fight it quickly and let it go at once.'
		],
		applies: ({ waterTemperatureC }) => waterTemperatureC >= WARM_C
	}
];

/** The cards in the order for a reading: those that matter now first. */
export const cardsFor = (reading: Reading): { readonly now: SafetyCard[]; readonly others: SafetyCard[] } => ({
	now: SAFETY_CARDS.filter(({ applies }) => applies?.(reading)),
	others: SAFETY_CARDS.filter(({ applies }) => !applies?.(reading))
});
