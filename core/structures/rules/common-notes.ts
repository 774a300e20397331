import type { Design } from '../../design/design';
import { fact, type Phrases } from '../../wording/say';
import type { SeasonNote, Step } from '../kind';
import type { Setting } from '../setting';

/** Steps after which the places are measured out. */
const SETS_OUT = new Set(['step.line', 'step.mark']);

/**
 * How places are measured out, said once before they are: from one zero, with a tape that does not stretch, and
 * not by the rim of a bed (common practice, no source).
 */
export function measuredOut(steps: readonly Step[], { place }: Setting): Step[] {
  const at = steps.findIndex((step) => SETS_OUT.has(step.what.code));
  if (at < 0) return [...steps];
  const raised = place.on === 'bed' && place.bed.heightMm > 0;
  const tape: Step = { what: fact(raised ? 'step.tape.bed' : 'step.tape'), people: 1 };
  return [...steps.slice(0, at), tape, ...steps.slice(at)];
}

/** What is done through the season at anything that holds plants, whatever its kind (common practice, no source). */
export function commonSeason({ parts, stations }: Design): SeasonNote[] {
  if (stations.length === 0) return [];
  const metal = parts.some((part) => part.role === 'panel' || part.role === 'mesh' || part.role === 'hoop');
  return [{ on: null, what: fact('season.base') }, ...(metal ? [{ on: null, what: fact('season.hot') }] : [])];
}

export const COMMON_PHRASES = {
  'step.tape':
    'Measure everything from one end with one steel tape, and call out the running figures: cloth tapes stretch, and lengths measured one after another add up their errors.',
  'step.tape.bed':
    'Measure everything from one end with one steel tape, and call out the running figures: cloth tapes stretch. Take levels from a string or a level, not from the rim of the bed.',
  'step.unbrace': 'When that has passed, take the bracing off.',
  'season.base': 'Water at the base, early in the day: leaves that stay dry stay healthy.',
  'season.hot': 'In hot sun bare metal burns tender shoots: on such days shade young growth with a cloth.',
} as const satisfies Phrases;
