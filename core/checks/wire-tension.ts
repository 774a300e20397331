import { verdict, type Check } from './verdict';

/** Share of what makes a wire give that a gardener's turnbuckle should use at most (from memory). */
const MOST_SHARE = 0.4;

/** Is a guy wire tight enough to pull a post upright, and not so tight that it gives? */
export const wireTension: Check = ({ design }) => {
  const { guys } = design.support;
  if (!guys) return null;
  const values = { pull: guys.tensionN, stretch: { mm: guys.stretchMm }, share: Math.round(guys.yieldShare * 100) };
  return guys.yieldShare > MOST_SHARE
    ? verdict('wire-tension', 'warn', 'wire.tight', values)
    : verdict('wire-tension', 'good', 'wire.firm', values);
};
