import Bookmark from '@lucide/svelte/icons/bookmark';
import CalendarClock from '@lucide/svelte/icons/calendar-clock';
import ChartLine from '@lucide/svelte/icons/chart-line';
import ListChecks from '@lucide/svelte/icons/list-checks';
import BookOpen from '@lucide/svelte/icons/book-open';
import Wrench from '@lucide/svelte/icons/wrench';
import Eye from '@lucide/svelte/icons/eye';
import Spline from '@lucide/svelte/icons/spline';
import Scale from '@lucide/svelte/icons/scale';
import Waves from '@lucide/svelte/icons/waves-horizontal';
import Settings from '@lucide/svelte/icons/sliders-horizontal';

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
export const VIEWS = ['/waters', '/tank/approach', '/tank/feel', '/tank/calibration', '/deck/places'] as const;

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
