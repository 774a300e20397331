import { fact, type FactValue } from '../../wording/say';
import type { Setting } from '../setting';
import type { SeasonNote } from '../step';

/**
 * What is cleared away after the first frost; nothing where all that grows there lives for years and stays (common
 * practice, no source).
 */
export const clearing = (
  { planted, site }: Pick<Setting, 'planted' | 'site'>,
  code: string,
  args: Record<string, FactValue> = {},
): SeasonNote[] =>
  planted.length > 0 && planted.every(({ crop }) => crop.years)
    ? []
    : [{ on: site.firstFrost, what: fact(code, args) }];
