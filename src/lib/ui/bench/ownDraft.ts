import { typedFigure } from '$lib/presentation/typed';
import type { OwnColour, Strand, StrandColour } from '$lib/core/foundation/schema/ownColour';

/** How a strand's color is told: by name, by eye, or as it was measured. */
export const WAYS = ['named', 'picked', 'measured'] as const;
export type Way = (typeof WAYS)[number];

/** A strand as it is being typed: what was typed of the other ways is kept. */
export interface StrandDraft {
	way: Way;
	colour: StrandColour;
	rgb: string;
	/** Measured figures, as they were pasted. */
	measured: string;
	/** Share, percent. */
	percent: string;
}

export const newStrand = (): StrandDraft => ({
	way: 'named',
	colour: 'white',
	rgb: '#9aa05a',
	measured: '',
	percent: '100'
});

/** The figures of a pasted row or column; a decimal comma is one where numbers stand apart by blanks or lines. */
function figuresOf(text: string): number[] {
	const apart = /[\s;]/.test(text.trim()) ? /[\s;]+/ : /,/;
	return text
		.trim()
		.split(apart)
		.filter(Boolean)
		.map((figure) => typedFigure(figure.replace(/,$/, '')));
}

/** What the schema makes a strand of, or refuses with the reason. */
export function strandOf({ way, colour, rgb, measured, percent }: StrandDraft): unknown {
	const share = typedFigure(percent) / 100;
	if (way === 'named') return { colour, share };
	return way === 'picked' ? { rgb, share } : { reflects: figuresOf(measured), share };
}

function draftOf(strand: Strand): StrandDraft {
	const base = { ...newStrand(), percent: String(Math.round(strand.share * 1000) / 10) };
	if ('colour' in strand) return { ...base, way: 'named', colour: strand.colour };
	if ('rgb' in strand) return { ...base, way: 'picked', rgb: strand.rgb };
	return { ...base, way: 'measured', measured: strand.reflects.join(' ') };
}

/** A kept color as it is typed again. */
export const draftsOf = (colour: OwnColour | undefined): StrandDraft[] => (colour?.strands ?? []).map(draftOf);
