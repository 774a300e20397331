import { check } from './check';

/** Eyes and holes keep clear of screws, post tops and brackets: those that would meet one are moved. */
export const holeClash = check(
  'hole-clash',
  {
    says: {
      'hole.clash': '{holes|eye or hole|eyes or holes} would meet a screw or a post and found no room to move.',
      'hole.moved': '{holes|place|places} moved off a screw, a post top or a bracket, by {most} at most.',
      'hole.clear': 'No eye or hole meets a screw.',
    },
  },
  (holes: { moved: number; mostMm: number; clashing: number }, found) => {
    if (holes.clashing > 0) return found('warn', 'hole.clash', { holes: holes.clashing });
    return holes.moved > 0
      ? found('good', 'hole.moved', { holes: holes.moved, most: { mm: holes.mostMm } })
      : found('good', 'hole.clear');
  },
);
