import { verdict, type Check } from './verdict';

/** How a good frame is let down: panels with two fixings a post or on staples alone, frames with no brace (common practice, no source). */
export const heldFirm: Check = ({ design }) => {
  const hung = design.joints.filter((joint) => joint.kind === 'panel to post');
  if (hung.some((joint) => joint.fixings.reduce((sum, one) => sum + one.count, 0) < 3))
    return verdict('held-firm', 'warn', 'fixing.two');
  if (design.support.fixedBy === 'staples') return verdict('held-firm', 'warn', 'fixing.staples');
  if (design.parts.some((part) => part.role === 'beam')) {
    return design.parts.some((part) => part.role === 'brace')
      ? verdict('held-firm', 'good', 'brace.enough')
      : verdict('held-firm', 'warn', 'brace.none');
  }
  if (hung.length > 0) return verdict('held-firm', 'good', 'fixing.enough');
  return design.support.fixedBy ? verdict('held-firm', 'good', 'fixing.screws') : null;
};
