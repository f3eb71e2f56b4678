import Bookmark from 'lucide/dist/esm/icons/bookmark.mjs';
import CalendarClock from 'lucide/dist/esm/icons/calendar-clock.mjs';
import ChartLine from 'lucide/dist/esm/icons/chart-line.mjs';
import ListChecks from 'lucide/dist/esm/icons/list-checks.mjs';
import BookOpen from 'lucide/dist/esm/icons/book-open.mjs';
import Target from 'lucide/dist/esm/icons/target.mjs';
import Package from 'lucide/dist/esm/icons/package.mjs';
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
		asks: 'What do you see?',
		key: 'w',
		icon: Waves,
		group: 'read',
		onPhone: true
	},
	{
		path: '/call',
		name: 'Call',
		asks: 'What to tie on',
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
	{ path: '/tank', name: 'Tank', asks: 'Where it runs', key: 't', icon: Spline, group: 'choose' },
	{
		path: '/sight',
		name: 'Sight',
		asks: 'How colors look in this water',
		key: 'i',
		icon: Eye,
		group: 'choose'
	},
	{ path: '/tray', name: 'Tray', asks: 'What you own, and what to buy', key: 'y', icon: Package, group: 'choose' },
	{
		path: '/deck',
		name: 'Deck',
		asks: 'Which rods, when and where',
		key: 'd',
		icon: CalendarClock,
		group: 'go'
	},
	{
		path: '/tally',
		name: 'Tally',
		asks: 'What just happened, and what next',
		key: 'a',
		icon: ListChecks,
		group: 'go',
		onPhone: true
	},
	{
		path: '/proof',
		name: 'Proof',
		asks: 'What your log shows',
		key: 'p',
		icon: ChartLine,
		group: 'learn'
	},
	{ path: '/drills', name: 'Drills', asks: 'Make the call yourself', key: 'r', icon: Target, group: 'learn' },
	{ path: '/craft', name: 'Craft', asks: 'The rules, and which apply now', key: 'f', icon: BookOpen, group: 'learn' },
	{ path: '/logbook', name: 'Logbook', asks: 'What you saved', key: 'k', icon: Bookmark, group: 'learn' },
	{
		path: '/settings',
		name: 'Settings',
		asks: 'Units, theme and account',
		key: 's',
		icon: Settings,
		group: 'learn'
	}
] as const;

/** Views that are opened from within a screen; they are laid up for days without a line as the screens are. */
export const VIEWS = [
	'/waters',
	'/safety',
	'/tank/approach',
	'/tank/feel',
	'/tank/calibration',
	'/deck/places'
] as const;

/** Keys that are no screen's. */
export const HELP_KEY = '?';
export const PALETTE_KEY = '/';

/** Every shortcut, for the list that `?` opens. */
export const SHORTCUTS: readonly (readonly [string, string])[] = [
	...SCREENS.map(({ key, name }) => [key, `Go to ${name}`] as const),
	[PALETTE_KEY, 'Find a screen or an action'],
	['Ctrl Z', 'Undo your last change on this screen'],
	['Ctrl ⇧ Z', 'Redo it'],
	['↑ ↓', 'Move through the backups on Call'],
	['Enter', 'Use the marked rig on Call'],
	[HELP_KEY, 'Show this list']
];
