import { check } from './check';

/** What a garden tap gives through a filter and a pressure reducer: ten litres a minute (from memory). Litres an hour. */
const TAP_LITRES_H = 600;
/** What a bed wants in a week without rain: an inch over all of it (common practice, no source). mm. */
const WEEK_MM = 25.4;

/** Does the tap feed all openings of the drip lines, and how long does it run? */
export const dripWaters = check(
  'drip-waters',
  {
    says: {
      'drip.tap':
        'Its {openings|opening|openings} take {flow} an hour, and a garden tap gives about {most}: the farthest stay dry.',
      'drip.small': 'It is too small for a drip line: none can be laid inside its sides.',
      'drip.waters':
        'Its {openings|opening|openings} give {flow} an hour: in a week without rain, an inch (25 mm) over the bed takes {minutes|minute|minutes}.',
    },
    mends: { 'drip.tap': 'Set the lines farther apart', 'drip.small': 'Water it by hand' },
  },
  (at: { openings: number; litresH: number; areaM2: number }, found) => {
    if (at.openings === 0) return found('warn', 'drip.small');
    const values = { openings: at.openings, flow: { mm3: at.litresH * 1e6 } };
    return at.litresH > TAP_LITRES_H
      ? found('warn', 'drip.tap', { ...values, most: { mm3: TAP_LITRES_H * 1e6 } })
      : found('good', 'drip.waters', {
          ...values,
          // To five minutes.
          minutes: Math.max(5, Math.round(((at.areaM2 * WEEK_MM) / at.litresH) * 12) * 5),
        });
  },
);
