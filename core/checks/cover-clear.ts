import { inches } from '../quantity/length';
import { check, SEEN_MM } from './check';

/** Leaves that touch a net are laid eggs on through it, and scorch on film (common practice; the distance from memory). mm. */
export const CLEAR_MM = inches(2);

/** Do the leaves stay clear of what lies over them? The plant that comes nearest: how high it grows, how high the cover is there, and when it reaches it. */
export const coverClear = check(
  'cover-clear',
  {
    says: {
      'cover.outgrown':
        '{crop} grows to {grows} and reaches the cover, {high} there, about {on}: take it off then, or build higher.',
      'cover.touches':
        '{crop} comes within {left} of the cover: leaves that touch a net are eaten through it, and scorch on what is clear.',
      'cover.clear': '{crop} stays {left} clear of the cover.',
    },
    mends: { 'cover.outgrown': 'Make it higher', 'cover.touches': 'Make it higher' },
  },
  ({ crop, growsMm, highMm, on }: { crop: string; growsMm: number; highMm: number; on: string }, found) => {
    const left = highMm - growsMm;
    if (left < 0)
      return found('note', 'cover.outgrown', {
        crop,
        grows: { mm: growsMm },
        high: { mm: highMm },
        on: { monthDay: on },
      });
    return left < CLEAR_MM - SEEN_MM
      ? found('note', 'cover.touches', { crop, left: { mm: left } })
      : found('good', 'cover.clear', { crop, left: { mm: left } });
  },
);
