import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describe, expect, inject, it } from 'vitest';
import { SCREENS, VIEWS } from '../../src/lib/ui/frame/screens';
import { complaints, field, go, lift, newAngler, ranked, served, signedIn } from './browser';

describe('without a session', () => {
	it('every screen leads to the welcome page and every API answers 401, but health is open', async () => {
		const address = inject('address');
		for (const path of [...SCREENS.map(({ path }) => path), ...VIEWS]) {
			const response = await fetch(address + path, { redirect: 'manual' });
			expect([path, response.status, response.headers.get('location')]).toEqual([path, 303, '/']);
		}
		for (const path of [
			'/api/v1/readings',
			'/api/v1/kept-calls',
			'/api/v1/records',
			'/api/v1/rigs',
			'/api/v1/parts',
			'/api/v1/desk',
			'/api/v1/changes'
		]) {
			const response = await fetch(address + path);
			expect([path, response.status]).toEqual([path, 401]);
			expect(await response.json()).toMatchObject({ error: { code: 'unauthorized' } });
		}
		const call = await fetch(`${address}/api/v1/call`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: '{}'
		});
		expect(call.status).toBe(401);
		const health = await fetch(`${address}/api/health`);
		expect(await health.json()).toEqual({ status: 'ok', database: 'up', schema: 'current', writes: 'taken' });
		expect((await fetch(`${address}/api/live`)).status).toBe(200);
	});
});

describe('from water to a kept call', () => {
	it('reads the water, hears the call change, takes the rig, keeps it and finds it tomorrow', async () => {
		const angler = await newAngler();
		const page = await signedIn({}, angler);
		await ranked(page);
		await field(page, 'Water').fill('23');
		await field(page, 'See down to').fill('0.9');
		await field(page, 'Bottom').fill('1.2');
		await lift(page, 'Now');
		await lift(page, 'Fish');
		await page.getByRole('group', { name: 'Light' }).getByRole('radio', { name: 'low', exact: true }).check();
		await page.getByRole('group', { name: 'Mood' }).getByRole('radio', { name: 'chasing', exact: true }).check();
		await page.getByRole('combobox', { name: 'Add cover' }).selectOption('pads');
		await field(page, 'Fish from').fill('0');
		await field(page, 'Name of the reading').fill('Dawn over the pads');
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await page.getByText('Saved as “Dawn over the pads”.').waitFor();
		await page.getByRole('button', { name: 'What to tie on' }).click();
		await page.waitForURL('**/call');
		await page.getByRole('heading', { name: /Buzzbait/ }).waitFor();
		await expect.poll(() => page.getByRole('status').first().textContent()).toContain('Buzzbait');
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await page.getByRole('link', { name: 'Current rig: Buzzbait' }).waitFor();
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await page.getByRole('link', { name: 'Open Logbook' }).click();
		await page.getByRole('button', { name: 'Open Dawn over the pads, reading and rig' }).waitFor();
		// It is a link once the records have it.
		await page.getByRole('link', { name: 'See the call Dawn over the pads' }).waitFor();

		// Tomorrow, on the same account but a fresh browser: the records alone must know it.
		const tomorrow = await signedIn({ at: '/logbook' }, angler);
		await tomorrow.getByRole('link', { name: 'See the call Dawn over the pads' }).click();
		await tomorrow.getByRole('heading', { name: 'Decided by' }).waitFor();
		await tomorrow.getByText('Today’s rules still choose it first.').waitFor();
		await tomorrow.getByRole('link', { name: 'Back to Logbook' }).click();
		await tomorrow.getByRole('button', { name: 'Open Dawn over the pads, reading and rig' }).click();
		await tomorrow.waitForURL('**/water');
		await ranked(tomorrow);
		await expect.poll(() => field(tomorrow, 'Water').inputValue()).toBe('23');
		await tomorrow.getByRole('link', { name: 'Current rig: Buzzbait' }).waitFor();
	});

	it('measures the water with a white lure, and says what cannot be', async () => {
		const page = await signedIn();
		await ranked(page);
		await page.getByText('How to measure it').click();
		await page.getByLabel('Lower it until you lose sight of it').fill('1,5');
		await page.getByLabel('Raise it until you see it again').fill('1.6');
		await page.getByRole('button', { name: 'Use the middle' }).click();
		await page.getByText('You can’t see it again deeper').waitFor();
		await page.getByLabel('Raise it until you see it again').fill('1.1');
		await page.getByRole('button', { name: 'Use the middle' }).click();
		await page.getByText('Done.').waitFor();
		await expect.poll(() => field(page, 'See down to').inputValue()).toBe('1.3');
		await page.getByRole('button', { name: 'Undo' }).first().click();
		await expect.poll(() => field(page, 'See down to').inputValue()).not.toBe('1.3');
	});

	it('works before any script has loaded', async () => {
		const page = await signedIn({ javaScriptEnabled: false });
		await expect.poll(() => page.getByText(/^(Yes|Fair|Hardly)\.$/).count()).toBe(1);
		await field(page, 'Water').fill('6');
		await field(page, 'See down to').fill('2.6');
		await field(page, 'Bottom').fill('8');
		await field(page, 'Fish from').fill('6.5');
		await field(page, 'Fish to').fill('8');
		await page.locator('[name="cover.0.kind"]').selectOption('ditch');
		await page.locator('[name="forage.0.kind"]').selectOption('silver-baitfish');
		await page.getByRole('combobox', { name: /^Season/ }).selectOption('winter');
		await page.getByRole('button', { name: 'What to tie on' }).click();
		await page.waitForURL('**/call');
		await page.getByRole('heading', { name: /Underspin/ }).waitFor();
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await expect.poll(() => page.getByRole('link', { name: 'Current rig: Underspin' }).count()).toBe(1);
	});
});

