import { areParallel, type EndCut } from './end-cut';
import { formatLength, type Units } from '../quantity/length';

const degrees = (rad: number): number => Math.round((Math.abs(rad) * 1800) / Math.PI) / 10;

/** How an end is cut: "square", "mitre 45°", "angle 19.5°", "compound: saw turned 4.1°, blade tilted 4°", "notch 38 mm × 11 mm", "as bought". */
export function sayEnd(end: EndCut, units: Units): string {
  switch (end.cut) {
    case 'mitre':
    case 'angle':
      return `${end.cut} ${degrees(end.angleRad)}°`;
    case 'compound':
      return `compound: saw turned ${degrees(end.mitreRad)}°, blade tilted ${degrees(end.tiltRad)}°`;
    case 'shaped':
      return 'to the template';
    case 'notch':
      return `notch ${formatLength(end.longMm, units)} × ${formatLength(end.deepMm, units)}`;
    default:
      return end.cut;
  }
}

/** Both ends of a bar: once where they are alike, and how two slanting ones lie to each other. */
export function sayEnds(ends: readonly [EndCut, EndCut], units: Units): string {
  const [from, to] = ends.map((end) => sayEnd(end, units));
  const hand = handOf(ends);
  return `${from === to ? `${from}, both` : `${from} / ${to}`}${hand && `, ${hand}`}`;
}

/** Of two slanting ends: whether they slant the same way or towards each other; of ends that slant across different faces neither. */
function handOf(ends: readonly [EndCut, EndCut]): string {
  const [a, b] = ends;
  if (a.cut === 'compound' && b.cut === 'compound') return areParallel(ends) ? 'parallel' : 'towards each other';
  if (!('angleRad' in a && 'angleRad' in b) || a.cut !== b.cut) return '';
  if (!areParallel(ends)) return 'long points on one edge';
  return degrees(a.angleRad) === degrees(b.angleRad) ? 'parallel' : 'slanting the same way';
}
