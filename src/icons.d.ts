/** Each icon in a file of its own, so that a page carries none that it does not show. */
declare module 'lucide/dist/esm/icons/*.mjs' {
	import type { IconNode } from 'lucide';
	const icon: IconNode;
	export default icon;
}
