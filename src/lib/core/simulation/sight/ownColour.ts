import { STRAND_COLOURS, type OwnColour, type Strand, type StrandColour } from '../../foundation/schema/ownColour';
import { BANDS, sumOf, type Spectrum } from './bands';
import { estimated } from './estimate';
import { BRIGHTNESS } from './eye';
import { mixed, ofReflectance, targetOf, type Target } from './targets';

/** Share of the brightest band's light that comes through silicone or soft plastic whose own nobody measured (assumed). */
const THROUGH = 0.05;

function strandTarget(strand: Strand): Target {
	if ('colour' in strand) return targetOf('skirt', strand.colour)!;
	const reflects = 'rgb' in strand ? estimated(strand.rgb) : strand.reflects;
	return ofReflectance(reflects, THROUGH);
}

/** How an own color throws light back: its strands beside each other, by their shares. */
export function ownTarget({ strands }: Pick<OwnColour, 'strands'>): Target {
	const whole = strands.reduce((sum, { share }) => sum + share, 0);
	return mixed(strands.map((strand) => [strandTarget(strand), strand.share / whole] as const));
}

/** How far two reflectances are apart for a bass by day: by the roots, as an eye counts lightness, where it sees. */
const apart = (a: Spectrum, b: Spectrum): number =>
	sumOf((at) => BRIGHTNESS[at]! * (Math.cbrt(a[at]!) - Math.cbrt(b[at]!)) ** 2) / BANDS;

/** The named color that an own one is nearest to. */
export function nearestNamed(colour: Pick<OwnColour, 'strands'>): StrandColour {
	const { reflects } = ownTarget(colour);
	const distance = (name: StrandColour): number => apart(reflects, targetOf('skirt', name)!.reflects);
	return STRAND_COLOURS.reduce((best, name) => (distance(name) < distance(best) ? name : best));
}
