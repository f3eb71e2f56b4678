import { expect, it } from 'vitest';
import { prefixOf } from './address';

it.each([
	['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::/64'],
	['2001:0DB8:0001:0002::9', '2001:db8:1:2::/64'],
	['2001:db8::1', '2001:db8:0:0::/64'],
	['::1', '0:0:0:0::/64'],
	['fe80::1%eth0', 'fe80:0:0:0::/64'],
	['::ffff:192.0.2.7', '192.0.2.7'],
	['192.0.2.7', '192.0.2.7'],
	['unknown', 'unknown']
])('%s is counted as %s', (address, prefix) => {
	expect(prefixOf(address)).toBe(prefix);
});
