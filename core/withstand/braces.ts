import type { Catalogue } from '../catalogue/stock';
import type { Sheet } from '../design/shapes/sheet';
import type { Cord } from '../frame/frame';
import { add, dot, minus, norm, reach, scale } from '../geometry/space';
import { roundArea, STEEL_E_MPA } from '../statics/wire';
import type { FixedAt } from './parts-in';

/** Welded mesh braces what it is fixed to as so much of its wires would that went straight from hold to hold (from memory: welds and clips give). */
const BRACES = 0.05;
/** More ties than this of one sheet brace it no better. */
const MOST_BRACES = 24;

/** Of stiff mesh and sheeting: what it keeps from shifting against each other, as ties from each hold to those of the next bar. */
export function bracedBy(part: Sheet, fixed: readonly FixedAt[], catalogue: Catalogue): Cord[] {
  const stock = catalogue.stock(part.stock);
  const stiff = stock.form === 'panel' || stock.form === 'sheeting' || (stock.form === 'mesh roll' && stock.stiff);
  if (!stiff || fixed.length < 3 || fixed.length > 80) return [];
  const wire = stock.form === 'sheeting' ? stock.steelMm * 40 : roundArea(part.wireMm);
  const out: Cord[] = [];
  fixed.forEach((one, i) =>
    fixed.forEach((other, j) => {
      if (j <= i || one.node === other.node) return;
      const way = minus(other.at, one.at);
      const long = norm(way);
      const level = Math.abs(dot(way, part.up)) / Math.max(1, long);
      // Aslant alone: along its wires it is drawn, across them it is bent.
      if (long < 100 || level < 0.15 || level > 0.95) return;
      const nearer = fixed.some(
        (third, k) =>
          k !== i &&
          k !== j &&
          reach(third.at, one.at) < long &&
          reach(third.at, other.at) < long &&
          reach(third.at, scale(add(one.at, other.at), 0.5)) < long / 4,
      );
      if (nearer) return;
      out.push({
        a: one.node,
        b: other.node,
        from: one.at,
        to: other.at,
        ea: BRACES * STEEL_E_MPA * wire * 5,
        pullN: 0,
        pressesToo: true,
      });
    }),
  );
  return out.slice(0, MOST_BRACES);
}
