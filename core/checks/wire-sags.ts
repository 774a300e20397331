import { check } from './check';

/** A wire that hangs by more than this share of its span under the crop lets it lie on the next one (from memory). */
const MOST_SAG = 1 / 30;
/** Share of what makes a wire give that it may pull with when the crop hangs on it (from memory). */
const MOST_SHARE = 0.7;

/** Do the wires of a row bear the crop in the longest bay, and how far do they hang? */
export const wireSags = check(
  'wire-sags',
  {
    says: {
      'sag.gives':
        'In full crop the wires would pull with {tension} in a bay of {span}, {share} % of what makes them give: they stretch and stay slack.',
      'sag.deep': 'In full crop the wires hang {sag} in a bay of {span}.',
      'sag.fits': 'In full crop the wires hang {sag} in a bay of {span}, and pull with {tension}.',
    },
    mends: { 'sag.gives': 'Take stronger or more wires', 'sag.deep': 'Strain them more, or set posts closer' },
  },
  (wires: { sagMm: number; tensionN: number; spanMm: number; yieldShare: number }, found) => {
    const values = {
      sag: { mm: wires.sagMm },
      span: { mm: wires.spanMm },
      tension: { newtons: wires.tensionN },
      share: Math.round(wires.yieldShare * 100),
    };
    if (wires.yieldShare > MOST_SHARE) return found('warn', 'sag.gives', values);
    return wires.sagMm > wires.spanMm * MOST_SAG
      ? found('warn', 'sag.deep', values)
      : found('good', 'sag.fits', values);
  },
);
