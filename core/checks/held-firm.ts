import { verdict, type Check } from './verdict';

/** The two ways a good frame is let down: panels with two fixings a post, frames with no brace (common practice, no source). */
export const heldFirm: Check = ({ design }) => {
  const few = design.joints.some((joint) => joint.kind === 'panel to post' && joint.fixings.reduce((sum, one) => sum + one.count, 0) < 3);
  if (few) return verdict('held-firm', 'warn', 'fixing.two');
  const frame = design.parts.some((part) => part.role === 'beam');
  if (frame && !design.parts.some((part) => part.role === 'brace')) return verdict('held-firm', 'warn', 'brace.none');
  return verdict('held-firm', 'good', frame ? 'brace.enough' : 'fixing.enough');
};
