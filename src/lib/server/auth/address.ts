import { isIPv6 } from 'node:net';

/** Groups of an IPv6 address, and those of them that are one subscriber's network. */
const GROUPS = 8;
const NETWORK_GROUPS = 4;

/** The groups of an IPv6 address, those left out by `::` filled in with zeros. */
function groupsOf(address: string): string[] {
	const [head = '', tail] = address.split('::');
	const before = head === '' ? [] : head.split(':');
	if (tail === undefined) return before;
	const after = tail === '' ? [] : tail.split(':');
	return [...before, ...Array<string>(Math.max(0, GROUPS - before.length - after.length)).fill('0'), ...after];
}

/**
 * The network of an address, by which guesses are counted: of IPv6 the first 64 bits, since one subscriber has all that
 * follow; an IPv4 address as it is, also where it comes mapped into IPv6.
 */
export function prefixOf(address: string): string {
	const [plain = ''] = address.toLowerCase().split('%');
	const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/.exec(plain)?.[1];
	if (mapped) return mapped;
	if (!isIPv6(plain)) return plain;
	const network = groupsOf(plain).slice(0, NETWORK_GROUPS);
	return `${network.map((group) => Number.parseInt(group, 16).toString(16)).join(':')}::/64`;
}
