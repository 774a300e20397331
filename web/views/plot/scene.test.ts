import * as THREE from 'three';
import { describe, expect, it } from 'vitest';
import { cropIn } from '@lignum/core/crops/book';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { extent } from '@lignum/core/drawing/draw-part';
import { sawnOutline } from '@lignum/core/design/shapes/bar';
import { ofShape } from '@lignum/core/design/shapes/shapes';
import { areaOf } from '@lignum/core/geometry/polygon';
import { computeGarden } from '@lignum/core/plan/compute';
import { asFarAsBuilt } from '@lignum/core/shade/as-far-as-built';
import { gardenBodies, laidTogether, partBodies, structureBodies, type Body } from './scene';

const garden = computeGarden(DEMO_PLAN);
const metres = ([x, y, z]: readonly [number, number, number]) => new THREE.Vector3(x / 1000, z / 1000, -y / 1000);

/** Sum of the signed volumes of a closed body's triangles: wrong wherever a face is turned inside out or missing. */
function volumeOf({ geometry }: Body): number {
  const points = geometry.getAttribute('position');
  const at = (i: number) => new THREE.Vector3().fromBufferAttribute(points, i);
  let sum = 0;
  for (let i = 0; i < points.count; i += 3) sum += at(i).dot(at(i + 1).cross(at(i + 2))) / 6;
  return sum;
}

const boxOf = (bodies: readonly Body[]): THREE.Box3 =>
  bodies.reduce((box, { geometry }) => {
    geometry.computeBoundingBox();
    return box.union(geometry.boundingBox as THREE.Box3);
  }, new THREE.Box3());

describe.each(garden.structures.map((one) => [one.structure.name, one] as const))(
  '%s in three dimensions',
  (_name, { sized: { design }, around }) => {
    const bodies = design.parts.map((part) => partBodies(part, metres));

    it('has every part, as large and where the drawings have it', () => {
      design.parts.forEach((part, i) => {
        const box = boxOf(bodies[i] as Body[]);
        const front = extent(part, ([x, , z]) => [x, z]);
        const above = extent(part, ([x, y]) => [x, y]);
        const drawn = new THREE.Box3().setFromPoints(front.map(([x, z], n) => metres([x, above[n]?.[1] ?? 0, z])));
        // A round bar is drawn square, the crown of concrete as a cone.
        const loose = part.shape === 'fill' || (part.shape === 'bar' && part.round) ? 0.06 : 1e-5;
        expect(
          Math.max(
            ...box.min.toArray().map((value, n) => Math.abs(value - (drawn.min.toArray()[n] as number))),
            ...box.max.toArray().map((value, n) => Math.abs(value - (drawn.max.toArray()[n] as number))),
          ),
          part.id,
        ).toBeLessThanOrEqual(loose);
      });
    });

    const timbers = design.parts.some((part) => part.shape === 'bar' && !part.round);
    if (timbers)
      it('has closed timbers with every face outward: each holds the volume of its section times its middle length, less its notches', () => {
        design.parts.forEach((part, i) => {
          if (part.shape !== 'bar' || part.round) return;
          const long = Math.hypot(...part.to.map((value, n) => value - (part.from[n] as number)));
          const faceMm2 = part.sawn ? areaOf(sawnOutline(part.sawn)) : long * part.wideMm;
          const cutAway = part.ends.reduce(
            (sum, end) => sum + (end.cut === 'notch' ? end.longMm * end.deepMm * part.wideMm : 0),
            0,
          );
          expect(volumeOf((bodies[i] as [Body])[0]) / ((faceMm2 * part.thickMm - cutAway) / 1e9), part.id).toBeCloseTo(
            1,
            4,
          );
        });
      });

    const grown = design.stations.filter((station) => station.side !== 'pocket');
    if (grown.length > 0)
      it('stands on its soil: a ray straight down beside each plant meets the bed at its stem', () => {
        // What a box is filled with is its soil.
        const [fill] = ofShape(design.parts, 'fill').filter(({ role }) => role === 'fill');
        const soil = structureBodies(design, around)
          .slice(0, 1 + around.beds.length)
          .map(({ geometry }) => new THREE.Mesh(geometry));
        const deep = (fill?.cutMm ?? 0) / 1000;
        for (const station of grown) {
          const [hit] = new THREE.Raycaster(
            metres([station.at[0], station.at[1], station.at[2] + 500]),
            new THREE.Vector3(0, -1, 0),
          ).intersectObjects(soil);
          expect(Math.abs((hit?.distance ?? 9) - 0.5 - deep), station.id).toBeLessThan(0.04);
        }
      });
  },
);

