// @vitest-environment jsdom
import { flushSync } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { following } from './following.svelte';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it('comes after once what it follows has rested, and not while that moves', () => {
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
