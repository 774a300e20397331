import { inches } from '../quantity/length';
import { verdict, type Check } from './verdict';

/** More than this between a panel's corner and its post is no longer taken up by a clip or a staple (from memory). mm. */
const TAKEN_UP_MM = inches(2);

/** A stiff panel laid along a slope stands square to it, its end posts plumb: at the top they part by height × sin(slope). */
export const panelLean: Check = ({ design }) => {
  const { leansMm } = design.support;
  if (leansMm === undefined || leansMm <= TAKEN_UP_MM) return null;
  return verdict('panel-lean', 'note', 'panel.leans', { off: { mm: leansMm } });
};
