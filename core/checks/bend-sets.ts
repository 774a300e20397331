import { inches } from '../quantity/length';
import { bentToKeep, staysAt, yieldCurvature, type Section } from '../statics/yielding';
import { check } from './check';

/** The tightest bend of a strip and the radius at which it begins to set; what stays of it once it is let go, or over what form it was bent to be so. mm. */
export interface Bend {
  tightMm: number;
  yieldMm: number;
  keepsMm: number;
  formMm: number | null;
}

/** What a bend so tight does to a section: held by its feet alone, or `formed` about something rounder. */
export function bendOf(tightMm: number, section: Section, formed: boolean): Bend {
  return {
    tightMm,
    yieldMm: 1 / yieldCurvature(section),
    keepsMm: 1 / staysAt(1 / tightMm, section),
    formMm: formed ? 1 / bentToKeep(1 / tightMm, section) : null,
  };
}

/** A radius is told to half an inch: no form is made truer. */
const near = (mm: number): { mm: number } => ({ mm: inches(Math.round((2 * mm) / inches(1)) / 2) });

/** Does wire, rod or pipe stay springy at its tightest bend, or take a set? */
export const bendSets = check(
  'bend-sets',
  {
    says: {
      'bend.sets':
        'Bent tighter than a radius of {yields} it begins to set; here it is {tight} at the tightest. It is drawn and reckoned as it gives: taken down it keeps a bend of {keeps} radius there and does not lie straight again.',
      'bend.formed':
        'A radius of {tight} at the tightest is past {yields}, where it sets: bent about a form to {form}, it springs back to that and stands so by itself.',
      'bend.springs': 'Bent to a radius of {tight} at the tightest: it stays springy, since {yields} would set it.',
    },
    mends: { 'bend.sets': 'Take pipe that springs back' },
  },
  ({ tightMm, yieldMm, keepsMm, formMm }: Bend, found) => {
    const values = { tight: near(tightMm), yields: near(yieldMm) };
    if (tightMm >= yieldMm) return found('good', 'bend.springs', values);
    return formMm === null
      ? found('note', 'bend.sets', { ...values, keeps: near(keepsMm) })
      : found('good', 'bend.formed', { ...values, form: near(formMm) });
  },
);
