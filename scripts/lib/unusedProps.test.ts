import { Linter } from 'eslint';
import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';
import { expect, it } from 'vitest';
import { unusedProps } from './unusedProps.mjs';

/** What the rule says of a component's script. */
const said = (script: string): string[] =>
	new Linter()
		.verify(
			`<script lang="ts">${script}</script><p>{a}</p>`,
			[
				...svelte.configs.base,
				{
					files: ['**/*.svelte'],
					languageOptions: { parserOptions: { parser: ts.parser } },
					plugins: { own: { rules: { 'unused-props': unusedProps as never } } },
					rules: { 'own/unused-props': 'error' }
				}
			] as Linter.Config[],
			'A.svelte'
		)
		.map(({ message }) => message);

it('a prop that nothing takes is named, wherever its type is written', () => {
	expect(said('interface Props { a: number; b?: string } const { a }: Props = $props();')).toEqual([
		'Nothing takes the prop b.'
	]);
	expect(said("const { a }: { a: number; 'c-d': string } = $props();")).toEqual(['Nothing takes the prop c-d.']);
});

it('props that are taken by another name, in one piece or with the rest are taken', () => {
	expect(said('interface Props { a: number } let { a: mine = $bindable(1) }: Props = $props();')).toEqual([]);
	expect(said('interface Props { a: number; b: string } const { a, ...others }: Props = $props();')).toEqual([]);
	expect(said('interface Props { a: number; b: string } const all: Props = $props();')).toEqual([]);
});