describe('what is wrong', () => {
	it('is refused at its field with what was typed kept, and a draft survives a reload', async () => {
		const page = await signedIn();
		await ranked(page);
		await field(page, 'Bottom').fill('4.5');
		await field(page, 'Water').fill('warm');
		await page.getByText('Enter a number.').waitFor();
		await expect.poll(() => field(page, 'Water').getAttribute('aria-invalid')).toBe('true');
		await field(page, 'Water').fill('99');
		await page.getByText('Between 0 and 40 °C.').waitFor();
		await field(page, 'Fish to').fill('7');
		await page.getByText('Fish can’t be deeper than the bottom.').waitFor();
		await expect.poll(() => field(page, 'Water').inputValue()).toBe('99');
		await expect.poll(() => field(page, 'Fish to').inputValue()).toBe('7');
		await page.reload();
		await ranked(page);
		await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('4.5');
	});

	it('is refused in place by the server too, when no script runs', async () => {
		const page = await signedIn({ javaScriptEnabled: false });
		await field(page, 'Water').fill('boiling');
		await field(page, 'See down to').fill('999');
		await page.getByRole('button', { name: 'What to tie on' }).click();
		await page.getByText('Enter a number.').waitFor();
		await expect.poll(() => page.getByText(/^Between 0.05 and 20\sm/).count()).toBe(1);
		await expect.poll(() => field(page, 'Water').inputValue()).toBe('boiling');
	});
});

describe('by keyboard', () => {
	it('moves the section’s handles, walks the ranked rigs, and letters go to screens but not while typing', async () => {
		const page = await signedIn();
		await ranked(page);
		await field(page, 'Bottom').fill('3');
		const handle = page.getByRole('slider', { name: 'Bottom', exact: true });
		await handle.focus();
		await page.keyboard.press('ArrowDown');
		await page.keyboard.press('ArrowDown');
		await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('3.2');
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('3');
		await field(page, 'Name of the reading').fill('call');
		expect(page.url()).toContain('/water');
		await page.getByRole('heading', { level: 1 }).click();
		await page.keyboard.press('c');
		await page.waitForURL('**/call');
		const rigs = page.getByRole('region', { name: 'First choice and backups' }).getByRole('button');
		await rigs.nth(1).waitFor();
		await rigs.first().focus();
		await page.keyboard.press('ArrowDown');
		await expect.poll(() => rigs.nth(1).getAttribute('aria-pressed')).toBe('true');
		await page.keyboard.press('Space');
		await expect.poll(() => rigs.nth(1).getAttribute('aria-pressed')).toBe('true');
	});
});

