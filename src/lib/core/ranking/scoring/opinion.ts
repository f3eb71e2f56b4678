/** How far a claim is about some parts (`given`, 0 to 1) and how well they suit it (`fit`, -1 to 1). */
export interface Opinion {
	readonly given: number;
	readonly fit: number;
}
