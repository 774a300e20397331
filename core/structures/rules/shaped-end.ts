import type { Sawn, SawnAt } from '../../design/shapes/bar';
import type { ChoiceKnob } from '../knob';
import { fact } from '../../wording/say';

/** How the ends of a board are sawn: own shapes. */
export const END_SHAPES = [
  { id: 'plain', label: 'square' },
  { id: 'slant', label: 'slanting back from below' },
  { id: 'scoop', label: 'scooped: a quarter round' },
  { id: 'wave', label: 'waved: hollow, then full' },
] as const;
export type EndShape = (typeof END_SHAPES)[number]['id'];

/** Of its height so much is left at the tip; the shape takes so much of what stands out, and no more than so many heights (from memory). */
const LEFT_AT_TIP = 0.42;
const OF_OVERHANG = 0.85;
const MOST_HEIGHTS = 1.6;
/** Points along a curve: straight between them, no farther off it than the line is thick (from memory). */
const STEPS = 12;

/** How much of the height is left, from none of the way in (the tip) to all of it. */
const leftAt: Readonly<Record<Exclude<EndShape, 'plain'>, (share: number) => number>> = {
  slant: (share) => share,
  // A quarter of a circle about the corner below the tip.
  scoop: (share) => 1 - Math.sqrt(Math.max(0, 1 - share * share)),
  // Half a turn of a cosine.
  wave: (share) => (1 - Math.cos(Math.PI * share)) / 2,
};

/**
 * A board whose ends are sawn alike from below, `overMm` of it standing out at each, or at one of them: `wide` is up.
 * Null where its ends are square. mm.
 * @example shapedEnds('wave', { template: 'beam end', longMm: 3000, wideMm: 140, overMm: 300 })?.edges[0] // the tip: what is left of the height there
 */
export function shapedEnds(
  shape: EndShape,
  o: { template: string; longMm: number; wideMm: number; overMm: number; at?: readonly [boolean, boolean] },
): Sawn | null {
  const [atStart, atEnd] = o.at ?? [true, true];
  const reachMm = Math.min(OF_OVERHANG * o.overMm, MOST_HEIGHTS * o.wideMm, o.longMm / 2 - 1);
  if (shape === 'plain' || reachMm < 1 || !(atStart || atEnd)) return null;
  const highMm = o.wideMm / 2;
  const tip: SawnAt[] = Array.from({ length: STEPS + 1 }, (_, i) => {
    const share = i / STEPS;
    const left = LEFT_AT_TIP + (1 - LEFT_AT_TIP) * leftAt[shape](share);
    return { atMm: reachMm * share, lowMm: highMm - o.wideMm * left, highMm };
  });
  return {
    template: o.template,
    edges: [
      ...(atStart ? tip : [{ atMm: 0, lowMm: -highMm, highMm }]),
      ...(atEnd
        ? tip.map((one) => ({ ...one, atMm: o.longMm - one.atMm })).reverse()
        : [{ atMm: o.longMm, lowMm: -highMm, highMm }]),
    ],
  };
}

/** The shape of the ends of something, waved where nothing else is wanted. */
export const endShapeKnob = (o: { label: string; group: string; suggested?: EndShape }) =>
  ({
    type: 'choice',
    label: o.label,
    group: o.group,
    choices: END_SHAPES,
    help: 'One is sawn and tried, and is the template of all others.',
    suggest: () => ({ value: o.suggested ?? 'wave', why: fact('ends.shape') }),
  }) satisfies ChoiceKnob;