describe('by pointing', () => {
	it('puts cover and bait into the section at the depth that was pointed at, and takes them out again', async () => {
		const page = await signedIn();
		await ranked(page);
		const rows = page.getByRole('combobox', { name: /^Cover \d+, kind$/ });
		const before = await rows.count();
		const box = (await page.getByRole('slider', { name: 'Bottom', exact: true }).boundingBox())!;
		await page.mouse.click(box.x - 40, box.y - 60);
		const list = page.getByRole('dialog', { name: /^At .*\sm: what is there\?$/ });
		await list.getByRole('button', { name: 'Add timber' }).click();
		await expect.poll(() => rows.count()).toBe(before + 1);
		const top = Number(await field(page, `Cover ${before + 1}, top below the surface`).inputValue());
		expect(top).toBeGreaterThan(0);
		expect(top).toBeLessThan(Number(await field(page, 'Bottom').inputValue()));
		await expect.poll(() => list.isVisible()).toBe(false);

		await page.getByRole('button', { name: '+ cover, bait' }).press('Enter');
		await list.getByRole('button', { name: 'Add crayfish' }).press('Enter');
		await expect.poll(() => page.getByRole('button', { name: /^Remove forage \d+, crayfish$/ }).count()).toBe(1);
		await page.getByRole('button', { name: '+ cover, bait' }).press('Enter');
		await list.getByRole('button', { name: 'Remove timber' }).click();
		await expect.poll(() => rows.count()).toBe(before);
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect.poll(() => rows.count()).toBe(before + 1);
	});

	it('turns from call to call on the phone, each with what sets it apart', async () => {
		const page = await signedIn({ at: '/call', viewport: { width: 390, height: 844 }, hasTouch: true });
		const turn = page.locator('.turn');
		await turn.getByText(/^1 of \d: the first choice/).waitFor();
		await turn.getByRole('button', { name: 'Next backup' }).tap();
		await turn.getByText(/^2 of \d: (level|close|behind|far behind)\. (Better|As good)/).waitFor();
		await turn.getByRole('button', { name: 'Previous backup' }).tap();
		await turn.getByText(/^1 of \d: the first choice/).waitFor();
		await expect.poll(() => turn.getByRole('button', { name: 'Previous backup' }).isDisabled()).toBe(true);
	});
});

describe('where the angler stands', () => {
	it('locks a facet at a price, takes a side, adds a rule, and finds all of it after a reload', async () => {
		const page = await signedIn({ at: '/call' });
		await page.getByRole('button', { name: /^Lock .*fluorocarbon/ }).click();
		const free = page.getByRole('button', { name: /^Unlock .*fluorocarbon/ });
		await free.waitFor();
		await page.getByText('1 part locked').waitFor();
		await go(page, 'Craft');
		await page.getByRole('button', { name: 'Disagreements' }).click();
		await page
			.getByRole('group', { name: 'Thin wire or heavy' })
			.getByRole('radio', { name: /^Heavy\./ })
			.check();
		await page.getByRole('button', { name: 'My own rules' }).click();
		await page.getByRole('button', { name: 'Add the rule' }).click();
		await page.getByText('Choose what the rule prefers.').waitFor();
		await page.getByLabel('Part 1').selectOption('colour');
		await page.getByLabel('Value 1').selectOption('pearl');
		await page.getByLabel('because').fill('Purple has been good here.');
		await page.getByRole('button', { name: 'Add the rule' }).click();
		await page.getByText('Always, every lure should have color pearl.').waitFor();
		await page.getByRole('button', { name: 'Change MY-01' }).click();
		await page.getByLabel('Value 1').selectOption('purple');
		await page.getByRole('button', { name: 'Save the change' }).click();
		await page.getByText('Always, every lure should have color purple.').waitFor();
		await served(page, 'stand', '"purple"');
		await page.reload();
		await page.getByRole('button', { name: 'My own rules' }).click();
		await page.getByText('Purple has been good here.').waitFor();
		await go(page, 'Call');
		await page.getByText('your rule').first().waitFor();
		await expect.poll(() => free.count()).toBe(1);
		await go(page, 'Craft');
		await page.getByRole('button', { name: 'My own rules' }).click();
		await page.getByRole('button', { name: 'Delete MY-01' }).click();
		await page.getByText('No rules of your own yet.').waitFor();
		await page.getByRole('button', { name: 'Disagreements' }).click();
		const again = page.waitForResponse((response) => response.url().endsWith('/api/v1/stand'));
		await page
			.getByRole('group', { name: 'Thin wire or heavy' })
			.getByRole('radio', { name: /^The default/ })
			.check();
		await again;
	});

	it('sees the four families with why, locks the outfit without moving the lure, and hears what a side changes', async () => {
		const page = await signedIn({ at: '/call' });
		const families = page.getByRole('region', { name: 'The four families compared' });
		await expect.poll(() => families.getByRole('listitem').count()).toBe(4);
		const name = await page.locator('#call-name').textContent();
		const outfit = page.getByRole('region', { name: 'The rest of the outfit' });
		await outfit.getByRole('button', { name: /^Lock Rod/ }).click();
		await outfit.getByRole('button', { name: /^Unlock Rod/ }).waitFor();
		await outfit.getByText('costs no points').waitFor();
		expect((await page.locator('#call-name').textContent())!.replace(/\d+ parts? locked/, '').trim()).toBe(
			name!.trim()
		);
		await outfit.getByRole('button', { name: /^Unlock Rod/ }).click();
		await page.getByRole('tab', { name: 'How to fish it' }).click();
		await page.getByRole('heading', { name: /Where to sit/ }).waitFor();
		await page.getByRole('tab', { name: 'In short' }).click();
		await page.getByText('Tie on:').waitFor();
		await page.locator('.why .split').first().click();
		// A side that is not this rule's takes the rule, and the popover with it, off the screen: clicked, not checked.
		await page.locator('.split-sides').getByRole('radio').nth(2).click();
		await page.getByText('With that view').waitFor();
	});

	it('reads on the bench what the call thinks of the current rig, and takes the change that gains most', async () => {
		const page = await signedIn({ at: '/call' });
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await go(page, 'Bench');
		await page.getByText('As good as the first choice.').waitFor();
		await page.getByRole('combobox', { name: /^Skirt: Color/i }).selectOption('black');
		await page.getByText(/(Close behind|Behind|Far behind) the first choice\./).waitFor();
		await page.getByRole('button', { name: /^black skirt →/ }).click();
		await page.getByText('As good as the first choice.').waitFor();
		await expect.poll(() => page.getByRole('combobox', { name: 'Skirt: Color' }).inputValue()).not.toBe('black');
	});

	it('hears what would flip the call, and finds every rule by its id', async () => {
		const page = await signedIn({ at: '/call' });
		await page.getByRole('heading', { name: /What would change this/ }).waitFor();
		const flips = page.getByRole('region', { name: /What would change this/ });
		await flips.locator('li strong').first().waitFor({ timeout: 45_000 });
		const nearest = (await flips.getByRole('listitem').getByRole('button').first().textContent())!;
		await flips.getByRole('listitem').getByRole('button').first().click();
		const preview = page.getByText(/^Preview: /);
		await preview.waitFor();
		await page.getByText('Your reading is unchanged.').waitFor();
		await page.getByRole('button', { name: 'Back to your reading' }).click();
		await preview.waitFor({ state: 'hidden' });
		await flips.getByRole('button', { name: nearest }).waitFor({ timeout: 45_000 });
		await page.locator('.why a.id').first().click();
		await page.waitForURL('**/craft?find=*');
		// The call may still turn back under the pointer: the address says which rule was pressed.
		const asked = new URL(page.url()).searchParams.get('find');
		await expect.poll(() => page.locator('.rules .id').first().textContent()).toBe(asked);
	});
});

