// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/svelte';
import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { completeReading } from '$lib/core/water/reading/complete';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { everyTarget, sceneOfReading } from '$lib/core/simulation/sight/sight';
import { anyReading } from '$lib/core/testing/arbitraries';
import RigHere from './RigHere.svelte';
import { lookOwn, partsOf } from './rigParts';
import { opinionOf } from './opinion';
import { besideBest, css, levelsOf, REACHES, reachOf, shownIn } from './seen';

afterEach(cleanup);

const skirts = everyTarget().filter(({ kind }) => kind === 'skirt');
const scene = sceneOfReading(
	completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.2, bottomM: 3 }))
);

describe('what of a rig is looked at', () => {
	const colour = { strands: [{ colour: 'black' as const, share: 1 }], countsAs: 'black' as const };
	const part = {
		kind: 'skirt' as const,
		name: 'Hand-tied',
		form: 'silicone',
		lengthMm: 60,
		massG: 2,
		price: 1 as const,
		colour
	};
	const own = { skirt: { id: '11111111-1111-4111-8111-111111111111', version: 1, part } };

	it('is its own color where it has one, by its own name', () => {
		const { rig } = startBuild('spinnerbait');
		const [skirt] = partsOf(rig, own);
		expect(skirt).toMatchObject({ kind: 'skirt', colour: 'black', name: 'Hand-tied' });
		const black = skirts.find((one) => one.colour === 'black')!;
		expect([...skirt!.target.reflects]).toEqual([...black.target.reflects].map((value) => expect.closeTo(value, 9)));
		expect(partsOf(rig)[0]).toMatchObject({ kind: 'skirt', colour: rig.skirt.colour });
		expect(lookOwn('skirt', { ...part, colour: undefined })).toEqual([]);
	});

	it('stands beside those in the box: the one that goes here first, the bare ones not at all', () => {
		const { rig } = startBuild('spinnerbait');
		const box = [
			part,
			{ ...part, name: 'Same', colour: { ...colour, countsAs: rig.skirt.colour as 'white' } },
			{ ...part, name: 'Bare', colour: undefined }
		];
		const reading = completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.2, bottomM: 3 }));
		render(RigHere, { rig, box, reading });
		expect(screen.getAllByText(/treated as/).map(({ textContent }) => textContent!.includes('fits'))).toEqual([
			true,
			false
		]);
		expect(screen.queryByText('Bare')).toBeNull();
		// A name of the angler's own is left as it was given.
		expect(screen.getByText('Hand-tied')).toBeTruthy();
	});
});

describe('how far things are seen', () => {
	it('is a word by the farthest: near ties stand level, and nothing is finer than the model', () => {
		expect([
			reachOf(1, 1),
			reachOf(0.92, 1),
			reachOf(0.75, 1),
			reachOf(0.5, 1),
			reachOf(0.1, 1),
			reachOf(0, 0)
		]).toEqual(['farthest', 'farthest', 'far', 'middling', 'short', 'short']);
	});

	it('has every skirt on one level, and the levels in their order, whatever is read', () => {
		fc.assert(
			fc.property(anyReading, fc.constantFrom('side' as const, 'below' as const, 'above' as const), (input, view) => {
				const here = sceneOfReading(completeReading(readingSchema.parse(input)));
				const levels = levelsOf(shownIn(here, skirts, view));
				expect(levels.flatMap(({ shown }) => shown)).toHaveLength(skirts.length);
				const order = levels.map(({ reach }) => REACHES.indexOf(reach));
				expect(order).toEqual(order.toSorted((a, b) => a - b));
			}),
			{ numRuns: 25 }
		);
	});
});

it('a second color is one that is told from the first', () => {
	const white = skirts.find(({ colour }) => colour === 'white')!;
	const beside = besideBest(white, skirts, scene);
	expect(beside).toHaveLength(skirts.length - 1);
	expect(beside[0]!.steps).toBeGreaterThan(beside.at(-1)!.steps);
	expect(beside.findIndex(({ named }) => named.colour === 'black')).toBeLessThan(4);
	expect(beside.findIndex(({ named }) => named.colour === 'pearl')).toBeGreaterThan(4);
});

it('a color in the hand is the color of the lure, and here that of the water over it', () => {
	const [white] = shownIn(
		scene,
		skirts.filter(({ colour }) => colour === 'white'),
		'side'
	);
	const [r, g, b] = white!.inHand;
	expect(Math.max(r, g, b) - Math.min(r, g, b)).toBeLessThan(12);
	expect(white!.here[2]).toBeLessThan(white!.here[1]);
	expect(css([1, 2, 3])).toBe('rgb(1 2 3)');
});

describe('a rig that is looked at', () => {
	it('is its skirt, its trailer and its rear blade; what is not judged is left out', () => {
		const spinner = startBuild('spinnerbait').rig;
		expect(partsOf(spinner).map(({ kind }) => kind)).toEqual([
			'skirt',
			...(spinner.trailer ? ['trailer'] : []),
			'blade'
		]);
		const bare = { ...spinner, skirt: { ...spinner.skirt, colour: 'none' as const }, trailer: null };
		expect(partsOf(bare).map(({ kind }) => kind)).toEqual(['blade']);
		const clear = startBuild('bladed-jig').rig;
		const plastic = { ...clear, blades: clear.blades.map((blade) => ({ ...blade, finish: 'clear' as const })) };
		expect(partsOf(plastic).some(({ kind }) => kind === 'blade')).toBe(false);
	});

	it('is shown beside its forage, with the skirts that are like it, or told that none is', () => {
		const reading = completeReading(
			readingSchema.parse({
				waterTemperatureC: 18,
				visibilityM: 1.2,
				bottomM: 3,
				forage: [{ kind: 'sunfish', lengthIn: 3, amount: 'some' }]
			})
		);
		render(RigHere, { rig: startBuild('spinnerbait').rig, reading });
		expect(screen.getByText('Forage')).toBeTruthy();
		expect(screen.getByText(/^(Like|No skirt is like) sunfish/)).toBeTruthy();
		expect(screen.getAllByText(/^[▲▼≈] (bright|dark|blends)$/).length).toBeGreaterThanOrEqual(3);
	});
});

describe('the opinion on bright and dark', () => {
	it('calls near ties level, and leaves mud to sound', () => {
		expect(opinionOf(1, 0.95, 0.9)).toBe('From the side bright and dark show about equally far.');
		expect(opinionOf(1.5, 1, 1)).toBe('From the side bright shows farther than dark.');
		expect(opinionOf(0.8, 1, 1.4)).toBe(
			'From the side dark shows farther than bright. From below the dark one shows farther.'
		);
		expect(opinionOf(0.3, 0.2, 0.2)).toContain('sound decides');
	});
});
