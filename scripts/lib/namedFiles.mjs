// Finds files that documents and comments name and that are not there.

const PART = /(?:[\w.+-]+|\(app\)|\[\[?\w+\]?\])/.source;
const FILE = `(?:${PART}/)*[\\w.+-]+\\.(?:ts|svelte|mjs|cjs|json|md|css|html|sh)`;
const FOLDER = `(?:src|scripts|tests|docs|static)/(?:${PART}/?)*`;
const PATH = new RegExp(`(?<![\\w/.-])(${FILE}|${FOLDER})(?![\\w-])`, 'g');
const COMMENT = /\/\*[\s\S]*?\*\/|(?<![:'"\\])\/\/[^\n]*|<!--[\s\S]*?-->/g;

/** Text in which files are named: all of a document, the comments of code. */
const proseOf = (file, text) => (file.endsWith('.md') ? text : (text.match(COMMENT) ?? []).join('\n'));

/**
 * Names of files that do not exist.
 *
 * @param file Path of the text in the repository.
 * @param known All paths of the repository.
 */
export function missingIn(file, text, known) {
	const exists = (name) => {
		const bare = name.replace(/^(\.\.?\/)+/, '').replace(/\/$/, '');
		return known.some((path) => path === bare || path.endsWith(`/${bare}`) || path.includes(`${bare}/`));
	};
	const names = [...proseOf(file, text).matchAll(PATH)].map(([, name]) => name);
	return [...new Set(names)].filter((name) => !exists(name));
}
