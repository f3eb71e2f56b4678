import Bookmark from '@lucide/svelte/icons/bookmark';
import BookOpen from '@lucide/svelte/icons/book-open';
import Wrench from '@lucide/svelte/icons/wrench';
import Scale from '@lucide/svelte/icons/scale';
import Waves from '@lucide/svelte/icons/waves-horizontal';
import Settings from '@lucide/svelte/icons/sliders-horizontal';
import type { Component } from 'svelte';

/** The screens that exist, in the order of the work. */
export const SCREENS = [
	{ path: '/water', name: 'Water', key: 'w', icon: Waves as Component, group: 'read' },
	{ path: '/call', name: 'Call', key: 'c', icon: Scale as Component, group: 'choose' },
	{ path: '/bench', name: 'Bench', key: 'b', icon: Wrench as Component, group: 'choose' },
	{ path: '/craft', name: 'Craft', key: 'f', icon: BookOpen as Component, group: 'learn' },
	{ path: '/kept', name: 'Kept', key: 'k', icon: Bookmark as Component, group: 'learn' },
	{ path: '/settings', name: 'Settings', key: 's', icon: Settings as Component, group: 'learn' }
] as const;

/** Every shortcut, for the list that `?` opens. */
export const SHORTCUTS: readonly (readonly [string, string])[] = [
	...SCREENS.map(({ key, name }) => [key, `Go to ${name}`] as const),
	['Ctrl Z', 'Undo the last change'],
	['Ctrl ⇧ Z', 'Redo it on Bench'],
	['↑ ↓', 'Move through the ranked rigs on Call'],
	['Enter', 'Take the marked rig in hand on Call'],
	['?', 'This list']
];
