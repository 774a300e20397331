import { check, SEEN_MM } from './check';

/** Beds that are this far from lying side by side have no even way between them (from memory). Degrees. */
const ASKEW_DEG = 3;

/** So far past the ends of the beds an arch can stand (from memory). mm. */
const PAST_MM = 100;

/** Does an arch reach over the way it is asked to stand over? `widestMm` is as far as its length reaches with feet held upright. mm. */
export const archReaches = check(
  'arch-reaches',
  {
    says: {
      'way.none': 'The beds do not lie beside each other with a way between them: move one of them on the plot.',
      'way.askew': 'The beds lie {askew}° askew: the way is wider at one end than at the other.',
      'way.little':
        'The arch is {long} long: it stands past the ends of the beds, which lie beside each other for {way}.',
      'way.short': 'The beds lie beside each other for {way} only; the arch is {long} long.',
      'span.far':
        'The feet are asked to stand {span} apart; a strip of {strip} with its feet held upright reaches {widest} at the most.',
      'span.reaches': 'A strip of {strip} stands {span} apart.',
    },
    mends: { 'span.far': 'Bring the feet together', 'way.short': 'Fit it to the way' },
  },
  (
    at: {
      askedMm: number;
      widestMm: number;
      stripMm: number;
      builtMm: number;
      way: { wideMm: number; lengthMm: number; skewDeg: number } | null;
    },
    found,
  ) => {
    if (at.way && (at.way.wideMm < 1 || at.way.lengthMm < 1)) return found('fail', 'way.none');
    const values = { span: { mm: at.askedMm }, widest: { mm: at.widestMm }, strip: { mm: at.stripMm } };
    if (at.askedMm > at.widestMm + SEEN_MM) return found('fail', 'span.far', values);
    const past = at.way ? at.builtMm - at.way.lengthMm : 0;
    if (at.way && past > SEEN_MM)
      return found(past > PAST_MM ? 'warn' : 'note', past > PAST_MM ? 'way.short' : 'way.little', {
        way: { mm: at.way.lengthMm },
        long: { mm: at.builtMm },
      });
    if (at.way && at.way.skewDeg > ASKEW_DEG) return found('note', 'way.askew', { askew: Math.round(at.way.skewDeg) });
    return found('good', 'span.reaches', values);
  },
);
