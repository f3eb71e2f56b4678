/** Hands a text to the angler as a file. */
export function download(name: string, text: string, type: string): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(new Blob([text], { type }));
	link.download = name;
	link.click();
	URL.revokeObjectURL(link.href);
}

/**
 * Hands a text on to another application of this device where it takes files, and else keeps it as a file.
 *
 * @returns Whether it was handed on or kept; `false` where the angler thought better of it.
 */
export async function share(name: string, text: string, type: string): Promise<boolean> {
	const files = [new File([text], name, { type })];
	if (!navigator.canShare?.({ files })) {
		download(name, text, type);
		return true;
	}
	return navigator.share({ files, title: name }).then(
		() => true,
		() => false
	);
}
