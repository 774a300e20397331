import { inches } from '../quantity/length';
import { leadPlant } from '../structures/setting';
import { verdict, type Check } from './verdict';

/** Posts at most 8′ apart under a fruiting crop (common practice, no source); 1″ is forgiven for panels lapped by a mesh. mm. */
const MOST_MM = inches(97);

export const postSpacing: Check = ({ design, setting }) => {
  const values = { widest: { mm: design.support.spacingMm }, most: { mm: inches(96) } };
  if (design.support.spacingMm === 0) return null;
  const light = leadPlant(setting)?.crop.load === 'light';
  return design.support.spacingMm > MOST_MM && !light
    ? verdict('post-spacing', 'warn', 'spacing.wide', values)
    : verdict('post-spacing', 'good', 'spacing.fits', values);
};
