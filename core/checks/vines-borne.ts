import { check } from './check';

/** A beam that bends by more than this share of its span in the end is seen to hang (from memory). */
const MOST_SAG = 1 / 150;

/** What of a roof bears a load, and how: the share of its strength that it takes, how far it bends. mm. */
export interface Borne {
  share: number;
  sagMm: number;
  spanMm: number;
}

/** Whether it is strong and stiff enough. */
export const isBorne = ({ share, sagMm, spanMm }: Borne): boolean => share <= 1 && sagMm <= spanMm * MOST_SAG;

/** Do rafters and beams carry what climbs over them when it has grown old, and is wet? Braces are not counted on. */
export const vinesBorne = check(
  'vines-borne',
  {
    says: {
      'vines.beams':
        'At its heaviest, grown and wet, {crop} weighs about {weight} on this roof: that takes {share} % of what a beam of {span} bears for good, and bends it {sag}.',
      'vines.rafters':
        'At its heaviest, grown and wet, {crop} weighs about {weight} on this roof: that takes {share} % of what a rafter of {span} bears for good, and bends it {sag}.',
      'vines.borne':
        'At its heaviest, grown and wet, {crop} weighs about {weight} on this roof: that takes {share} % of what its beams bear for good, and bends them {sag}.',
    },
    mends: { 'vines.beams': 'Make the beams stronger', 'vines.rafters': 'Make the rafters stronger' },
  },
  (at: { crop: string; weightKg: number; beam: Borne; rafter: Borne }, found) => {
    const told = (one: Borne) => ({
      crop: at.crop,
      weight: { kg: at.weightKg },
      share: Math.round(one.share * 100),
      span: { mm: one.spanMm },
      sag: { mm: one.sagMm },
    });
    if (!isBorne(at.beam)) return found('warn', 'vines.beams', told(at.beam));
    if (!isBorne(at.rafter)) return found('warn', 'vines.rafters', told(at.rafter));
    const { crop, weight, share, sag } = told(at.beam);
    return found('good', 'vines.borne', { crop, weight, share, sag });
  },
);
