// @vitest-environment jsdom
import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { following, heldBack } from './following.svelte';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('what follows another', () => {
	it('comes after once that has rested, and not while it moves', () => {
		let led = $state(1);
		const found: { readonly value: number }[] = [];
		const end = $effect.root(() => void found.push(following(() => led, 50)));
		const value = () => found[0]!.value;
		flushSync();
		for (const next of [2, 3, 4]) {
			led = next;
			flushSync();
			vi.advanceTimersByTime(40);
			expect(value()).toBe(1);
		}
		vi.advanceTimersByTime(20);
		expect(value()).toBe(4);
		led = 5;
		flushSync();
		end();
		vi.advanceTimersByTime(100);
		expect(value()).toBe(4);
	});

	it('goes along at once, and where a hand is busy elsewhere only after that', () => {
		let led = $state(1);
		let busy = $state(false);
		const found: { readonly value: number }[] = [];
		const make = () =>
			heldBack(
				() => led,
				() => busy
			);
		const end = $effect.root(() => void found.push(make()));
		const seen = (next: number): number => {
			led = next;
			flushSync();
			return found[0]!.value;
		};
		flushSync();
		expect(seen(2)).toBe(2);
		busy = true;
		expect(seen(3)).toBe(2);
		vi.advanceTimersByTime(600);
		expect(seen(4)).toBe(2);
		busy = false;
		expect(seen(5)).toBe(2);
		vi.runAllTimers();
		expect(found[0]!.value).toBe(5);
		expect(seen(6)).toBe(6);
		end();
	});
});
