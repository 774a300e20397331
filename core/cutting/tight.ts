import { inches } from '../quantity/length';
import type { Layout } from './cut-plan';

/** So much over for every two saw cuts is little; twice that is enough for any number of them (from memory). mm. */
const LITTLE_MM = inches(0.25);

/** What is over of a timber that several pieces are cut from, where it is so little that a careless saw cut uses it up; null where there is enough. mm. */
export function tightOf({ measure, cuts }: Layout): number | null {
  const over = measure - Math.max(0, ...cuts.map((cut) => cut.at + cut.measure));
  return cuts.length > 1 && over > 0 && over < Math.min(LITTLE_MM * (cuts.length - 1), 2 * LITTLE_MM) ? over : null;
}
