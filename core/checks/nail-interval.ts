import { verdict, type Check } from './verdict';

/** An interval may be off by this share before a weaver sees it (from memory). */
const FORGIVEN = 0.06;

/** Does the interval of the nails divide both sides of the frame? */
export const nailInterval: Check = ({ design }) => {
  const { nails } = design.support;
  if (!nails) return null;
  const off = Math.abs(nails.setMm - nails.askedMm) / nails.askedMm;
  const values = { asked: { mm: nails.askedMm }, set: { mm: nails.setMm } };
  return off > FORGIVEN
    ? verdict('nail-interval', 'note', 'nails.off', values)
    : verdict('nail-interval', 'good', 'nails.divide', values);
};
