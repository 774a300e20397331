import type { Setting } from '../setting';

/** How low every climbing plant still finds its hold: a gap of that much and no more. mm. */
export const mostGap = ({ planted }: Pick<Setting, 'planted'>): number => {
  const climbing = planted.filter((one) => one.crop.habit !== 'none');
  return climbing.length > 0 ? Math.min(...climbing.map((one) => one.crop.supportFromMm)) : 0;
};
