import type { Crop } from '../../crops/crop';
import type { Planted } from '../../crops/planted';
import type { Joint } from '../../design/design';
import { lineOf, type Line } from '../../design/shapes/line';
import { pathLength, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import type { ChoiceKnob, Suggestion } from '../knob';
import type { Said } from '../said';
import { isOffered, type Setting } from '../setting';

/** A string is made fast at both ends with so much (from memory). mm. */
const STRING_END_MM = inches(6);

/** A string from the lowest of some rungs to the highest, a turn round each: where it passes their outer faces. */
export function stringUp(o: {
  id: string;
  of: { id: string; diameterMm: number };
  rungs: readonly { id: string; wideMm: number; thickMm: number; at: Point }[];
}): { string: Line; joint: Joint } {
  const path = o.rungs.map(({ at }) => at);
  const turns = o.rungs.reduce((sum, { wideMm, thickMm }) => sum + 2 * (wideMm + thickMm), 0);
  const string = lineOf({
    id: o.id,
    role: 'string',
    of: o.of,
    path,
    cutMm: pathLength(path) + turns + 2 * STRING_END_MM,
  });
  return {
    string,
    joint: {
      id: `${o.id}-rungs`,
      kind: 'string to rung',
      by: 'tied',
      places: path,
      parts: [string.id, ...o.rungs.map(({ id }) => id)],
      fixings: [],
    },
  };
}

/** A string of twine from pole to pole, one turn round each, made fast at both ends; `path` is where it passes their middles. mm. */
export function stringRound(o: {
  id: string;
  role: string;
  kind: string;
  of: 'natural' | 'synthetic';
  path: readonly Point[];
  poles: readonly { id: string; wideMm: number }[];
}): { string: Line; joint: Joint } {
  const girtMm = Math.PI * (o.poles[0]?.wideMm ?? 0);
  const string = lineOf({
    id: o.id,
    role: o.role,
    of: { id: `twine-${o.of}`, diameterMm: TWINE_MM },
    path: o.path,
    cutMm: pathLength(o.path) + o.path.length * girtMm + 2 * STRING_END_MM,
  });
  return {
    string,
    joint: {
      id: `${o.id}-poles`,
      kind: o.kind,
      by: 'tied',
      // Closed, it comes back to the first.
      places: o.path.slice(0, o.poles.length),
      parts: [o.id, ...o.poles.map(({ id }) => id)],
      fixings: [],
    },
  };
}
/** How thick garden twine is drawn (from memory). mm. */
const TWINE_MM = 3;

/** Natural twine or synthetic, as it is sold: for what hangs from it, or climbs it. */
export const twineKnob = (o: { group: string; shown: NonNullable<ChoiceKnob['shown']> }) =>
  ({
    type: 'choice',
    label: 'Twine',
    group: o.group,
    choices: [
      { id: 'natural', label: 'natural fibre' },
      { id: 'synthetic', label: 'synthetic' },
    ],
    offered: (setting: Setting) =>
      (['natural', 'synthetic'] as const).filter((id) => isOffered(setting, `twine-${id}`)),
    help: 'Natural twine is composted with the vines.',
    shown: o.shown,
    suggest: () => ({ value: 'natural', why: fact('twine.compost') }),
  }) as const satisfies ChoiceKnob;

/** What is said of twine. */
export const TWINE_WORDS = {
  phrases: { 'twine.compost': 'Cut down and composted with the vines.' },
} as const satisfies Said;

/** As many strings over a width as leave no wider gap than what climbs there reaches over; three at the least. mm. */
export const stringsFor = (
  widthMm: number,
  planted: readonly { crop: { grips: { stepMm: number } | null } }[],
  most: number,
): number => {
  const step = Math.min(...planted.map(({ crop }) => crop.grips?.stepMm ?? Infinity), inches(4));
  return Math.max(3, Math.min(most, Math.ceil(widthMm / step) - 1));
};

/** Laths, slats and rungs of ¾″ boards: what is to hold on to something thinner wants strings (DOC PS 20-20, table 3). mm. */
export const THIN_BOARD_MM = 19;

/** What of some crops winds round nothing as thick as this. mm. */
export const thinOf = (planted: readonly Planted[], thickMm: number): Crop | undefined =>
  planted.find(({ crop }) => crop.grips && crop.grips.memberMm < thickMm)?.crop;

/** So many strings where what climbs there winds round nothing as thick as what there is; else none. mm. */
export function stringsWhere({ planted }: Setting, thickMm: number, strings: () => number): Suggestion<number> {
  const thin = thinOf(planted, thickMm);
  return thin
    ? { value: strings(), why: fact('strings.thin', { crop: thin.name }) }
    : { value: 0, why: fact('strings.none') };
}

/** Strings over rungs or slats. */
export const STRINGS_UP = {
  names: {
    parts: { string: { word: 'String', means: 'with a turn at each rung and both ends', as: 'thread' } },
    joinery: {
      'string to rung': 'A clove hitch at the lowest, one turn round each on the way, a clove hitch at the top.',
    },
    knots: { 'string to rung': ['clove hitch'] },
  },
  phrases: {
    'strings.thin': '{crop} winds round nothing as thick as the wood.',
    'strings.none': 'What grows here holds on to the wood.',
    ...TWINE_WORDS.phrases,
  },
} as const satisfies Said;
