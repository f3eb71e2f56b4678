/** Members that a type written in the same file names; `null` where it is another file's. */
function namedBy(annotation, program) {
	if (annotation?.type === 'TSTypeLiteral') return annotation.members;
	const name = annotation?.type === 'TSTypeReference' && annotation.typeName.name;
	const script = program.body.find(({ type }) => type === 'SvelteScriptElement');
	const found = script?.body.find(({ type, id }) => type === 'TSInterfaceDeclaration' && id.name === name);
	return found?.body.body ?? null;
}

/** Whether every prop that a component names is taken: read from the file alone, since types of all files take minutes. */
export const unusedProps = {
	meta: { type: 'problem', messages: { unused: 'Nothing takes the prop {{name}}.' }, schema: [] },
	create: (context) => ({
		'VariableDeclarator[init.callee.name="$props"][id.type="ObjectPattern"]'({ id }) {
			if (id.properties.some(({ type }) => type === 'RestElement')) return;
			const taken = new Set(id.properties.map(({ key }) => key.name ?? key.value));
			for (const node of namedBy(id.typeAnnotation?.typeAnnotation, context.sourceCode.ast) ?? []) {
				const name = node.key?.name ?? node.key?.value;
				if (name && !taken.has(name)) context.report({ node, messageId: 'unused', data: { name } });
			}
		}
	})
};
