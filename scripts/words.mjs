// Writes every text of the interface to one file, by screen, for reading: npm run words -- FILE.
// It fails when a text has one of the faults in FAULTS. Demo angler and new angler, both unit systems, every tab, and what
// every button and every bad entry brings up.
import { writeFileSync } from 'node:fs';
import { faultsIn } from './lib/textFaults.mjs';
import { onStage } from './lib/stage.mjs';

const SCREENS = [
	'/water',
	'/call',
	'/bench',
	'/tank',
	'/tank/approach',
	'/tank/feel',
	'/tank/calibration',
	'/sight',
	'/tray',
	'/drills',
	'/deck',
	'/deck/places',
	'/waters',
	'/safety',
	'/tally',
	'/proof',
	'/craft',
	'/logbook',
	'/settings'
];
const FILE = process.argv[2] ?? 'words.txt';
const LAPTOP = { viewport: { width: 1280, height: 1000 } };
/** Time (ms) for workers to answer, and for what a tap brings up. */
const WORKED_OUT_MS = 3500;
const SHOWN_MS = 350;
/** Buttons that bring something up which was not there. */
const OPENS =
	/^(\+|New|Save|More|Change|Edit|Correct|Compare|How|Import|Filter|Landed|Fish lost|Bite|Add|Calibrate|Try|Draw|Start|Delete|Use|Duplicate|Show|Undo|End)/;
const BUTTONS_MAX = 14;

/** Everything that can be read or heard on a page, line by line. */
const textsOf = (page) =>
	page.evaluate(() => {
		for (const lid of document.querySelectorAll('details')) lid.open = true;
		const lines = new Set();
		const put = (text, before = '') => {
			const line = (text ?? '').replace(/[\t\n ]+/g, ' ').trim();
			if (line) lines.add(before + line);
		};
		put(document.title, 'title: ');
		for (const line of document.body.innerText.split('\n')) put(line);
		for (const one of document.querySelectorAll('[aria-label], [placeholder], [title], [alt], [aria-valuetext]')) {
			for (const name of ['aria-label', 'placeholder', 'title', 'alt', 'aria-valuetext']) {
				put(one.getAttribute(name), `${name}: `);
			}
		}
		for (const one of document.querySelectorAll('option')) put(one.textContent, 'option: ');
		for (const one of document.querySelectorAll('svg text')) put(one.textContent, 'drawn: ');
		for (const one of document.querySelectorAll('.sr-only')) put(one.textContent, 'heard: ');
		return [...lines];
	});

const sections = [];
const known = new Set();
/** Adds what was not read before under a heading. */
function note(heading, lines) {
	const fresh = lines.filter((line) => !known.has(line));
	fresh.forEach((line) => known.add(line));
	if (fresh.length > 0) sections.push([heading, fresh]);
	writeFileSync(FILE, sections.map(([title, texts]) => `## ${title}\n${texts.join('\n')}\n`).join('\n'));
}

async function open(page, path) {
	await page.goto(path);
	await page.locator('[data-live]').waitFor({ timeout: 15_000 });
	await page.waitForTimeout(/call|tank|deck|proof|sight/.test(path) ? WORKED_OUT_MS : SHOWN_MS);
}

async function readScreen(page, path, who) {
	await open(page, path);
	note(`${who} ${path}`, await textsOf(page));
	const tabs = await page.getByRole('tab').count();
	for (let at = 0; at < tabs; at++) {
		const tab = page.getByRole('tab').nth(at);
		const name = await tab.innerText();
		await tab.click();
		await page.waitForTimeout(WORKED_OUT_MS / 2);
		note(`${who} ${path}, tab ${name}`, await textsOf(page));
	}
}

