import { stockOf } from '../../../catalogue/catalogue';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed, type Design, type Hold, type Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { add, scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { pushPole, type SetPost } from '../../assemblies/set-post';
import { stringRound } from '../../assemblies/strings-up';
import type { Sizing } from '../../kind';
import { nextStockUp } from '../../rules/depth';
import { twineAbout } from '../../rules/lashing';
import { acrossBed } from '../../rules/row';
import { stationsAlong } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import {
  FIRST_STRING_MM,
  footOf,
  onRidge,
  ridgeOver,
  ridgePieces,
  ROWS,
  slantOf,
  stayOf,
  stringStep,
  wayUp,
  type RidgePiece,
  type Row,
  type Stance,
} from './frame';
import { mostCrossing, OUTSIDE_MM, type CrossedCanesValues } from './knobs';

/** A cane goes on over the ridge by so much at the least, so that it cannot slip out. In its thicknesses (from memory). */
const OVER_RIDGE = 3;

/** What its own checks and mends ask for. */
export interface CrossedCanesFacts {
  rowsAtMm: readonly number[];
  tips: { halfBaseMm: number; heightMm: number; pushedIn: boolean };
}

interface Pair {
  alongMm: number;
  canes: readonly [Bar, Bar];
}

/** Sizes the row: pairs of canes, a ridge in their forks, a cane aslant inside each row, level strings where something thin climbs. */
export function sizeCrossedCanes(v: CrossedCanesValues, setting: BedSetting): Sizing<CrossedCanesFacts> {
  const ground = groundOf(setting.place.bed);
  const of = stockOf(setting.catalogue, v.cane, 'pole');
  const sizes = setting.sizesOf(of.id);
  const y = acrossBed(v.rowAt, setting);
  const asked: Stance = { ground, yMm: y, apartMm: v.apart, heightMm: v.height, diameterMm: of.diameterMm };
  const overMm = Math.max(v.over, (ridgeOver(asked) * slantOf(asked)) / v.height + OVER_RIDGE * of.diameterMm);
  const askedMm = v.pushIn + slantOf(asked) + overMm;
  const soldMm = nextStockUp(askedMm, sizes)?.mm ?? askedMm;
  // Where no cane on sale is long enough they cross lower.
  const s: Stance = { ...asked, heightMm: Math.min(v.height, crossesAt(soldMm - v.pushIn - overMm, v.apart)) };
  const pairsAt = pairsAlong(v, of.diameterMm);
  const pairs = pairsAt.map((alongMm, i): Pair => {
    const cane = (row: Row): SetPost =>
      pushPole({
        id: `cane-${row.id}-${i + 1}`,
        role: 'cane',
        of,
        foot: footOf(s, row, alongMm),
        up: wayUp(s, row),
        askedMm,
        soldMm,
        pushInMm: v.pushIn,
      });
    return { alongMm, canes: [cane(ROWS[0]), cane(ROWS[1])] };
  });
  const [first, last] = [pairsAt[0] ?? 0, pairsAt.at(-1) ?? 0];
  const ridge = ridgePieces(s, { fromMm: first, toMm: last, sizesMm: sizes, of });
  const twine = { stock: `twine-${v.twine}`, eachMm: twineAbout(of.diameterMm) };
  const rowsAtMm = ROWS.map(({ side }) => y + side * (v.apart / 2 + OUTSIDE_MM));
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm: s.heightMm,
    rowsAtMm,
    rows: ROWS.map((one, i) => ({ acrossMm: rowsAtMm[i] ?? y, side: one.id, up: wayUp(s, one) })),
  });
  const ridgeMm = s.heightMm + ridgeOver(s);
  const strings = stringRows(v, s, pairs);
  const foot = onGround(ground, first, y);
  return {
    design: placed({
      ...together(
        { parts: pairs.flatMap(({ canes }) => canes) },
        { parts: ridge.map(({ bar }) => bar), joints: lashings(s, pairs, ridge, twine) },
        v.stays === 'yes' && stays(s, pairs, { sizesMm: sizes, of, twine }),
        strings,
        { reasons: reasonsOf(v, pairs.length, askedMm, strings.parts) },
      ),
      ...row,
      hold: {
        by: 'poles',
        meshMm: null,
        memberMm: v.strings > 0 ? stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm : of.diameterMm,
        stepMm: v.strings > 0 ? Math.min(v.every, stringStep(s, v.strings)) : v.every,
        fineToMm: 0,
        // Poles and canes carry beans and peas, never squash or cucumber (common practice, no source).
        carries: 'medium',
        startsMm: 0,
        gapMm: 0,
        topMm: { least: ridgeMm, most: ridgeMm },
        could: { topMm: Math.max(ridgeMm, mostCrossing(setting, v)), carries: 'medium', net: true },
      } satisfies Hold,
      marks: [
        ...row.marks,
        soilChain(ground, 'pairs', pairsAt),
        chain('plan', 'z', 'feet', [y - v.apart / 2, y + v.apart / 2]),
        chain('elevation', 'z', 'heights', ascending([0, s.heightMm, ridgeMm].map((up) => foot[2] + up))),
      ],
      handles: [
        ...row.handles,
        { knob: 'height', view: 'end', at: add(foot, [0, 0, s.heightMm]), axis: 'up' },
        { knob: 'apart', view: 'end', at: [0, y + v.apart / 2, foot[2]], axis: 'right', perMm: 2 },
        { knob: 'pushIn', view: 'end', at: [0, y - v.apart / 2, foot[2] - v.pushIn], axis: 'up', perMm: -1 },
        // One space from the row's start: what does not divide is shared by both ends, and pairs go against the hand.
        pairsAt.length > 1 && { knob: 'every', view: 'elevation', at: onGround(ground, v.every, y), axis: 'right' },
      ],
    }),
    facts: {
      rowsAtMm,
      tips: { halfBaseMm: v.apart / 2, heightMm: s.heightMm, pushedIn: v.pushIn >= inches(4) },
    },
  };
}

