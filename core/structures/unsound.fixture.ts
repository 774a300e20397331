import { axisOf } from '../design/shapes/bar';
import type { Design } from '../design/design';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { tangentAt } from '../geometry/curve';
import { cross, dot, unit, type Point } from '../geometry/space';
import { setFixings, wouldMeet } from '../joinery/set-fixings';
import { CATALOGUE } from '../catalogue/catalogue';

/** Where a line is inside the pieces of a straight timber that are left where its ends are cut: in and out, from its start; null past it. */
function inside(part: Part, from: Point, way: Point): [number, number] | null {
  if (part.shape !== 'bar') return null;
  const axis = tangentAt(axisOf(part), 0);
  const crossings = shapeOf(part)
    .solids(part)
    .flatMap((solid): [number, number][] => {
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

const all = (design: Design) =>
  design.joints.flatMap((joint) =>
    joint.fixings.flatMap((fixing) => (fixing.driven ?? []).map((one) => ({ ...one, joint, fixing }))),
  );

/** What is wrong with the fixings of a design as they are set, each said once. */
export function unsound(placed: Design): string[] {
  const design: Design = { ...placed, joints: setFixings(placed, CATALOGUE) };
  const named = new Map(design.parts.map((part) => [part.id, part]));
  const driven = all(design);
  const beside = new Map<string, Set<string>>();
  for (const { parts, fixings } of design.joints)
    if (fixings.some((one) => one.driven))
      for (const id of parts) beside.set(id, new Set([...(beside.get(id) ?? []), ...parts.slice(0, 8)]));
  const faults: string[] = [];
  for (const { at, way, longMm, thickMm, through, into, joint, fixing } of driven) {
    const said = `${joint.kind}: ${fixing.stock}`;
    for (const id of [into, ...(through ? [through] : [])])
      if (!joint.parts.includes(id)) faults.push(`${said} is in what it does not join`);
    const held = inside(named.get(into) as Part, at, way);
    if (!held) {
      faults.push(`${said} misses`);
      continue;
    }
    const long = longMm - (fixing.drive?.skipMm ?? 0);
    // It may go on from one piece of a halved corner into the other.
    const past = [...(beside.get(into) ?? [])]
      .flatMap((id) => inside(named.get(id) as Part, at, way) ?? [])
      .reduce((far, to) => Math.max(far, to), held[1]);
    const from = Math.max(0, held[0]);
    // Six shanks (NDS 2018, 12.1.5.6 and 12.1.6.5) or 1″ (common practice, no source); most of what is thinner.
    const needs = Math.min(6 * thickMm, 25.4, 0.55 * (held[1] - from));
    const bite = Math.min(long, past) - from;
    if (bite < needs - 1.5) faults.push(`${said} bites ${bite.toFixed(1)} of ${needs.toFixed(1)}`);
    if (long > past + 0.01) faults.push(`${said} comes out ${(long - past).toFixed(1)}`);
  }
  const byPart = new Map<string, typeof driven>();
  for (const one of driven)
    for (const id of new Set([one.into, one.through ?? one.into])) byPart.set(id, [...(byPart.get(id) ?? []), one]);
  for (const some of byPart.values())
    some.forEach((a, i) =>
      some.slice(i + 1).forEach((b) => {
        if (wouldMeet(a, b)) faults.push(`they meet: ${a.joint.kind} and ${b.joint.kind}`);
      }),
    );
  return [...new Set(faults)];
}
