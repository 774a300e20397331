import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { add, minus, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { cornerBrace } from '../../assemblies/brace';
import { takenBy, type TakenStretch } from '../../rules/clash';
import { screwThrough } from '../../rules/fixings';
import { footAt } from '../../rules/lie';
import { beamOver, onBeam, type TwineFrame, type LaidBeam } from './frame';

/** Screws of a brace stand this far from its middle (from memory). mm. */
const BRACE_SCREW_MM = inches(0.75);

/** Corners that are braced: which post, and which way along the row. */
const corners = (f: TwineFrame): { i: number; way: number }[] => {
  const last = f.postsAt.length - 1;
  return f.postsAt.flatMap((_at, i) =>
    f.legMm > 0 && (f.v.braces === 'every' || isEnd(f, i))
      ? [...(i < last ? [1] : []), ...(i > 0 ? [-1] : [])].map((way) => ({ i, way }))
      : [],
  );
};
/** Where the foot of a brace is cut plumb: flush with the outside of an end post, at the middle of one between, where two meet. */
const plumbCut = (f: TwineFrame, i: number, way: number): number =>
  (f.postsAt[i] as number) - (isEnd(f, i) ? (way * f.wood.postWideMm) / 2 : 0);
const isEnd = (f: TwineFrame, i: number): boolean => i === 0 || i === f.postsAt.length - 1;
const braceHead = (f: TwineFrame, i: number, way: number): number => plumbCut(f, i, way) + way * f.legMm;

/** Two screws hold a brace to the beam, either side of where its middle line crosses the beam's. */
export const braceScrews = (f: TwineFrame): TakenStretch[] =>
  corners(f).map(({ i, way }) => takenBy(braceHead(f, i, way) - (way * f.wood.beamWideMm) / 2, BRACE_SCREW_MM));

/** Braces lap the post and the beam on both faces of a corner, cut plumb at the post and level with the beam's top: 45° at both ends. */
export function placeBraces(
  f: TwineFrame,
  posts: readonly Bar[],
  beams: readonly LaidBeam[],
): { parts: Bar[]; joints: Joint[] } {
  const parts: Bar[] = [];
  const joints: Joint[] = [];
  const screw = screwThrough(f.setting, f.wood.thickMm, f.wood.thickMm);
  for (const { i, way } of corners(f)) {
    const post = posts[i] as Bar;
    const head = braceHead(f, i, way);
    const beam = beamOver(beams, head);
    const [px] = footAt(f.lie, plumbCut(f, i, way), 0);
    const [bx, , bz] = onBeam(f, head, 0);
    const leg = Math.abs(bx - px);
    const lap = f.wood.postWideMm / (isEnd(f, i) ? 1 : 2);
    for (const face of [-1, 1]) {
      const id = `brace-${i + 1}${way > 0 ? 'a' : 'b'}-${face < 0 ? 'front' : 'back'}`;
      const brace = cornerBrace({
        id,
        of: { id: f.wood.stock, wideMm: f.wood.postWideMm, thickMm: f.wood.thickMm },
        corner: [px, f.y + face * f.wood.thickMm, bz],
        a: [way, 0, 0],
        b: [0, 0, -1],
        legMm: leg,
        board: f.wood.board?.id,
      });
      const up = unit(minus(brace.to, brace.from));
      const inward: Point = [0, (-face * f.wood.thickMm) / 2, 0];
      parts.push(brace);
      joints.push(
        {
          id: `${id}-foot`,
          kind: 'brace to post',
          places: [add(add(brace.from, inward), scale(up, (lap / 2) * Math.SQRT2))],
          parts: [id, post.id],
          fixings: [{ stock: screw, count: 2, drive: { through: id, into: post.id, way: [0, -face, 0] } }],
        },
        {
          id: `${id}-head`,
          kind: 'brace to beam',
          places: [add(add(brace.to, inward), scale(up, -(f.wood.beamWideMm / 2) * Math.SQRT2))],
          parts: [id, beam.id],
          fixings: [{ stock: screw, count: 2, drive: { through: id, into: beam.id, way: [0, -face, 0] } }],
        },
      );
    }
  }
  return { parts, joints };
}