/** What each button brings up, each from a fresh page, so that one does not cover another. */
async function readButtons(page, path, who) {
	await open(page, path);
	const names = await page.evaluate(() =>
		[...document.querySelectorAll('main button')].map((one) => (one.getAttribute('aria-label') ?? one.innerText).trim())
	);
	const opening = names.filter((name) => OPENS.test(name));
	const kinds = new Map(opening.map((name) => [name.replace(/\d+|“[^”]*”/g, '#'), name]));
	for (const name of [...kinds.values()].slice(0, BUTTONS_MAX)) {
		try {
			await page.goto(path);
			await page.locator('[data-live]').waitFor({ timeout: 15_000 });
			await page.waitForTimeout(SHOWN_MS);
			await page.locator('main').getByRole('button', { name, exact: true }).first().click({ timeout: 1500 });
			await page.waitForTimeout(SHOWN_MS);
			note(`${who} ${path}, button ${name}`, await textsOf(page));
		} catch {
			sections.push([`${who} ${path}, button ${name}`, ['(could not be pressed)']]);
		}
	}
}

/** What bad entries bring up. */
async function readFaults(page, path, who) {
	await open(page, path);
	const fields = page.locator('main input:not([type=range]):not([type=checkbox]):not([type=radio]):not([type=file])');
	for (let at = 0; at < Math.min(await fields.count(), 12); at++) {
		const field = fields.nth(at);
		const label = (await field.getAttribute('aria-label')) ?? (await field.getAttribute('name')) ?? `${at}`;
		for (const bad of ['', '-999', '99999']) {
			try {
				await field.fill(bad, { timeout: 800 });
				await field.press('Tab');
				await page.waitForTimeout(120);
				note(`${who} ${path}, ${label} = “${bad}”`, await textsOf(page));
			} catch {
				break;
			}
		}
	}
}

async function setUnits(page, units) {
	await open(page, '/settings');
	const choice = page.getByRole('radio', { name: new RegExp(`^${units}`, 'i') });
	await choice.click({ force: true });
	await page.waitForTimeout(1200);
}

async function asDemo(browser, address) {
	const context = await browser.newContext({ baseURL: address, ...LAPTOP });
	context.setDefaultTimeout(8000);
	const page = await context.newPage();
	await page.goto('/');
	note('welcome', await textsOf(page));
	await page.getByRole('button', { name: /Open the demo/ }).click();
	await page.waitForURL('**/water');
	return page;
}

async function asNew(browser, address) {
	const context = await browser.newContext({ baseURL: address, ...LAPTOP });
	context.setDefaultTimeout(8000);
	const page = await context.newPage();
	for (const path of ['/sign-in', '/recover', '/sign-up']) {
		await page.goto(path);
		note(path, await textsOf(page));
		await page
			.locator('form button[type=submit], form button:not([type])')
			.first()
			.click()
			.catch(() => undefined);
		await page.waitForTimeout(SHOWN_MS);
		note(`${path}, empty`, await textsOf(page));
	}
	await page.goto('/sign-up');
	await page.getByRole('textbox', { name: 'Name' }).fill('Reader of words');
	await page.getByLabel('Passphrase').fill('tern over the weir');
	await page.locator('form button').first().click();
	await page.waitForTimeout(1500);
	note('recovery codes', await textsOf(page));
	await page.locator('main a').last().click();
	await page.waitForURL('**/water');
	return page;
}

await onStage(async (browser, address) => {
	const fresh = await asNew(browser, address);
	for (const path of SCREENS) await readScreen(fresh, path, 'new');
	const demo = await asDemo(browser, address);
	for (const units of ['metric', 'imperial']) {
		await setUnits(demo, units);
		for (const path of SCREENS) await readScreen(demo, path, `demo, ${units}`);
	}
	for (const path of SCREENS) await readButtons(demo, path, 'demo');
	for (const path of SCREENS) await readFaults(demo, path, 'demo');
	await demo.goto('/nowhere');
	note('no such page', await textsOf(demo));
});

const faults = sections.flatMap(([heading, lines]) =>
	lines.flatMap((line) => faultsIn(line).map((fault) => `${heading}: ${fault}: ${line}`))
);
for (const fault of faults) console.error(fault);
console.log(`${known.size} texts in ${FILE}, ${faults.length} faults`);
process.exitCode = faults.length > 0 ? 1 : 0;
