import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedIn } from './browser';

let folder: string;
beforeAll(async () => {
	folder = await mkdtemp(join(tmpdir(), 'luc-places-'));
});
afterAll(() => rm(folder, { recursive: true, force: true }));

describe('the places of a day', () => {
	it('are ranked for every hour with the reasons, and the day has a way over them', async () => {
		const page = await signedIn({ at: '/deck/places' });
		const places = page.getByRole('region', { name: 'Your spots at this hour' });
		await places
			.getByText(/blades (good|fair|poor)/)
			.first()
			.waitFor();
		const order = async () => places.getByRole('button').allInnerTexts();
		const count = (await order()).length;
		expect(count).toBeGreaterThan(1);
		const slider = page.getByRole('slider', { name: 'Hour' });
		const lies: string[] = [];
		for (const hour of [0, 6, 11]) {
			await slider.fill(String(hour));
			lies.push((await places.locator('p').allInnerTexts()).join());
		}
		expect(new Set(lies).size).toBeGreaterThan(1);
		await places
			.getByRole('button')
			.nth(count - 1)
			.click();
		await expect.poll(() => places.getByRole('button', { pressed: true }).count()).toBe(1);
		const way = page.getByRole('region', { name: 'Today’s route' }).getByRole('listitem');
		await expect.poll(() => way.count()).toBeGreaterThan(0);
	});

	it('have a way whose hours are moved by hand, and left to the plan again', async () => {
		const page = await signedIn({ at: '/deck' });
		// Two stops whatever the season and the weather: two hours here, six there.
		const where = page.getByRole('combobox', { name: /^Where at/ });
		const said = page.getByRole('status').first();
		await expect.poll(() => said.innerText(), { timeout: 45_000 }).toMatch(/; [123] rods?, \d+ lure change/);
		const [, here, there] = await where.first().locator('option').allInnerTexts();
		for (let hour = 0; hour < 8; hour++) await where.nth(hour).selectOption({ label: hour < 2 ? here! : there! });
		const clock = async (hour: number) => (await where.nth(hour).getAttribute('aria-label'))!.slice(-'08:00'.length);
		const [first, later] = [await clock(2), await clock(3)];
		await page.goto('/deck/places');
		const way = page.getByRole('region', { name: 'Today’s route' });
		const stop = way.getByRole('slider', { name: new RegExp(`until, then ${there!.replace(', fixed', '')}$`) }).first();
		await stop.waitFor();
		const ends = () => stop.getAttribute('aria-valuetext');
		expect(await ends()).toBe(first);
		await stop.press('ArrowRight');
		await expect.poll(ends).toBe(later);
		const box = (await stop.boundingBox())!;
		await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
		await page.mouse.down();
		await page.mouse.move(box.x + box.width / 2 + 120, box.y + box.height / 2, { steps: 6 });
		await page.mouse.up();
		expect(parseInt((await ends())!)).toBeGreaterThan(parseInt(later));
		await way.getByRole('button', { name: /^Let the plan choose/ }).click();
		await expect.poll(async () => (await way.getByRole('listitem').allInnerTexts()).join()).not.toContain('until');
		await expect.poll(() => way.getByRole('button', { name: /^Let the plan choose/ }).count()).toBe(0);
		await page.getByRole('link', { name: 'The day', exact: true }).click();
		await expect.poll(() => where.first().inputValue()).toBe('');
	});

	it('come in from a file: a bad one is refused with its line, a good one is shown first and then taken', async () => {
		const page = await signedIn({ at: '/deck/places' });
		const files = page.getByRole('region', { name: 'Map files' });
		const chooser = files.locator('input[type=file]');
		await files.getByText('Import GPX').waitFor();
		await page
			.getByText(/blades (good|fair|poor)/)
			.first()
			.waitFor();
		const bad = join(folder, 'bad.csv');
		await writeFile(bad, 'longitude,latitude,depth,name\n0.6,44.1,2,\n0.6,196,2,\n');
		await chooser.setInputFiles(bad);
		await files.getByText('Line 3: 0.6, 196 is not a position in degrees east and north.').waitFor();

		const text = async (name: RegExp) => {
			const [download] = await Promise.all([
				page.waitForEvent('download'),
				files.getByRole('button', { name }).click()
			]);
			return readFile(await download.path(), 'utf8');
		};
		const gpx = await text(/Save as GPX/);
		expect(gpx).toContain('<gpx version="1.1"');
		const [, latitude, longitude] = /<wpt lat="([\d.]+)" lon="([\d.]+)"><name>/.exec(gpx)!;
		const good = join(folder, 'good.csv');
		await writeFile(good, `longitude,latitude,depth,name\n${longitude},${latitude},,Heron Stump\n`);
		await chooser.setInputFiles(good);
		await files.getByText(/1 named place\.[\s\S]*1 spot\s+is new/).waitFor();
		await files.getByRole('button', { name: 'Import it' }).click();
		const places = page.getByRole('region', { name: 'Your spots at this hour' });
		await places.getByRole('button', { name: /Heron Stump/ }).waitFor();
		await page.reload();
		await places.getByRole('button', { name: /Heron Stump/ }).waitFor();
	});

	it('take their weather from a file of the angler’s own', async () => {
		const page = await signedIn({ at: '/deck' });
		const date = await page.getByLabel('Day', { exact: true }).inputValue();
		const weather = join(folder, 'weather.csv');
		await writeFile(weather, `at,windMps,sky\n${date}T10:00Z,9.5,dark\n`);
		const chooser = page.locator('label', { hasText: 'Weather file' }).locator('input[type=file]');
		await page.getByText(/Best hours/).waitFor();
		await chooser.setInputFiles(weather);
		await page.getByText('1 hour from weather.csv.').waitFor();
		const winds = page.getByLabel(/^Wind at/);
		const values = await winds.evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value));
		expect(values).toContain('9.5');
	});
});
