import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { startBuild, withRig } from '$lib/core/rig/build/start';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import { MemoryDevice } from '../sync/device';
import { inTurns, turn } from '../testing/device';
import { kept, leave, Pages, shown, SPOT, told } from '../testing/pages';

const pages = new Pages();
beforeEach(() => pages.begin());
afterEach(() => pages.end());

describe('undo', () => {
	it('takes back on a screen what was done there, never a change of another one', async () => {
		const app = await pages.page(new MemoryDevice());
		app.change({ bottomM: 5 }, 'bottomM');
		pages.screen = 'bench';
		app.bench.open(startBuild('spinnerbait'));
		app.bench.change(withRig(app.bench.build!, { weightOz: 0.75 }));
		pages.screen = 'water';
		app.undo();
		expect([app.reading.bottomM, app.rig?.weightOz, app.canUndo]).toEqual([3, 0.75, false]);
		pages.screen = 'bench';
		app.undo();
		expect(app.rig?.weightOz).toBe(0.5);
		app.undo();
		expect([app.rig, app.canUndo, app.canRedo]).toEqual([null, false, true]);
		app.redo();
		expect(app.rig?.family).toBe('spinnerbait');
	});

	it('on Call goes through rig, locks and sides in the order in which they were changed', async () => {
		pages.screen = 'call';
		const app = await pages.page(new MemoryDevice());
		app.lock('weightOz', 0.5);
		app.takeSide('WIRE', 'heavy');
		app.bench.useRig(startBuild('buzzbait').rig);
		app.undo();
		expect([app.rig, app.views.stances.WIRE, app.record.locks.weightOz]).toEqual([null, 'heavy', 0.5]);
		app.undo();
		expect([app.views.stances.WIRE, app.record.locks.weightOz]).toEqual([undefined, 0.5]);
		app.undo();
		expect([app.record.locks, app.canUndo]).toEqual([{}, false]);
		app.redo();
		app.redo();
		expect([app.record.locks.weightOz, app.views.stances.WIRE]).toEqual([0.5, 'heavy']);
	});

	it('takes back a typed name or a drag in one step, and what came after as another', async () => {
		const app = await pages.page(new MemoryDevice());
		for (const name of ['D', 'Da', 'Dawn']) app.put({ name }, 'name');
		app.closeStep();
		for (const bottomM of [3.1, 3.2, 3.3]) app.change({ bottomM }, 'drag bottomM');
		app.closeStep();
		app.change({ bottomM: 4 }, 'drag bottomM');
		const seen = [0, 1, 2].map(() => {
			app.undo();
			return [app.record.name, app.reading.bottomM];
		});
		expect(seen).toEqual([
			['Dawn', 3.3],
			['Dawn', 3],
			['', 3]
		]);
	});

	it('takes back what a hand had just moved, whether it rested or not', async () => {
		const app = await pages.page(new MemoryDevice());
		app.move({ bottomM: 4.5 }, 'drag bottomM');
		await shown();
		expect([app.readingWhileDragged.complete.bottomM, app.reading.bottomM, app.canUndo]).toEqual([4.5, 3, true]);
		app.undo();
		expect([app.readingWhileDragged.complete.bottomM, app.reading.bottomM, app.canUndo]).toEqual([3, 3, false]);
		expect(app.move({ fishToM: 9 }, 'drag fishToM')).toMatch(/bottom/);
		expect(app.readingWhileDragged.complete.fishToM).not.toBe(9);
	});

	it('brings a deleted record back on the list it was deleted from', async () => {
		const app = await pages.page(new MemoryDevice());
		pages.server.write(`readings/${SPOT}`, kept('Dawn'));
		pages.screen = 'kept';
		await app.sync.remove('readings', SPOT, 1, 'Dawn');
		expect(app.canUndo).toBe(true);
		pages.screen = 'water';
		expect(app.canUndo).toBe(false);
		pages.screen = 'kept';
		app.undo();
		expect(app.sync.deletionOn('kept')).toBeNull();
	});
});

describe('a deletion that is undone at once', () => {
	it('is undone however far it is on its way to the server', async () => {
		for (let later = 0; later < 12; later++) {
			pages.begin();
			const reading = { schemaVersion: SCHEMA_VERSION, name: 'Dawn' };
			pages.server.write('readings/one', reading);
			const app = await pages.page(inTurns(new MemoryDevice()));
			await app.sync.remove('readings', 'one', 1, 'Dawn');
			for (let step = 0; step < later; step++) await turn();
			await app.sync.bringBack();
			await told(app);
			expect([later, pages.server.at('readings/one')?.record]).toEqual([later, reading]);
			leave(app);
		}
	});
});
