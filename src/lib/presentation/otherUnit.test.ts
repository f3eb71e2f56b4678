import { expect, it } from 'vitest';
import { otherUnit } from './otherUnit';

it('62 where Celsius is asked for is offered as Fahrenheit, and 16 where Fahrenheit is as Celsius', () => {
	const warm = otherUnit('waterTemperatureC', 'temperature', 'metric', 62)!;
	expect(warm.si).toBeCloseTo(16.67, 2);
	expect(warm.text).toBe('62 °F is 16.7 °C. Use that');
	const cool = otherUnit('waterTemperatureC', 'temperature', 'imperial', 16)!;
	expect(cool.si).toBe(16);
	expect(cool.text).toMatch(/^16\s°C is 6[01].*\s°F\. Use that$/);
});

it('what is no water in either, or no temperature, is not', () => {
	expect(otherUnit('waterTemperatureC', 'temperature', 'metric', 400)).toBeNull();
	expect(otherUnit('waterTemperatureC', 'temperature', 'metric', NaN)).toBeNull();
	expect(otherUnit('bottomM', 'depth', 'metric', 62)).toBeNull();
});
