import type { Catalogue } from '../catalogue/stock';
import type { Line } from '../design/shapes/line';
import type { Link } from '../frame/frame';
import { alongChain } from '../geometry/curve';
import { reach } from '../geometry/space';
import type { Support } from '../joinery/meetings';
import { roundArea, STEEL_E_MPA } from '../statics/wire';
import { addNode, FRAME_AXES, standOn, type Draft } from './draft';
import type { CordIn, FixedAt } from './parts-in';

/** Poles in one lashing lie so near to each other; what it holds them with (from memory). mm, N/mm, N mm. */
const LASHED_MM = 250;
const LASHED: Link['stiff'] = [500, 500, 500, 2e5, 2e5, 2e5];
/** Rope and twine stretch so far (from memory). MPa. */
const ROPE_E_MPA = 1500;
/** Two holds nearer than this draw nothing between them (from memory). mm. */
const APART_MM = 15;

/** A cord from one of its holds to the next, its end in the soil where it is pegged or anchored there. */
export function cordIn(
  part: Line,
  all: readonly FixedAt[],
  supports: readonly Support[],
  draft: Draft,
  catalogue: Catalogue,
): CordIn {
  const along = new Map(all.map((one) => [one, alongChain(one.at, part.path)]));
  const holds = all.toSorted((p, q) => (along.get(p) as number) - (along.get(q) as number));
  for (const support of supports)
    if (support.part === part.id) {
      const { at } = support;
      const node = addNode(draft, at);
      standOn(draft, node, support, at);
      const first = alongChain(at, part.path) < (along.get(holds[0] as FixedAt) ?? 0);
      holds.splice(first ? 0 : holds.length, 0, { node, at, meeting: null });
    }
  const stock = catalogue.stock(part.stock);
  // Twine leads plants and hands on what hangs on it; it stretches too far to brace what it is tied to.
  const draws = stock.look === 'wire' || stock.id.startsWith('rope');
  const ea = (stock.look === 'wire' ? STEEL_E_MPA : ROPE_E_MPA) * roundArea(part.diameterMm);
  const cords: number[] = [];
  holds.slice(1).forEach((to, i) => {
    const from = holds[i] as FixedAt;
    if (from.node === to.node) return;
    if (reach(from.at, to.at) < LASHED_MM && from.meeting?.by === 'lashed') {
      // Bound together: it holds each to the next every way.
      draft.links.push({ a: from.node, b: to.node, at: from.at, axes: FRAME_AXES, stiff: LASHED });
      return;
    }
    if (!draws || reach(from.at, to.at) < APART_MM) return;
    draft.lines.push({ a: from.node, b: to.node, from: from.at, to: to.at, ea, pullN: part.pullN ?? 0 });
    cords.push(draft.lines.length - 1);
  });
  return { part, holds, cords };
}