/** How high canes cross that are so long from foot to crossing: Pythagoras. mm. */
const crossesAt = (slantMm: number, apartMm: number): number =>
  Math.sqrt(Math.max(LEAST_CROSSING_MM ** 2, slantMm ** 2 - (apartMm / 2) ** 2));
/** Lower than this nothing crosses: the canes are too short for it at all (from memory). mm. */
const LEAST_CROSSING_MM = inches(6);

/** Where its pairs stand: as plants do, two at the least. mm. */
function pairsAlong(v: CrossedCanesValues, diameterMm: number): number[] {
  const all = stationsAlong(v.rowLength, v.every, v.school);
  const inside = (at: number): number => Math.min(v.rowLength - diameterMm, Math.max(diameterMm, at));
  return all.length > 1 ? all.map(inside) : [diameterMm, v.rowLength - diameterMm];
}

const reasonsOf = (
  v: CrossedCanesValues,
  pairs: number,
  askedMm: number,
  strings: readonly { cutMm: number }[],
): Design['reasons'] => ({
  cane: fact('count.canes', { pairs, asked: { mm: askedMm } }),
  ridge: fact('count.ridge'),
  stay: fact('count.stays'),
  string: fact('count.level-strings', {
    strings: v.strings,
    total: { mm: strings.reduce((sum, { cutMm }) => sum + cutMm, 0) },
  }),
  'canes lashed': fact('count.lashings'),
  'ridge lapped': fact('count.laps'),
  'stay to cane': fact('count.stay-ties'),
});

interface Twine {
  stock: string;
  eachMm: number;
}

/** A place of a cane, so far up it from its foot on the soil. */
const upCane = (s: Stance, row: Row, alongMm: number, upMm: number): Point =>
  add(footOf(s, row, alongMm), scale(wayUp(s, row), upMm));

/** Each pair lashed to the ridge that lies in its fork; two pieces of it to each other. */
function lashings(s: Stance, pairs: readonly Pair[], ridge: readonly RidgePiece[], twine: Twine): Joint[] {
  const over = (slantOf(s) * (s.heightMm + ridgeOver(s))) / s.heightMm;
  const atPairs = pairs.map(({ alongMm, canes }, i): Joint => {
    const lies = ridge.filter(({ fromMm, toMm }) => fromMm <= alongMm && alongMm <= toMm);
    return {
      id: `pair-${i + 1}`,
      kind: 'canes lashed',
      by: 'lashed',
      places: [
        ...ROWS.map((row) => upCane(s, row, alongMm, over)),
        ...lies.map(({ liftMm }) => onRidge(s, alongMm, liftMm)),
      ],
      parts: [...canes.map(({ id }) => id), ...lies.map(({ bar }) => bar.id)],
      fixings: [{ ...twine, count: 1 }],
    };
  });
  const laps = ridge.slice(1).map(({ bar: piece }, i): Joint => {
    const { bar: before } = ridge[i] as RidgePiece;
    return {
      id: `${before.id}-${piece.id}`,
      kind: 'ridge lapped',
      by: 'lashed',
      places: [scale(add(piece.from, before.to), 0.5)],
      parts: [before.id, piece.id],
      fixings: [{ ...twine, count: 2 }],
    };
  });
  return [...atPairs, ...laps];
}

/** A cane aslant inside each row, tied to every cane that it passes. */
function stays(
  s: Stance,
  pairs: readonly Pair[],
  o: { sizesMm: readonly number[]; of: { id: string; diameterMm: number }; twine: Twine },
): Assembled {
  const made = ROWS.map((row, n) => {
    const stay = stayOf(s, row, { ...o, pairs: pairs.map(({ alongMm }) => alongMm) });
    if (!stay) return { parts: [], joints: [] };
    const joints = stay.passes.flatMap(({ alongMm: at, upMm }): Joint[] => {
      const cane = pairs.find(({ alongMm }) => alongMm === at)?.canes[n];
      if (!cane) return [];
      return [
        {
          id: `${stay.bar.id}-${cane.id}`,
          kind: 'stay to cane',
          by: 'lashed',
          places: [upCane(s, row, at, upMm)],
          parts: [stay.bar.id, cane.id],
          fixings: [{ ...o.twine, count: 1 }],
        },
      ];
    });
    return { parts: [stay.bar], joints };
  });
  return together(...made);
}

/** Level strings along both rows, a turn round each cane. */
function stringRows(v: CrossedCanesValues, s: Stance, pairs: readonly Pair[]): { parts: Line[]; joints: Joint[] } {
  const made = ROWS.flatMap((row, side) =>
    Array.from({ length: v.strings }, (_, n) => {
      const upMm = FIRST_STRING_MM + n * stringStep(s, v.strings);
      const path = pairs.map(({ alongMm }) => upCane(s, row, alongMm, upMm));
      return stringRound({
        id: `string-${row.id}-${n + 1}`,
        role: 'string',
        kind: 'string to cane',
        of: v.twine,
        path,
        poles: pairs.flatMap(({ canes }) => canes[side] ?? []),
      });
    }),
  );
  return { parts: made.map(({ string }) => string), joints: made.map(({ joint }) => joint) };
}
