import { inches } from '../quantity/length';
import type { Life, SectionId, Timber, Treatment } from './stock';

interface Section {
  id: SectionId;
  nominal: string;
  thickMm: number;
  wideMm: number;
}

/**
 * Nominal is not actual. Imperial: minimum dressed dry sizes of the American Softwood Lumber
 * Standard, DOC PS 20-20, table 3 (nominal 2 → 1 1/2 in; 4 → 3 1/2 in). Metric: planed sizes are
 * sold by the millimetre they measure (common practice, no source). mm.
 */
export const SECTIONS: readonly Section[] = [
  { id: '2x2', nominal: '2×2', thickMm: inches(1.5), wideMm: inches(1.5) },
  { id: '2x4', nominal: '2×4', thickMm: inches(1.5), wideMm: inches(3.5) },
  { id: '45x45', nominal: '45×45', thickMm: 45, wideMm: 45 },
  { id: '45x95', nominal: '45×95', thickMm: 45, wideMm: 95 },
];

/**
 * Seasons a thin softwood upright lasts where it stands in soil. "2×4 walls a few seasons" is common
 * practice; the other two are from memory and vary with soil and species.
 */
export const LIVES: Record<Treatment, Life> = {
  untreated: { seasons: 4, source: 'common practice', note: 'thin softwood in soil goes at the ground line first' },
  treated: { seasons: 15, source: 'from memory', note: 'rated for ground contact; recoat cut ends' },
  durable: { seasons: 10, source: 'from memory', note: 'heartwood of a naturally durable species' },
};

export const TREATMENTS: readonly Treatment[] = ['untreated', 'treated', 'durable'];

export const timberId = (section: string, treatment: string): string => `timber-${section}-${treatment}`;

export const TIMBER: readonly Timber[] = SECTIONS.flatMap((section) =>
  TREATMENTS.map((treatment): Timber => ({
    form: 'timber',
    id: timberId(section.id, treatment),
    name: `${section.nominal} ${treatment === 'durable' ? 'durable heartwood' : `${treatment} softwood`}`,
    section: section.id,
    nominal: section.nominal,
    thickMm: section.thickMm,
    wideMm: section.wideMm,
    treatment,
    life: LIVES[treatment],
  })),
);