it('holds what is poured between walls that turn in on it: as much as its outline and its depth, every face outward', () => {
  const fills = garden.structures.flatMap(({ sized: { design } }) =>
    ofShape(design.parts, 'fill').filter(({ rim, crownMm }) => 'outline' in rim && crownMm === 0),
  );
  expect(fills.length).toBeGreaterThan(3);
  for (const fill of fills) {
    const [body] = partBodies(fill, metres) as [Body];
    const area = 'outline' in fill.rim ? areaOf(fill.rim.outline) : 0;
    expect(volumeOf(body) / ((area * fill.cutMm) / 1e9), fill.id).toBeCloseTo(1, 6);
  }
});

it('the whole garden holds something for every bed, feature, part and grown plant', () => {
  const count = (day: number) => gardenBodies(DEMO_PLAN, garden, day).length;
  const parts = garden.structures.reduce((sum, one) => sum + one.sized.design.parts.length, 0);
  expect(count(15)).toBeGreaterThanOrEqual(parts + DEMO_PLAN.beds.length);
  // What is sown is not there in January, and all of it in August: a leaning stem has leaves about each stretch of it.
  // What lives for years stands through the winter.
  const stems = garden.structures.flatMap((one) =>
    one.sized.design.stations.filter(({ crop }) => cropIn(DEMO_PLAN.crops, crop).years?.winter !== 'stands'),
  );
  expect(count(227) - count(15)).toBeGreaterThanOrEqual(stems.length);
  expect(stems.length).toBeGreaterThan(0);
});

it('stands as far as it is built: the parts that are ticked off, what was there already, and no plants on what does not stand', () => {
  const january = 15;
  const count = (stands: (structure: string, part: string) => boolean) =>
    gardenBodies(DEMO_PLAN, asFarAsBuilt(garden, stands), january).length;
  const none = count(() => false);
  const wall = garden.structures.find(({ structure }) => structure.id === 'tomato-wall');
  const parts = wall?.sized.design.parts ?? [];
  const bodiesOf = (some: typeof parts) => some.reduce((sum, part) => sum + partBodies(part, metres).length, 0);
  const posts = parts.filter(({ role }) => role === 'post');
  expect(count((structure, part) => structure === 'tomato-wall' && posts.some(({ id }) => id === part)) - none).toBe(
    bodiesOf(posts),
  );
  expect(count((structure) => structure === 'tomato-wall') - none).toBe(bodiesOf(parts));
  expect(count(() => true)).toBe(gardenBodies(DEMO_PLAN, garden, january).length);
  const old = garden.structures.filter(({ kind }) => kind.isThere).flatMap(({ sized }) => sized.design.parts);
  expect(old.length).toBeGreaterThan(0);
  expect(none).toBeGreaterThan(bodiesOf(old));
});

it('is drawn by a handful of bodies, in which no triangle is lost', () => {
  const bodies = gardenBodies(DEMO_PLAN, garden, 200);
  const together = laidTogether(bodies);
  const corners = (all: readonly Body[]) =>
    all.reduce((sum, one) => sum + one.geometry.getAttribute('position').count, 0);
  expect(together.length).toBeLessThan(30);
  expect(corners(together)).toBe(corners(bodies));
});
