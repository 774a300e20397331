import { verdict, type Check } from './verdict';

/** Eyes and holes keep clear of screws, post tops and brackets: those that would meet one are moved. */
export const holeClash: Check = ({ design }) => {
  const { holes } = design.support;
  if (!holes) return null;
  if (holes.clashing > 0) return verdict('hole-clash', 'warn', 'hole.clash', { holes: holes.clashing });
  return holes.moved > 0
    ? verdict('hole-clash', 'good', 'hole.moved', { holes: holes.moved, most: { mm: holes.mostMm } })
    : verdict('hole-clash', 'good', 'hole.clear');
};
