import { inches } from '../quantity/length';
import { fromMemory, type Life, type SectionId, type Timber, type Treatment } from './stock';

interface Section {
  id: SectionId;
  nominal: string;
  thickMm: number;
  wideMm: number;
}

/**
 * Nominal is not actual. Imperial: minimum dressed dry sizes of the American Softwood Lumber
 * Standard, DOC PS 20-20, table 3 (nominal 1 → 3/4 in; 2 → 1 1/2; 3 → 2 1/2; 4 → 3 1/2; 6 → 5 1/2; 8 → 7 1/4). Metric: planed sizes are
 * sold by the millimetre they measure (common practice, no source). mm.
 */
export const SECTIONS: readonly Section[] = [
  { id: '1x2', nominal: '1×2', thickMm: inches(0.75), wideMm: inches(1.5) },
  { id: '1x3', nominal: '1×3', thickMm: inches(0.75), wideMm: inches(2.5) },
  { id: '1x4', nominal: '1×4', thickMm: inches(0.75), wideMm: inches(3.5) },
  { id: '1x6', nominal: '1×6', thickMm: inches(0.75), wideMm: inches(5.5) },
  { id: '2x2', nominal: '2×2', thickMm: inches(1.5), wideMm: inches(1.5) },
  { id: '2x4', nominal: '2×4', thickMm: inches(1.5), wideMm: inches(3.5) },
  { id: '2x6', nominal: '2×6', thickMm: inches(1.5), wideMm: inches(5.5) },
  { id: '2x8', nominal: '2×8', thickMm: inches(1.5), wideMm: inches(7.25) },
  { id: '4x4', nominal: '4×4', thickMm: inches(3.5), wideMm: inches(3.5) },
  { id: '22x38', nominal: '22×38', thickMm: 22, wideMm: 38 },
  { id: '22x63', nominal: '22×63', thickMm: 22, wideMm: 63 },
  { id: '22x95', nominal: '22×95', thickMm: 22, wideMm: 95 },
  { id: '22x145', nominal: '22×145', thickMm: 22, wideMm: 145 },
  { id: '45x45', nominal: '45×45', thickMm: 45, wideMm: 45 },
  { id: '45x95', nominal: '45×95', thickMm: 45, wideMm: 95 },
  { id: '45x145', nominal: '45×145', thickMm: 45, wideMm: 145 },
  { id: '45x195', nominal: '45×195', thickMm: 45, wideMm: 195 },
  { id: '90x90', nominal: '90×90', thickMm: 90, wideMm: 90 },
];

/** What a section is called in inches, where its name is not what it measures; null for sections sold as they measure. mm. */
export function nominalMm(section: string): { thickMm: number; wideMm: number } | null {
  const [thick = 0, wide = 0] = section.split('x').map(Number);
  return wide <= 12 ? { thickMm: inches(thick), wideMm: inches(wide) } : null;
}

/**
 * Seasons timber lasts, by how thick it is. Light and heavy: where it stands in soil. Slats under
 * 1″: clear of the soil. "2×4 walls a few seasons, 2×8 clearly longer" is common practice; the other
 * figures are from memory and vary with soil and species.
 */
export const LIVES: Record<'slat' | 'light' | 'heavy', Record<Treatment, Life>> = {
  slat: {
    untreated: fromMemory(5),
    treated: fromMemory(12),
    durable: fromMemory(12),
  },
  light: {
    untreated: { seasons: 4, source: 'common practice' },
    treated: fromMemory(15),
    durable: fromMemory(10),
  },
  heavy: {
    untreated: fromMemory(7),
    treated: fromMemory(20),
    durable: fromMemory(15),
  },
};
/** What timber so thick and wide is used as, by which it lasts. mm. */
export const usedAs = ({ thickMm, wideMm }: { thickMm: number; wideMm: number }): keyof typeof LIVES =>
  thickMm < 26 ? 'slat' : wideMm >= 85 && thickMm >= 85 ? 'heavy' : 'light';
const lifeOf = (section: Section, treatment: Treatment): Life => LIVES[usedAs(section)][treatment];

export const TREATMENTS: readonly Treatment[] = ['untreated', 'treated', 'durable'];

export const timberId = (section: string, treatment: string): string => `timber-${section}-${treatment}`;

export const TIMBER: readonly Timber[] = SECTIONS.flatMap((section) =>
  TREATMENTS.map((treatment): Timber => ({
    form: 'timber',
    look: 'timber',
    opacity: 1,
    sold: 'lengths',
    id: timberId(section.id, treatment),
    name: `${section.nominal} ${treatment === 'durable' ? 'durable heartwood' : `${treatment} softwood`}`,
    section: section.id,
    nominal: section.nominal,
    thickMm: section.thickMm,
    wideMm: section.wideMm,
    treatment,
    life: lifeOf(section, treatment),
  })),
);
