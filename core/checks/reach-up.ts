import { verdict, type Check } from './verdict';

/** A finger's width over is forgiven: 1″ (from memory). mm. */
const FORGIVEN_MM = 25.4;

/** Can the tallest user reach the top with both feet on the ground? */
export const reachUp: Check = ({ design, setting }) => {
  const values = { top: { mm: design.support.topMm.most }, reach: { mm: setting.reachMm } };
  return design.support.topMm.most > setting.reachMm + FORGIVEN_MM
    ? verdict('reach-up', 'warn', 'reach.tall', values)
    : verdict('reach-up', 'good', 'reach.top', values);
};
