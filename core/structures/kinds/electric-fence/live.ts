import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { blockOf, type Block } from '../../../design/shapes/block';
import { lineOf, type Line } from '../../../design/shapes/line';
import { chainThrough, lengthOf, pointAt } from '../../../geometry/curve';
import { add, pathLength, scale, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import type { SetPost } from '../../assemblies/set-post';
import { eyeIn } from '../../rules/fixings';
import type { Bay, Leg } from '../../rules/run';

/** The ring of an insulator stands so far off the face of its stake (from memory). mm. */
const RING_MM = 30;
/** Wire at an end: twice round the ring, then twisted on to what goes on from there (from memory). mm. */
const END_MM = inches(10);
/** The unit’s own size, and how high over the soil its foot hangs (from memory). mm. */
const UNIT = { id: 'fence-unit', longMm: 230, wideMm: 110, highMm: 300 };
export const UNIT_UP_MM = inches(18);
/** The earth rod: galvanised, so long, its head so far out of the soil, so far from the stake inside the fence (from memory). mm. */
const ROD = { longMm: 1200, outMm: 80, insideMm: 500 };
/** A sign at least every so far along the fence (from memory). mm. */
const SIGN_EVERY_MM = 10_000;

/** A stake with the way out of the garden at it, square to its outer face. */
export interface LiveStake {
  stake: SetPost;
  out: Point;
}

const soilAt = ({ stake }: LiveStake): Point => add(stake.from, [0, 0, stake.buriedMm]);
const faceOf = (one: LiveStake, upMm: number): Point =>
  add(soilAt(one), add(scale(one.out, one.stake.thickMm / 2), [0, 0, upMm]));
/** The ring that a wire goes through, so high over the soil. */
export const ringOf = (one: LiveStake, upMm: number): Point => add(faceOf(one, upMm), scale(one.out, RING_MM));

export interface Piece {
  wire: Line;
  leg: Leg;
  height: number;
  stakes: readonly LiveStake[];
  opens: boolean;
}

/** The wires of a leg: from its first stake to its last, in three pieces where one bay of it unhooks. */
export function wiresOf(
  leg: Leg,
  bays: readonly Bay[],
  o: {
    stakes: ReadonlyMap<string, LiveStake>;
    heights: readonly number[];
    of: { id: string; diameterMm: number };
    opens: Bay | null;
    handleMm: number;
  },
): Piece[] {
  const [first] = bays;
  if (!first) return [];
  const at = ({ id }: { id: string }): LiveStake => o.stakes.get(id) as LiveStake;
  const chain = [at(first.from), ...bays.map(({ to }) => at(to))];
  const n = o.opens === null ? -1 : bays.indexOf(o.opens);
  const runs =
    n < 0
      ? [{ name: '', stakes: chain, opens: false }]
      : [
          { name: '', stakes: chain.slice(0, n + 1), opens: false },
          { name: '-gate', stakes: chain.slice(n, n + 2), opens: true },
          { name: '-b', stakes: chain.slice(n + 1), opens: false },
        ].filter(({ stakes }) => stakes.length > 1);
  return o.heights.flatMap((upMm, height) =>
    runs.map(({ name, stakes, opens }): Piece => {
      const path = stakes.map((one) => ringOf(one, upMm));
      const wire = lineOf({
        id: `wire-r${leg.index + 1}-${height + 1}${name}`,
        role: opens ? 'gate wire' : 'wire',
        of: o.of,
        path,
        cutMm: opens ? Math.max(END_MM, pathLength(path) - o.handleMm + END_MM) : pathLength(path) + 2 * END_MM,
      });
      return { wire, leg, height, stakes, opens };
    }),
  );
}

/** An insulator for every wire at every stake, with all that passes or ends there; a handle where a wire unhooks. */
export function ringsOf(stakes: readonly LiveStake[], pieces: readonly Piece[], heights: readonly number[]): Joint[] {
  const rings = stakes.flatMap((one) =>
    heights.map((upMm, height): Joint => {
      const held = pieces.filter((piece) => piece.height === height && piece.stakes.includes(one));
      return {
        id: `ring-${one.stake.id}-${height + 1}`,
        kind: 'wire in its insulator',
        places: [faceOf(one, upMm), ringOf(one, upMm)],
        parts: [one.stake.id, ...held.map(({ wire }) => wire.id)],
        fixings: [eyeIn(one.stake.id, scale(one.out, -1), faceOf(one, upMm), 'ring-insulator')],
      };
    }),
  );
  const handles = pieces
    .filter(({ opens }) => opens)
    .map(({ wire }): Joint => ({
      id: `${wire.id}-handle`,
      kind: 'handle in its loop',
      places: [wire.path.at(-1) as Point],
      parts: [wire.id],
      fixings: [{ stock: 'gate-handle', count: 1 }],
    }));
  return [...rings, ...handles];
}

/** Signs on the top wire, the bay that unhooks too: one at least on each piece, evenly along it, none farther than is said from the next. */
export const signsOf = (pieces: readonly Piece[], top: number): Joint[] =>
  pieces
    .filter(({ height }) => height === top)
    .flatMap(({ wire }) => {
      const chain = chainThrough(wire.path);
      const count = Math.ceil(lengthOf(chain) / SIGN_EVERY_MM);
      return Array.from({ length: count }, (_, i): Joint => ({
        id: `sign-${wire.id}-${i + 1}`,
        kind: 'sign on a wire',
        places: [pointAt(chain, (lengthOf(chain) * (i + 0.5)) / count)],
        parts: [wire.id],
        fixings: [{ stock: 'warning-sign', count: 1 }],
      }));
    });

/** One wire up the first stake that joins all of them; none where there is one alone. */
function linkOf(
  one: LiveStake,
  pieces: readonly Piece[],
  heights: readonly number[],
  of: { id: string; diameterMm: number },
): Assembled {
  if (heights.length < 2) return { parts: [], joints: [] };
  const path = heights.map((upMm) => ringOf(one, upMm));
  const link = lineOf({ id: 'link-1', role: 'link wire', of, path, cutMm: pathLength(path) + heights.length * END_MM });
  return {
    parts: [link],
    joints: heights.flatMap((_upMm, height): Joint[] => {
      const piece = pieces.find((at) => at.height === height && at.stakes.includes(one));
      return piece
        ? [
            {
              id: `link-${height + 1}`,
              kind: 'link on a wire',
              places: [path[height] as Point],
              parts: [link.id, piece.wire.id],
              fixings: [{ stock: 'line-clamp', count: 1 }],
            },
          ]
        : [];
    }),
  };
}

/** The unit on the first stake, inside; its lead to the lowest wire, its rod in the soil. */
export function unitOf(
  one: LiveStake,
  pieces: readonly Piece[],
  heights: readonly number[],
  o: {
    wire: { id: string; diameterMm: number };
    lead: { id: string; diameterMm: number };
    rod: { id: string; diameterMm: number };
    screw: string;
  },
): Assembled {
  const { stake, out } = one;
  const inwards = scale(out, -1);
  const back = add(soilAt(one), add(scale(inwards, stake.thickMm / 2), [0, 0, UNIT_UP_MM]));
  const unit: Block = blockOf({
    id: 'unit-1',
    role: 'unit',
    of: UNIT,
    corner: add(back, scale(stake.wide, -UNIT.longMm / 2)),
    along: stake.wide,
    up: UP,
  });
  const foot = add(soilAt(one), scale(inwards, ROD.insideMm));
  const rod: Bar = barOf({
    id: 'earth-rod-1',
    role: 'earth rod',
    of: o.rod,
    from: add(foot, [0, 0, ROD.outMm - ROD.longMm]),
    to: add(foot, [0, 0, ROD.outMm]),
    buriedMm: ROD.longMm - ROD.outMm,
  });
  const under = (share: number): Point =>
    add(add(unit.corner, scale(stake.wide, UNIT.longMm * share)), scale(inwards, UNIT.wideMm / 2));
  const low = pieces.find(({ height, stakes }) => height === 0 && stakes.includes(one));
  const ring = ringOf(one, heights[0] ?? 0);
  const lead = (id: string, path: readonly Point[]): Line =>
    lineOf({ id, role: 'lead', of: o.lead, path, cutMm: pathLength(path) + 2 * END_MM });
  // Past the side of the stake, not through it.
  const beside = add(add(soilAt(one), scale(stake.wide, stake.wideMm / 2 + o.lead.diameterMm)), [
    0,
    0,
    ring[2] - soilAt(one)[2],
  ]);
  const live = lead('lead-live', [under(0.75), beside, ring]);
  const earth = lead('lead-earth', [under(0.25), rod.to]);
  const link = linkOf(one, pieces, heights, o.wire);
  const onUnit = (line: Line): Joint => ({
    id: `${line.id}-unit`,
    kind: 'lead on the unit',
    by: 'clipped',
    places: [line.path[0] as Point],
    parts: [line.id, unit.id],
    fixings: [],
  });
  return {
    parts: [unit, rod, live, earth, ...link.parts],
    joints: [
      {
        id: 'unit-1-stake',
        kind: 'unit on its stake',
        places: [add(back, [0, 0, UNIT.highMm / 2])],
        parts: [unit.id, stake.id],
        fixings: [{ stock: o.screw, count: 2 }],
      },
      onUnit(live),
      onUnit(earth),
      {
        id: 'lead-live-wire',
        kind: 'lead on a wire',
        places: [ring],
        parts: [live.id, low?.wire.id ?? unit.id],
        fixings: [{ stock: 'line-clamp', count: 1 }],
      },
      {
        id: 'lead-earth-rod',
        kind: 'lead on the rod',
        places: [rod.to],
        parts: [earth.id, rod.id],
        fixings: [{ stock: 'line-clamp', count: 1 }],
      },
      ...link.joints,
    ],
  };
}
