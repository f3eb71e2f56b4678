import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import { unusedProps } from './scripts/lib/unusedProps.mjs';
import svelteConfig from './svelte.config.js';

/** The core has no clock, randomness, network or page of its own: they are handed to it. */
const impure = ['window', 'document', 'fetch', 'localStorage', 'navigator', 'performance'];

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'node_modules/', '.data/'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			// There are no stores, so that nobody need look for where one is read wrongly.
			'no-restricted-imports': ['error', { paths: [{ name: 'svelte/store', message: 'State is runes.' }] }],
			'svelte/require-store-reactive-access': 'off'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: { extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig }
		},
		plugins: { own: { rules: { 'unused-props': unusedProps } } },
		rules: { 'own/unused-props': 'error', 'svelte/no-unused-props': 'off' }
	},
	{
		files: ['src/lib/core/**/*.ts'],
		ignores: ['src/lib/core/cli/main.ts', '**/*.test.ts'],
		rules: {
			'no-restricted-globals': ['error', ...impure],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: 'Hand randomness to the core.' },
				{ object: 'Date', property: 'now', message: 'Hand the time to the core.' }
			],
			'no-restricted-syntax': [
				'error',
				{ selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'Hand the time to the core.' }
			],
			'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }]
		}
	}
);
