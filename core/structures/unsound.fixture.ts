import { extentOf } from '../design/extent';
import { axisOf } from '../design/shapes/bar';
import type { Design } from '../design/design';
import { distanceTo } from '../design/nearest';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { onStretch, tangentAt } from '../geometry/curve';
import { add, cross, dot, minus, scale, unit, type Point } from '../geometry/space';
import { partsOf, setFixings, wouldMeet } from '../joinery/set-fixings';
import { CATALOGUE } from '../catalogue/catalogue';

/** Where a line is inside the pieces of a straight timber that are left where its ends are cut: in and out, from its start; null past it. */
function inside(part: Part, from: Point, way: Point): [number, number] | null {
  if (part.shape !== 'bar') return null;
  const axis = tangentAt(axisOf(part), 0);
  const crossings = shapeOf(part)
    .solids(part)
    .flatMap((solid): [number, number][] => {
      if (solid.solid === 'plate') return solid.slices.flatMap((slice) => insideSlice(slice, from, way));
      if (solid.solid !== 'box') return [];
      let [low, high] = [-Infinity, Infinity];
      for (const normal of [axis, part.wide, unit(cross(axis, part.wide))]) {
        const reach = solid.corners.map((corner) => dot(corner, normal) - dot(from, normal));
        const speed = dot(way, normal);
        const [near, far] = [Math.min(...reach), Math.max(...reach)];
        if (Math.abs(speed) < 1e-9) {
          if (near > 0.5 || far < -0.5) return [];
          continue;
        }
        low = Math.max(low, Math.min(near / speed, far / speed));
        high = Math.min(high, Math.max(near / speed, far / speed));
      }
      return low < high ? [[low, high]] : [];
    });
  // Above the soil and below it a post is one.
  return crossings.length === 0
    ? null
    : [Math.min(...crossings.map(([low]) => low)), Math.max(...crossings.map(([, high]) => high))];
}

/** Where a line is inside a straight slice of a sawn board, by the six planes of its faces (end, wide, thick). */
function insideSlice(corners: readonly Point[], from: Point, way: Point): [number, number][] {
  const middle = scale(corners.reduce(add, [0, 0, 0]), 1 / corners.length);
  let [low, high] = [-Infinity, Infinity];
  for (const bit of [4, 2, 1])
    for (const side of [0, bit]) {
      const face = corners.filter((_, i) => (i & bit) === side);
      const [a, b, c] = face as [Point, Point, Point];
      const square = cross(minus(b, a), minus(c, a));
      const normal = dot(minus(a, middle), square) < 0 ? scale(square, -1) : square;
      const [left, speed] = [dot(minus(a, from), normal), dot(way, normal)];
      if (Math.abs(speed) < 1e-9) {
        if (left < -1e-6) return [];
      } else if (speed > 0) high = Math.min(high, left / speed);
      else low = Math.max(low, left / speed);
    }
  return low < high ? [[low, high]] : [];
}

const all = (design: Design) =>
  design.joints.flatMap((joint) =>
    joint.fixings.flatMap((fixing) => (fixing.driven ?? []).map((one) => ({ ...one, joint, fixing }))),
  );

/** Half of how wide the steel lies on what it holds: a washer (by its name), the crown of a staple, a wire clip (from memory). mm. */
const LIES_MM: Readonly<Record<string, number>> = {
  'washer-fender': 12.7,
  'staple-fence': 5,
  'staple-tacker': 5.5,
  'post-clip': 5,
};

