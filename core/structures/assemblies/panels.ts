import type { WeldedPanel } from '../../catalogue/stock';
import type { Hold } from '../../design/design';
import { flatBase, sheetOf, type Sheet } from '../../design/shapes/sheet';
import { minus, scale, UP, type Point } from '../../geometry/space';
import type { Said } from '../said';

/**
 * A welded panel, or a piece of so many whole meshes of it, with its first upright wire at a place; so much stands
 * beyond its outermost wires. mm.
 */
export function cutPanel(
  panel: Pick<WeldedPanel, 'id' | 'wireMm' | 'pitchMm' | 'levelsMm' | 'heightMm'>,
  o: {
    id: string;
    role?: string;
    meshes: number;
    at: Point;
    along: Point;
    up?: Point;
    stubsMm: readonly [before: number, after: number];
    board?: string | undefined;
  },
): Sheet {
  const { meshes, along, stubsMm, up = UP } = o;
  const cutMm = meshes * panel.pitchMm + stubsMm[0] + stubsMm[1];
  return sheetOf({
    id: o.id,
    role: o.role ?? 'panel',
    of: panel,
    board: o.board,
    base: flatBase(minus(o.at, scale(along, stubsMm[0])), along, cutMm),
    up,
    cutMm,
    meshes,
    heightMm: panel.heightMm,
    levelsMm: panel.levelsMm,
    uprightsMm: Array.from({ length: meshes + 1 }, (_, n) => stubsMm[0] + n * panel.pitchMm),
  });
}

/** What a wall of panels gives plants to hold on to, over a gap. mm. */
export function panelHold(
  panel: WeldedPanel,
  o: Pick<Hold, 'gapMm' | 'topMm' | 'could'> & Partial<Pick<Hold, 'fineToMm' | 'startsMm'>>,
): Hold {
  const high = Math.max(...panel.levelsMm.slice(1).map((level, i) => level - (panel.levelsMm[i] as number)));
  return {
    by: 'mesh',
    meshMm: { wide: panel.pitchMm, high },
    memberMm: panel.wireMm,
    stepMm: Math.min(panel.pitchMm, high),
    fineToMm: 0,
    carries: panel.carries,
    startsMm: o.gapMm,
    ...o,
  };
}

/** How many fixings hold a panel to the post that has fewest. */
export const leastAPost = ({
  joints,
}: {
  joints: readonly { kind: string; fixings: readonly { count: number }[] }[];
}) =>
  Math.min(
    ...joints
      .filter(({ kind }) => kind === 'panel to post')
      .map(({ fixings }) => fixings.reduce((sum, { count }) => sum + count, 0)),
  );

/** Panels of welded wire on what holds them. */
export const PANELS_HUNG = {
  names: {
    parts: { panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' } },
    joints: { 'panel to post': 'Panel to post' },
  },
} as const satisfies Said;
