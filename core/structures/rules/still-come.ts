import { leavesOpen } from '../../checks/leaves-open';
import { comersTo } from '../../site/net-needs';
import { getsPast } from '../../site/visitors';
import type { Guards } from '../kind';

/**
 * Who of those that visit still comes past what guards: to its crops, where it covers any; what is about all of a
 * garden is asked for all. With the kinds that guard, so that a page that shows one that does not fetches nothing of
 * what is known of visitors.
 */
export const stillCome: Guards['stillCome'] = (guard, purpose, { planted, site }) => {
  const crops = planted.map(({ crop }) => crop);
  const comers = crops.length > 0 ? comersTo(crops, site.visitors) : [];
  const visitors = purpose === 'barrier' ? site.visitors : site.visitors.filter((who) => comers.includes(who));
  return leavesOpen({ came: visitors.map((who) => ({ who, past: getsPast(who, guard) })) });
};