/** Washers, staples and clips of which some of the steel hangs over the face they lie on. */
export function overhang(placed: Design): string[] {
  const named = new Map(placed.parts.map((part) => [part.id, part]));
  const faults: string[] = [];
  for (const { kind, fixings, parts, places } of setFixings(placed, CATALOGUE)) {
    const washer = fixings.some(({ stock }) => stock === 'washer-fender');
    for (const { stock, driven } of fixings) {
      const radius = LIES_MM[stock] ?? (washer ? LIES_MM['washer-fender'] : undefined);
      if (radius === undefined) continue;
      for (const { at, way, into } of driven ?? []) {
        if (into === null) continue;
        const u = unit(cross(way, Math.abs(way[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
        const v = cross(way, u);
        for (let turn = 0; turn < 2 * Math.PI; turn += Math.PI / 4) {
          const rim = add(at, add(scale(u, radius * Math.cos(turn)), scale(v, radius * Math.sin(turn))));
          // A head lies on the mesh or the cloth that it holds.
          if (distanceTo(named.get(into) as Part, rim) > MESH_MM) faults.push(`${kind}: ${stock} hangs over`);
        }
      }
      // A clip hooks a wire and bends round the post: as far up and down as it is wide there is post.
      if (stock === 'post-clip')
        for (const place of places)
          for (const part of parts.map((id) => named.get(id) as Part)) {
            const reached = part.shape === 'sheet' ? [0] : [-radius, radius];
            if (reached.some((up) => distanceTo(part, add(place, [0, 0, up])) > CLIP_TAKES_MM))
              faults.push(`${kind}: ${stock} misses ${part.role}`);
          }
    }
  }
  return [...new Set(faults)];
}
/** As thick as mesh is at most; how far from its wire a clip still takes hold of a post; how far off a head may stand, with what it goes through first (from memory). mm. */
const MESH_MM = 4;
const CLIP_TAKES_MM = 8;
const STANDS_OFF_MM = 6;

/** What is wrong with the fixings of a design as they are set, each said once. */
export function unsound(placed: Design): string[] {
  const design: Design = { ...placed, joints: setFixings(placed, CATALOGUE) };
  const named = new Map(design.parts.map((part) => [part.id, part]));
  const driven = all(design);
  const beside = new Map<string, Set<string>>();
  for (const { parts, fixings } of design.joints)
    if (fixings.some((one) => one.driven))
      for (const id of parts) beside.set(id, new Set([...(beside.get(id) ?? []), ...parts]));
  const faults: string[] = [];
  for (const { at, way, longMm, thickMm, through, into, joint, fixing } of driven) {
    const said = `${joint.kind}: ${fixing.stock}`;
    for (const id of partsOf({ into, through }))
      if (!joint.parts.includes(id)) faults.push(`${said} is in what it does not join`);
    // In a wall so much of it sits as is left when it is through.
    if (into === null) {
      const past = through === null ? 0 : (inside(named.get(through) as Part, at, way)?.[1] ?? Infinity);
      if (longMm - past < IN_WALL_MM - 1) faults.push(`${said} is ${(longMm - past).toFixed(1)} in the wall`);
      continue;
    }
    const held = inside(named.get(into) as Part, at, way);
    if (!held) {
      faults.push(`${said} misses`);
      continue;
    }
    const skip = fixing.drive?.skipMm ?? 0;
    const long = longMm - skip;
    // A nail that is left proud is meant to.
    const proud = fixing.stock === 'nail-round';
    if (through === null && !proud && held[0] - skip > STANDS_OFF_MM)
      faults.push(`${said} stands off ${held[0].toFixed(1)}`);
    // It may go on from one piece of a halved corner into the other.
    const past = [...(beside.get(into) ?? [])]
      .flatMap((id) => inside(named.get(id) as Part, at, way) ?? [])
      .reduce((far, to) => Math.max(far, to), held[1]);
    const from = Math.max(0, held[0]);
    // Six shanks (NDS 2018, 12.1.5.6 and 12.1.6.5) or 1″ (common practice, no source); of what is thinner most (from memory).
    const needs = Math.min(6 * thickMm, 25.4, 0.55 * (held[1] - from));
    const bite = Math.min(long, past) - from;
    if (bite < needs - 1) faults.push(`${said} bites ${bite.toFixed(1)} of ${needs.toFixed(1)}`);
    if (long > past + 0.01) faults.push(`${said} comes out ${(long - past).toFixed(1)}`);
  }
  const byPart = new Map<string, typeof driven>();
  for (const one of driven) for (const id of partsOf(one)) byPart.set(id, [...(byPart.get(id) ?? []), one]);
  for (const some of byPart.values())
    some.forEach((a, i) =>
      some.slice(i + 1).forEach((b) => {
        if (wouldMeet(a, b)) faults.push(`they meet: ${a.joint.kind} and ${b.joint.kind}`);
      }),
    );
  return [...new Set(faults)];
}

/** A screw sits so deep in the plug in a wall, or in its wood (from memory). mm. */
const IN_WALL_MM = 30;
/** Room for a driver and its bit behind a head (from memory). mm. */
const DRIVER_MM = 150;

/** Made flat on the ground, before a frame stands with what its place has about it; or with the lid thrown open. */
const FLAT = [
  'brace to frame',
  'mesh to frame',
  'frame joined',
  'corner halved',
  'leaf joined',
  'brace fixed',
  'lid corner',
  'chain fixed',
  'bearer to leg',
];

/** Screws whose driver would stand in what is there already when their step comes. */
export function outOfReach(placed: Design, steps: readonly { adds?: readonly string[] }[]): string[] {
  const stepOf = new Map(steps.flatMap((step, i) => (step.adds ?? []).map((id) => [id, i] as const)));
  const bars = placed.parts.flatMap((part) => {
    if (part.shape !== 'bar' || part.bent) return [];
    const spots = extentOf(part);
    return [
      {
        part,
        low: [0, 1, 2].map((k) => Math.min(...spots.map((at) => at[k] as number))),
        high: [0, 1, 2].map((k) => Math.max(...spots.map((at) => at[k] as number))),
      },
    ];
  });
  const faults: string[] = [];
  for (const one of all({ ...placed, joints: setFixings(placed, CATALOGUE) })) {
    if (one.pilotMm === null || FLAT.includes(one.joint.kind)) continue;
    const step = Math.max(...partsOf(one).map((id) => stepOf.get(id) ?? 0));
    const back: Point = [-one.way[0], -one.way[1], -one.way[2]];
    for (const { part, low, high } of bars) {
      if (part.id === one.into || part.id === one.through || (stepOf.get(part.id) ?? 0) >= step) continue;
      if (
        [0, 1, 2].some(
          (k) =>
            (one.at[k] as number) < (low[k] as number) - DRIVER_MM ||
            (one.at[k] as number) > (high[k] as number) + DRIVER_MM,
        )
      )
        continue;
      const met = inside(part, one.at, back);
      if (met && met[1] > 2 && met[0] < DRIVER_MM && Math.max(2, met[0]) < met[1] - 1)
        faults.push(`${one.joint.kind}: ${part.role} is in the way`);
    }
  }
  return [...new Set(faults)];
}

/** Of an end that is cut aslant only its edges are measured. */
const squareEnds = new Set<string>(['square', 'as bought']);

/** The nearest end and edge, in shanks, of each part that a worked-out screw goes through or into. */
function* distances(placed: Design) {
  const named = new Map(placed.parts.map((part) => [part.id, part]));
  for (const one of all({ ...placed, joints: setFixings(placed, CATALOGUE) })) {
    if (one.fixing.drive?.places) continue;
    for (const id of partsOf(one)) {
      const part = named.get(id) as Part;
      if (part.shape !== 'bar' || part.ends.some((end) => end.cut === 'notch')) continue;
      const axis = tangentAt(axisOf(part), 0);
      const sides: [Point, number][] = [
        [part.wide, part.wideMm],
        [unit(cross(axis, part.wide)), part.thickMm],
      ];
      const out = minus(one.at, onStretch(one.at, part.from, part.to));
      const edges = sides
        .filter(([normal, wideMm]) => Math.abs(dot(one.way, normal)) <= 0.3 && wideMm >= 7 * one.thickMm)
        // Across the middle line, from the place on it that is level with the head.
        .map(([normal, wideMm]) => wideMm / 2 - Math.abs(dot(out, normal)));
      // Into the end grain itself there is no end to keep from.
      const ends =
        Math.abs(dot(one.way, axis)) > 0.3
          ? []
          : [part.from, part.to].flatMap((end, i) =>
              squareEnds.has(part.ends[i]?.cut ?? '') ? [Math.abs(dot(minus(one.at, end), axis))] : [],
            );
      yield {
        said: `${one.joint.kind}: ${part.role}`,
        end: Math.min(Infinity, ...ends) / one.thickMm,
        edge: Math.min(Infinity, ...edges) / one.thickMm,
      };
    }
  }
}

/** Worked-out screws that sit nearer than so many shanks to an end or, where that is wide enough for it, an edge of what they go through or into. */
export function nearAnEdge(placed: Design, leastShanks: { end: number; edge: number }): string[] {
  return [
    ...new Set(
      [...distances(placed)].flatMap(({ said, end, edge }) => [
        ...(end < leastShanks.end - 0.01 ? [`${said}: ${end.toFixed(1)} shanks from an end`] : []),
        ...(edge < leastShanks.edge - 0.01 ? [`${said}: ${edge.toFixed(1)} shanks from an edge`] : []),
      ]),
    ),
  ];
}
