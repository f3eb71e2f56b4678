/** Where a fish band may lie: depths (m) of the bottom and of the band's ends, the whole water unless they are given. */
interface Band {
	readonly bottomM: number;
	readonly fishFromM?: number | undefined;
	readonly fishToM?: number | undefined;
}

/** Something that makes no reading, at the dotted path of what is wrong. */
export interface Fault {
	readonly path: string;
	readonly message: string;
}

/** A depth (m) is compared as it is written: what a conversion from feet leaves behind is no fault. */
const SLACK_M = 1e-9;

/** What is wrong with a fish band: it lies in the water, and begins above its end. */
export function bandFaults({ bottomM, fishFromM = 0, fishToM = bottomM }: Band): Fault[] {
	return [
		...(fishToM > bottomM + SLACK_M ? [{ path: 'fishToM', message: 'Fish can’t be deeper than the bottom.' }] : []),
		...(fishFromM > fishToM ? [{ path: 'fishFromM', message: 'Fish “from” must be above “to”.' }] : [])
	];
}
