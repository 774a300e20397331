import { check } from './check';

/** Is a grid no wider than the roll it is cut from? mm. */
export const gridReaches = check(
  'grid-reaches',
  {
    says: { 'grid.narrow': 'It is {width} wide; the mesh is sold {sold} wide.' },
    mends: { 'grid.narrow': 'As wide as the mesh' },
  },
  ({ widthMm, soldMm }: { widthMm: number; soldMm: number }, found) =>
    widthMm > soldMm + 0.5 ? found('fail', 'grid.narrow', { width: { mm: widthMm }, sold: { mm: soldMm } }) : null,
);
