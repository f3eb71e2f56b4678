import Bookmark from 'lucide/dist/esm/icons/bookmark.mjs';
import CalendarClock from 'lucide/dist/esm/icons/calendar-clock.mjs';
import ChartLine from 'lucide/dist/esm/icons/chart-line.mjs';
import ListChecks from 'lucide/dist/esm/icons/list-checks.mjs';
import BookOpen from 'lucide/dist/esm/icons/book-open.mjs';
import Wrench from 'lucide/dist/esm/icons/wrench.mjs';
import Eye from 'lucide/dist/esm/icons/eye.mjs';
import Spline from 'lucide/dist/esm/icons/spline.mjs';
import Scale from 'lucide/dist/esm/icons/scale.mjs';
import Waves from 'lucide/dist/esm/icons/waves-horizontal.mjs';
import Settings from 'lucide/dist/esm/icons/sliders-horizontal.mjs';

/**
 * The screens that exist, in the order of the work: rail, bottom bar, shortcuts and the palette read this list. Those that
 * are wanted on deck stand in the phone's bar, the others behind its last button.
 */
export const SCREENS = [
	{
		path: '/water',
		name: 'Water',
		asks: 'What is in front of me?',
		key: 'w',
		icon: Waves,
		group: 'read',
		onPhone: true
	},
	{
		path: '/call',
		name: 'Call',
		asks: 'What should I tie on?',
		key: 'c',
		icon: Scale,
		group: 'choose',
		onPhone: true
	},
	{
		path: '/bench',
		name: 'Bench',
		asks: 'Do these parts work together?',
		key: 'b',
		icon: Wrench,
		group: 'choose'
	},
	{ path: '/tank', name: 'Tank', asks: 'Where does it run?', key: 't', icon: Spline, group: 'choose' },
	{
		path: '/sight',
		name: 'Sight',
		asks: 'How do these colours look, here?',
		key: 'i',
		icon: Eye,
		group: 'choose'
	},
	{
		path: '/deck',
		name: 'Deck',
		asks: 'Which rods, when, and where?',
		key: 'd',
		icon: CalendarClock,
		group: 'go'
	},
	{
		path: '/tally',
		name: 'Tally',
		asks: 'What just happened, and what next?',
		key: 'a',
		icon: ListChecks,
		group: 'go',
		onPhone: true
	},
	{
		path: '/proof',
		name: 'Proof',
		asks: 'What does my own record show?',
		key: 'p',
		icon: ChartLine,
		group: 'learn'
	},
	{ path: '/craft', name: 'Craft', asks: 'Which rules speak?', key: 'f', icon: BookOpen, group: 'learn' },
	{ path: '/logbook', name: 'Kept', asks: 'What have I kept?', key: 'k', icon: Bookmark, group: 'learn' },
	{
		path: '/settings',
		name: 'Settings',
		asks: 'How should it be shown?',
		key: 's',
		icon: Settings,
		group: 'learn'
	}
] as const;

/** Views that are opened from within a screen; they are laid up for days without a line as the screens are. */
export const VIEWS = ['/waters', '/tank/approach', '/tank/feel', '/tank/calibration', '/deck/places'] as const;

/** Keys that are no screen's. */
export const HELP_KEY = '?';
export const PALETTE_KEY = '/';

/** Every shortcut, for the list that `?` opens. */
export const SHORTCUTS: readonly (readonly [string, string])[] = [
	...SCREENS.map(({ key, name }) => [key, `Go to ${name}`] as const),
	[PALETTE_KEY, 'Find a screen or a thing to do'],
	['Ctrl Z', 'Undo what was last done on this screen'],
	['Ctrl ⇧ Z', 'Redo it'],
	['↑ ↓', 'Move through the ranked rigs on Call'],
	['Enter', 'Take the marked rig in hand on Call'],
	[HELP_KEY, 'This list']
];
