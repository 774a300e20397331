import type { Catalogue } from '../catalogue/stock';
import type { Sheet } from '../design/shapes/sheet';
import type { Frame } from '../frame/frame';
import { lengthOf, pointAt, tangentAt } from '../geometry/curve';
import { add, reach, scale, type Point } from '../geometry/space';
import { STEEL_E_MPA } from '../statics/wire';
import { addNode, FRAME_AXES, type Draft } from './draft';
import type { Strip } from './parts-in';

/** A sheet of mesh as strips of its wires both ways. */
export interface Grid {
  /** A ring stands up; an arch lies across its way. */
  upright: boolean;
  nodes: readonly number[];
  /** Those it stands on, and whether the ends of its wires go into the soil there. */
  lowest: readonly number[];
  staked: boolean;
  strips: readonly Strip[];
}

/** Places of the grid lie so far apart at most, and there are so many along and up it. mm. */
const STEP_MM = 300;
const MOST = { along: 20, up: 5 } as const;
/** Wires that go on so far below the lowest level one are stakes (from memory). mm. */
const STAKE_MM = 20;
/** What leans further than this is an arch, not a ring: its upright share (from memory). */
const UPRIGHT = 0.7;
/** Two ends of a ring are one place. mm. */
const CLOSED_MM = 60;

/** Mesh of stiff wire that is bent to an arch or a ring carries itself; a flat one hangs on what it is fixed to. */
export function standsByItself(sheet: Sheet, catalogue: Catalogue): boolean {
  const stock = catalogue.stock(sheet.stock);
  return (
    (sheet.base.curve === 'arc' || sheet.base.curve === 'sampled') &&
    (stock.form === 'panel' || (stock.form === 'mesh roll' && stock.stiff))
  );
}

export function nearestOf(of: readonly number[], at: Point, nodes: Frame['nodes']): number {
  let [best, least] = [of[0] as number, Infinity];
  for (const node of of) {
    const away = reach(nodes[node] as Point, at);
    if (away < least) [least, best] = [away, node];
  }
  return best;
}

/**
 * Puts a bent mesh into the frame. Each strip bends as all the wires that lie nearest to it; in its own plane a coarse
 * square of strips shears as the fine squares of wire do where its strips are stiffer by the square of how much larger
 * it is (of a frame without diagonals shear goes with s² / 12 E I; derived).
 */
export function gridOf(sheet: Sheet, draft: Draft): Grid {
  const { nodes, beams, links } = draft;
  const long = Math.min(lengthOf(sheet.base), sheet.cutMm);
  const high = sheet.heightMm - (sheet.gatheredMm ?? 0);
  const nu = Math.max(6, Math.min(MOST.along, Math.ceil(long / STEP_MM)));
  const nv = Math.max(1, Math.min(MOST.up, Math.ceil(high / STEP_MM)));
  const at: number[][] = [];
  for (let u = 0; u <= nu; u++) {
    at.push([]);
    for (let v = 0; v <= nv; v++) {
      at[u]?.push(addNode(draft, add(pointAt(sheet.base, (long * u) / nu), scale(sheet.up, (high * v) / nv))));
    }
  }
  const i = (Math.PI * sheet.wireMm ** 4) / 64;
  const area = (Math.PI * sheet.wireMm ** 2) / 4;
  const strips: Strip[] = [];
  const upright = Math.abs(sheet.up[2]) > UPRIGHT;
  const put = (a: number, b: number, count: number, coarser: number, wide: Point, u: number, up: boolean): void => {
    const ei = STEEL_E_MPA * i * count;
    beams.push({
      a,
      b,
      of: {
        ea: STEEL_E_MPA * area * count,
        gj: (STEEL_E_MPA / 2.6) * 2 * i * count,
        eiWide: ei * coarser ** 2,
        eiThick: ei,
      },
      wide,
    });
    strips.push({ beam: beams.length - 1, wires: count, coarser, up, beside: upright || up ? strips.length + nu : u });
  };
  const [levels, uprights] = [Math.max(2, sheet.levelsMm.length), Math.max(2, sheet.uprightsMm.length)];
  for (let u = 0; u <= nu; u++)
    for (let v = 0; v <= nv; v++) {
      const here = at[u]?.[v] as number;
      const edgeV = v === 0 || v === nv ? 0.5 : 1;
      const edgeU = u === 0 || u === nu ? 0.5 : 1;
      // Its wide face, in which it shears, is its own plane.
      if (u < nu)
        put(here, at[u + 1]?.[v] as number, (edgeV * levels) / nv, Math.max(1, (levels - 1) / nv), sheet.up, u, false);
      if (v < nv)
        put(
          here,
          at[u]?.[v + 1] as number,
          (edgeU * uprights) / nu,
          Math.max(1, (uprights - 1) / nu),
          tangentAt(sheet.base, (long * u) / nu),
          u,
          true,
        );
    }
  const closed = reach(nodes[at[0]?.[0] as number] as Point, nodes[at[nu]?.[0] as number] as Point) < CLOSED_MM;
  if (closed)
    for (let v = 0; v <= nv; v++)
      links.push({
        a: at[0]?.[v] as number,
        b: at[nu]?.[v] as number,
        at: nodes[at[0]?.[v] as number] as Point,
        axes: FRAME_AXES,
        stiff: [1000, 1000, 1000, 1e5, 1e5, 1e5],
      });
  return {
    upright,
    nodes: at.flat(),
    lowest: upright ? at.map((column) => column[0] as number) : [at[0], at[nu]].flatMap((end) => end ?? []),
    staked: upright && (sheet.levelsMm[0] ?? 0) > STAKE_MM,
    strips,
  };
}