describe('what is kept', () => {
	it('is deleted with an undo, duplicated, exported, and a broken file changes nothing', async () => {
		const page = await signedIn({ at: '/logbook' });
		const open = page.getByRole('button', { name: /^Open Stone Point/ });
		const before = await open.count();
		await page
			.getByRole('button', { name: /^Delete Stone Point/ })
			.first()
			.click();
		await page.getByText(/^Deleted “Stone Point/).waitFor();
		await expect.poll(() => open.count()).toBe(before - 1);
		await page.getByRole('button', { name: 'Undo' }).click();
		await page.getByText(/is back/).waitFor();
		await expect.poll(() => open.count()).toBe(before);

		const downloading = page.waitForEvent('download');
		await page.getByRole('link', { name: 'Export all as JSON' }).click();
		const text = readFileSync((await (await downloading).path())!, 'utf8');
		const file = (content: string) => ({
			name: 'records.json',
			mimeType: 'application/json',
			buffer: Buffer.from(content)
		});
		const chooser = page.getByLabel('A file exported here');
		await chooser.setInputFiles(file(text.replace('"takenAt"', '"takenAt')));
		await page.getByRole('button', { name: 'See what it would change' }).click();
		await page.getByText(/it breaks at line \d+/).waitFor();
		await chooser.setInputFiles(file(text.replace(/"bottomM":[\d.]+/, '"bottomM":-1')));
		await page.getByRole('button', { name: 'See what it would change' }).click();
		await page.getByText(/readings\.0\.record\.reading\.bottomM/).waitFor();
		await chooser.setInputFiles(file(text));
		await page.getByRole('button', { name: 'See what it would change' }).click();
		const brings = page.getByText(/This file contains .*readings: 0 new, 0 changed/);
		await brings.waitFor();
		await page.getByRole('button', { name: 'Cancel' }).click();
		await brings.waitFor({ state: 'detached' });
		expect(await chooser.evaluate((input) => input === document.activeElement)).toBe(true);
		// A line so slow that one thinks better of it.
		await page.route('**/logbook?/preview', () => undefined, { times: 1 });
		await page.getByRole('button', { name: 'See what it would change' }).click();
		await page.getByRole('button', { name: 'Stop' }).click();
		await page.getByRole('button', { name: 'See what it would change' }).click();
		await brings.waitFor();
		await page.getByRole('button', { name: 'Import it' }).click();
		await page.getByText(/^Imported\./).waitFor();

		await page
			.getByRole('button', { name: /^Duplicate Stone Point/ })
			.first()
			.click();
		await page.waitForURL('**/water');
		await ranked(page);
		await expect.poll(() => field(page, 'Name of the reading').inputValue()).toContain('again');
	});

	it('is searched, put in stretches, compared, and deleted several at once', async () => {
		const page = await signedIn({ at: '/logbook' });
		const rows = page.getByRole('region', { name: 'Saved items' }).getByRole('listitem');
		const all = await rows.count();
		await page.getByRole('searchbox', { name: 'Find' }).fill('stone point october');
		await page.getByText('Nothing found.').waitFor();
		await page.getByRole('searchbox', { name: 'Find' }).fill('stone point');
		const found = await rows.count();
		expect(found).toBeGreaterThan(1);
		expect(found).toBeLessThan(all);
		await page.getByRole('combobox', { name: 'Group' }).selectOption('water');
		await page.getByRole('heading', { name: /^Hollin Reach/ }).waitFor();
		await page.getByRole('combobox', { name: 'Kind' }).selectOption('reading');
		const ticks = page.getByRole('checkbox', { name: /^Choose Stone Point/ });
		await ticks.nth(0).check();
		await ticks.nth(1).check();
		const chosen = page.getByRole('region', { name: 'Chosen' });
		await expect.poll(() => chosen.getByRole('columnheader').count()).toBe(2);
		await chosen.getByRole('rowheader', { name: 'See down to' }).waitFor();
		const readings = await rows.count();
		await chosen.getByRole('button', { name: 'Delete selected' }).click();
		await expect.poll(() => rows.count()).toBe(readings - 2);
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect.poll(() => rows.count()).toBe(readings - 1);
	});

	it('is all there, also what was kept before the two hundred latest', async () => {
		const page = await signedIn({ at: '/logbook' });
		const headers = { origin: new URL(page.url()).origin };
		const file = await (await page.request.get('/api/v1/records')).json();
		const kept: { id: string }[] = file['kept-calls'];
		const before = kept.length;
		const EARLIER = 205;
		const copies = Array.from({ length: EARLIER }, () => ({ ...kept[0], id: randomUUID() }));
		const more = { ...file, 'kept-calls': copies };
		const told = await page.request.post('/api/v1/records', { headers, data: more });
		expect([told.status(), (await told.json()).error]).toEqual([200, undefined]);
		await page.reload();
		await page.getByRole('combobox', { name: 'Kind' }).selectOption('call');
		const rows = page.getByRole('region', { name: 'Saved items' }).getByRole('listitem');
		await expect.poll(() => rows.count()).toBe(200);
		await page.getByRole('button', { name: 'Show older ones' }).click();
		await expect.poll(() => rows.count()).toBe(before + EARLIER);
		await expect.poll(() => page.getByRole('button', { name: 'Show older ones' }).count()).toBe(0);
	});

	it('and a rig is opened on the bench from there', async () => {
		const page = await signedIn({ at: '/logbook' });
		await page.getByRole('combobox', { name: 'Kind' }).selectOption('rig');
		await page
			.getByRole('button', { name: /^Open .*, on the bench$/ })
			.first()
			.click();
		await page.waitForURL('**/bench');
		await page.getByRole('tab', { name: 'How it looks here' }).click();
		const panel = page.getByRole('tabpanel');
		await panel.getByText('Blade', { exact: true }).waitFor();
		await expect.poll(() => panel.getByText(/^[▲▼≈] /).count()).toBeGreaterThan(1);
	});

	it('opens a past reading from Water itself', async () => {
		const page = await signedIn();
		await ranked(page);
		const past = page.getByRole('combobox', { name: 'Open an earlier reading' });
		await past.focus();
		await expect.poll(() => past.locator('option').count()).toBeGreaterThan(5);
		const label = await past.locator('option').nth(3).innerText();
		await past.selectOption({ index: 3 });
		await page.getByText(/Undo brings back what was here/).waitFor();
		expect(label.startsWith(await field(page, 'Name of the reading').inputValue())).toBe(true);
	});
});

it('nothing above made the browser complain', () => {
	expect(complaints).toEqual([]);
});
