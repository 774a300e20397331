import type { Catalogue } from '../catalogue/stock';
import type { Design } from '../design/design';
import { axisOf } from '../design/shapes/bar';
import { ofShape, shapeOf } from '../design/shapes/shapes';
import { pointAt } from '../geometry/curve';
import type { Point } from '../geometry/space';
import { meetingsOf, supportsOf } from '../joinery/meetings';
import { alongBar, groundedAt, nodeOn, placeBar, wantingOf } from './bars';
import { bracedBy } from './braces';
import { cordIn } from './cords';
import { standOn, type Draft } from './draft';
import type { Ground } from './ground';
import { lowCorners, massesIn } from './masses';
import { joinContacts, latchOf, leavesOf, NO_LEAVES, shutLeaves } from './meets';
import { gridOf, nearestOf, standsByItself, type Grid } from './mesh-grid';
import type { BarIn, CordIn, Model, SheetIn, WiresIn } from './parts-in';

/** What a structure stands and holds together as: bars, cords and feet from its parts, what joins them from its meetings. @param open what hangs on hinges alone is not taken as shut. */
export function modelOf(design: Design, ground: Ground, catalogue: Catalogue, open = false): Model {
  const { parts, joints } = design;
  const [meetings, supports] = [meetingsOf(design), supportsOf(design)];
  const draft: Draft = { nodes: [], beams: [], links: [], lines: [], grounds: [], ground };
  const wanting = wantingOf(design);
  // A post begins where firm ground holds it; a bent bar that is pushed in with both ends ends there too.
  const grounded = supports.flatMap((support) =>
    groundedAt(design, support, wanting.get(support.part), ground, catalogue),
  );
  for (const { bar, alongMm } of grounded) bar.wants.add(alongMm);
  const placesOf = new Map(joints.map(({ id, places }) => [id, places]));
  const contacts = meetings.flatMap((meeting) =>
    (meeting.at.length > 0 ? meeting.at : (placesOf.get(meeting.joint)?.slice(0, 1) ?? [])).map((place) => ({
      meeting,
      place,
    })),
  );
  for (const { meeting, place } of contacts)
    for (const bar of [wanting.get(meeting.a), wanting.get(meeting.b)]) bar?.wants.add(alongBar(bar.part, place));

  const bars = new Map([...wanting].map(([id, bar]) => [id, placeBar(bar, draft, catalogue)]));
  const lies = new Set(supports.map(({ part }) => part));
  const blocks = massesIn(design, draft, meetings, lies);
  const blockOf = new Map(blocks.map((one) => [one.part.id, one]));
  const grids = new Map<string, Grid>(
    ofShape(parts, 'sheet')
      .filter((part) => standsByItself(part, catalogue))
      .map((part) => [part.id, gridOf(part, draft)]),
  );
  /** The place of the frame that is nearest to a point of a part; null of what has none of its own. */
  const heldAt = (id: string, at: Point): number | null => {
    const [bar, grid] = [bars.get(id), grids.get(id)];
    if (bar) return nodeOn(bar, at);
    return grid ? nearestOf(grid.nodes, at, draft.nodes) : (blockOf.get(id)?.node ?? null);
  };

  const leaves = open ? NO_LEAVES : leavesOf(meetings, [...grounded.map(({ bar }) => bar.part.id), ...lies]);
  const { held, fixed } = joinContacts(design, draft, contacts, { heldAt, leaves, catalogue });
  shutLeaves(draft, [...bars.values()], leaves);

  for (const { bar, alongMm, support } of grounded) {
    const at = pointAt(axisOf(bar.part), alongMm);
    standOn(draft, nodeOn(bars.get(bar.part.id) as BarIn, at), support, at);
  }
  for (const support of supports) {
    const [block, grid] = [blockOf.get(support.part), grids.get(support.part)];
    // A block stands on its corners, mesh on the ends of its lowest wires.
    if (block) for (const corner of lowCorners(block.part)) standOn(draft, block.node, support, corner);
    for (const node of grid?.lowest ?? [])
      standOn(draft, node, grid?.staked ? { ...support, by: 'pegged' } : support, draft.nodes[node] as Point);
  }
  for (const { part, at } of joints.flatMap(latchOf)) {
    const node = heldAt(part, at);
    if (node !== null)
      standOn(draft, node, { part, at, by: 'on what stands there', depthMm: 0, acrossMm: 0, footing: null }, at);
  }

  const cords = ofShape(parts, 'line').flatMap((part): CordIn[] => {
    const holds = fixed.get(part.id);
    const isGuide = design.traits[part.role]?.as === 'guide';
    return holds && !isGuide ? [cordIn(part, holds, supports, draft, catalogue)] : [];
  });
  const sheets = ofShape(parts, 'sheet').flatMap((part): SheetIn[] => {
    const grid = grids.get(part.id);
    if (grid)
      return [{ part, fixed: grid.nodes.map((node) => ({ node, at: draft.nodes[node] as Point, meeting: null })) }];
    const all = fixed.get(part.id);
    return all ? [{ part, fixed: all }] : [];
  });
  for (const { part, fixed: at } of sheets)
    if (!grids.has(part.id) && !lies.has(part.id)) draft.lines.push(...bracedBy(part, at, catalogue));

  const { nodes, beams, links, lines, grounds } = draft;
  const reckoned = new Set([...bars.keys(), ...blockOf.keys(), ...[...cords, ...sheets].map(({ part }) => part.id)]);
  return {
    frame: { nodes, beams, links, lines },
    bars: [...bars.values()],
    joints: held,
    cords,
    sheets,
    blocks,
    wires: ofShape(parts, 'sheet').flatMap((part): WiresIn[] => {
      const grid = grids.get(part.id);
      return grid ? [{ part, ...grid }] : [];
    }),
    grounds,
    leftOut: parts.filter((part) => !reckoned.has(part.id) && shapeOf(part).nature !== 'mass').map(({ id }) => id),
  };
}
