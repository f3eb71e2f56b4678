import { expect, it } from 'vitest';
import { isTimeZone, knownZone } from './zone';

it.each(['UTC', 'Europe/Paris', 'America/Chicago', 'Pacific/Auckland'])('%s is a time zone', (name) => {
	expect(isTimeZone(name)).toBe(true);
	expect(knownZone(name)).toBe(name);
});

it.each(['', 'Mars/Olympus', 'Europe/Pariss', '../../etc', 'constructor'])(
	'“%s” is none, and UTC stands for it',
	(name) => {
		expect(isTimeZone(name)).toBe(false);
		expect(knownZone(name)).toBe('UTC');
	}
);
