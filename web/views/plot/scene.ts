import { extentOf } from '@lignum/core/design/extent';
import * as THREE from 'three';
import { mergeGeometries } from 'three/addons/utils/BufferGeometryUtils.js';
import { lookOf } from '@lignum/core/catalogue/catalogue';
import type { Look } from '@lignum/core/catalogue/stock';
import { cropStanding } from '@lignum/core/plan/growing';
import type { Design, Station } from '@lignum/core/design/design';
import { boxesOf, type Solid } from '@lignum/core/design/shapes/shape';
import { shapeOf, type Part } from '@lignum/core/design/shapes/shapes';
import { pointAt } from '@lignum/core/geometry/curve';
import type { Point } from '@lignum/core/geometry/space';
import type { Around } from '@lignum/core/plan/around';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { bedOnPlot, type Bed } from '@lignum/core/site/bed';
import { asStand } from '@lignum/core/site/stands/stands';
import { heightAt } from '@lignum/core/site/ground';
import type { Feature } from '@lignum/core/site/plot';
import { toPlot } from '@lignum/core/site/frame';
import { bedsAsBuilt, onPlotOf } from '@lignum/core/shade/on-plot';
import { grownShare } from '@lignum/core/growth/growth';

/** Scene colours; the scene is daylight whatever the page's scheme. */
const COLOUR = {
  ground: 0xc9c2a8,
  soil: 0x6f5a44,
  board: 0xc9a56b,
  timber: 0xd9b679,
  steel: 0x4d575c,
  wire: 0x59646b,
  twine: 0x94601f,
  cloth: 0x9fb08a,
  concrete: 0xb5b1a6,
  leaf: 0x5c8a3c,
  house: 0xe7e0cf,
  wall: 0x9a8f80,
  fence: 0x8a7350,
  path: 0xded8c6,
  water: 0x6f9fc4,
  trunk: 0x6b4f36,
  compost: 0x7a6244,
  hardest: 0xb3261e,
};
/** By the look of a stock item. */
const LOOKS: Record<Look, number> = {
  timber: COLOUR.timber,
  steel: COLOUR.steel,
  wire: COLOUR.wire,
  net: COLOUR.leaf,
  cloth: COLOUR.cloth,
  twine: COLOUR.twine,
  concrete: COLOUR.concrete,
  masonry: COLOUR.concrete,
  gravel: COLOUR.wall,
};
const M = 0.001;

/** Something to be shown, in the scene's metres: a solid, or wires that are only lines. */
export interface Body {
  as: 'solid' | 'wires';
  geometry: THREE.BufferGeometry;
  colour: number;
  /** The ground casts no shadow. */
  casts: boolean;
}

/** Plan mm and height mm to the scene's metres: x right, y up, z towards the reader. */
const at = ([x, y]: readonly [number, number], up: number): THREE.Vector3 => new THREE.Vector3(x * M, up * M, -y * M);

/** A solid whose corners are each triangle's own, so that any two can be laid together. */
function solid(geometry: THREE.BufferGeometry, colour: number, place?: THREE.Object3D): Body {
  place?.updateMatrix();
  const loose = geometry.index ? geometry.toNonIndexed() : geometry;
  loose.deleteAttribute('uv');
  if (place) loose.applyMatrix4(place.matrix);
  return { as: 'solid', geometry: loose, colour, casts: true };
}

/** Where a thing that is made about its own middle comes to stand. */
function standing(
  spot: THREE.Vector3,
  o: { turnDeg?: number; scale?: readonly [number, number, number] } = {},
): THREE.Object3D {
  const place = new THREE.Object3D();
  place.position.copy(spot);
  place.rotation.y = ((o.turnDeg ?? 0) * Math.PI) / 180;
  if (o.scale) place.scale.set(...o.scale);
  return place;
}

function featureBodies(feature: Feature): Body[] {
  const { xMm, yMm, lengthMm, widthMm, heightMm, turnDeg } = feature;
  const middle = (up: number) => at([xMm, yMm], up);
  const flat = (colour: number, high = 12): Body[] => {
    const tall = Math.max(1, high);
    const box = new THREE.BoxGeometry(lengthMm * M, tall * M, widthMm * M);
    return [solid(box, colour, standing(middle(tall / 2), { turnDeg }))];
  };
  const radius = (lengthMm / 2) * M;
  switch (feature.kind) {
    case 'tree':
      return [
        solid(
          new THREE.CylinderGeometry(radius * 0.07, radius * 0.1, heightMm * 0.5 * M, 8),
          COLOUR.trunk,
          standing(middle(heightMm * 0.25)),
        ),
        solid(
          new THREE.IcosahedronGeometry(1, 2),
          COLOUR.leaf,
          standing(middle(heightMm * 0.65), { scale: [radius, heightMm * 0.35 * M, radius] }),
        ),
      ];
    case 'house':
      return flat(COLOUR.house, heightMm);
    case 'wall':
      return flat(COLOUR.wall, heightMm);
    case 'fence':
      return flat(COLOUR.fence, heightMm);
    case 'compost':
      return flat(COLOUR.compost, Math.max(100, heightMm));
    case 'well': {
      const tall = Math.max(100, heightMm);
      return [
        solid(new THREE.CylinderGeometry(radius, radius, tall * M, 16), COLOUR.wall, standing(middle(heightMm / 2))),
      ];
    }
    case 'water':
      return flat(COLOUR.water, 20);
    case 'path':
      return flat(COLOUR.path);
    case 'buried line':
      return [];
  }
}

/** How much of a bed its own boards take, both sides together, and walls that are planned. mm. */
const BOARD_MM = 80;
const WALLED_MM = 160;
const within = (bed: Bed, byMm: number): Bed => ({
  ...bed,
  lengthMm: bed.lengthMm - byMm,
  widthMm: bed.widthMm - byMm,
});

/** The garden from the same placed parts as every drawing, with crops as high as they have grown on that day. */
export function gardenBodies(plan: Plan, garden: SeenGarden, day: number): Body[] {
  const { widthMm, depthMm } = plan.site;
  const onPlot: ToScene = ([x, y, z]) => at([x, y], z);
  const ground: Body = {
    ...solid(
      new THREE.BoxGeometry(widthMm * M * 1.4, 0.02, depthMm * M * 1.4),
      COLOUR.ground,
      standing(at([widthMm / 2, depthMm / 2], -12)),
    ),
    casts: false,
  };
  // A bed whose sides are drawn is drawn by those: what is left of it is its soil.
  const sided = new Set(
    garden.structures.flatMap(({ kind, structure, sized }) =>
      kind.purpose === 'bed' && sized.design.parts.length > 0 ? (asStand(structure.stand, 'bed')?.bed ?? []) : [],
    ),
  );
  const beds = bedsAsBuilt(plan.beds, garden.structures.map(onPlotOf)).flatMap((bed): Body[] => {
    const raised = bed.heightMm > 0;
    if (sided.has(bed.id))
      return [slab(bedOnPlot(within(bed, WALLED_MM)), -10, Math.max(12, bed.heightMm - 25), COLOUR.soil, onPlot)];
    const sides = slab(bedOnPlot(bed), -10, Math.max(30, bed.heightMm), raised ? COLOUR.board : COLOUR.soil, onPlot);
    if (!raised) return [sides];
    return [sides, slab(bedOnPlot(within(bed, BOARD_MM)), 0, bed.heightMm + 8, COLOUR.soil, onPlot)];
  });
  const structures = garden.structures.flatMap(({ sized: { design }, frame }): Body[] => {
    const spot: ToScene = ([x, y, z]) => at(toPlot(frame, x, y), z + frame.baseMm);
    const plants = design.stations.flatMap((station): Body[] => {
      const crop = cropStanding(plan, station);
      const grown = grownShare(crop, day, plan.site);
      const high = Math.min(crop.heightMm, (design.hold?.topMm.most ?? Infinity) + 150) * grown.height;
      // Bare canes are thin.
      const bushy = grown.height > 0 ? grown.leaf / grown.height : 0;
      return high >= 40 ? plantBodies(station, high, bushy, spot, frame.turnDeg) : [];
    });
    return [...design.parts.flatMap((part) => partBodies(part, spot)), ...plants];
  });
  return [ground, ...plan.features.flatMap(featureBodies), ...beds, ...structures];
}

/** A plant as far up its stem as it has grown: leaves about each stretch of it. */
function plantBodies(station: Station, high: number, bushy: number, spot: ToScene, turnDeg: number): Body[] {
  const half = (Math.min(500, station.spacingMm) / 2) * 0.85 * bushy;
  const pieces = station.stem.curve === 'line' ? 1 : 4;
  return Array.from({ length: pieces }, (_, i) => {
    const [foot, top] = [i, i + 1].map((end) => spot(pointAt(station.stem, (high * end) / pieces))) as [
      THREE.Vector3,
      THREE.Vector3,
    ];
    const place = standing(top.clone().add(foot).multiplyScalar(0.5), {
      scale: [half * M, Math.max(0.02, top.distanceTo(foot) / 2), Math.min(half, 220) * M],
    });
    place.quaternion
      .setFromUnitVectors(new THREE.Vector3(0, 1, 0), top.clone().sub(foot).normalize())
      .multiply(new THREE.Quaternion().setFromAxisAngle(new THREE.Vector3(0, 1, 0), (turnDeg * Math.PI) / 180));
    return solid(new THREE.IcosahedronGeometry(1, 1), COLOUR.leaf, place);
  });
}

type ToScene = (point: Point) => THREE.Vector3;

/** A part by its solids and its wires, in the colour of its stock's look, where `spot` puts its structure's own frame in the scene. */
export function partBodies(part: Part, spot: ToScene): Body[] {
  const shape = shapeOf(part);
  const colour = LOOKS[lookOf(part.stock)];
  const wires = shape.wires(part);
  const pairs = wires.flatMap((wire) => wire.slice(1).flatMap((to, i) => [spot(wire[i] as Point), spot(to)]));
  return [
    ...solidBodies(shape.solids(part), spot, colour),
    ...(pairs.length > 0
      ? [{ as: 'wires', geometry: new THREE.BufferGeometry().setFromPoints(pairs), colour, casts: false } as const]
      : []),
  ];
}

/** Faces of a box by its corners: end, then wide, then thick. */
const BOX_FACES = [
  [0, 1, 3, 2],
  [4, 6, 7, 5],
  [0, 4, 5, 1],
  [2, 3, 7, 6],
  [0, 2, 6, 4],
  [1, 5, 7, 3],
] as const;

/** All boxes and prisms of a part in one closed body; tubes each by itself. */
function solidBodies(solids: readonly Solid[], spot: ToScene, colour: number): Body[] {
  const triangles = solids.flatMap((one): THREE.Vector3[] => {
    const boxes = boxesOf(one).flatMap((box) => {
      const corners = box.map(spot);
      return facesOf(
        corners,
        BOX_FACES.map((face) => face.map((n) => corners[n] as THREE.Vector3)),
      );
    });
    if (one.solid === 'prism') {
      return prismFaces(one.base.map(spot), one.top.map(spot));
    }
    return boxes;
  });
  const tubes = solids.flatMap((one) =>
    one.solid === 'tube' ? [tubeBody(one.path.map(spot), one.radiusMm * M, colour)] : [],
  );
  if (triangles.length === 0) return tubes;
  const shape = new THREE.BufferGeometry().setFromPoints(triangles);
  shape.computeVertexNormals();
  return [solid(shape, colour), ...tubes];
}

/** Triangles of what stands upright on an outline of any shape, turned in on itself or not, each outward. */
function prismFaces(base: readonly THREE.Vector3[], top: readonly THREE.Vector3[]): THREE.Vector3[] {
  const flat = base.map(({ x, z }) => new THREE.Vector2(x, z));
  // Seen from above, with z towards the reader, an outline that goes round against the clock has a negative area here.
  const turned = THREE.ShapeUtils.area(flat) < 0;
  const patches = THREE.ShapeUtils.triangulateShape(flat, []);
  const facing = (corners: readonly THREE.Vector3[], up: boolean): THREE.Vector3[] =>
    patches.flatMap((patch) => {
      const [a, b, c] = patch.map((n) => corners[n]) as [THREE.Vector3, THREE.Vector3, THREE.Vector3];
      const looksUp = new THREE.Vector3().crossVectors(b.clone().sub(a), c.clone().sub(a)).y > 0;
      return looksUp === up ? [a, b, c] : [a, c, b];
    });
  const sides = base.flatMap((from, i) => {
    const next = (i + 1) % base.length;
    const [a, b, c, d] = (turned ? [from, base[next], top[next], top[i]] : [base[next], from, top[i], top[next]]) as [
      THREE.Vector3,
      THREE.Vector3,
      THREE.Vector3,
      THREE.Vector3,
    ];
    return [a, b, c, a, c, d];
  });
  return [...facing(top, true), ...facing(base, false), ...sides];
}

/** Triangles of convex faces, each turned outward: which way round depends on where the structure's frame is laid. */
function facesOf(corners: readonly THREE.Vector3[], faces: readonly (readonly THREE.Vector3[])[]): THREE.Vector3[] {
  const middle = corners
    .reduce((sum, corner) => sum.add(corner), new THREE.Vector3())
    .multiplyScalar(1 / corners.length);
  return faces.flatMap((face) => {
    const [a, b, c] = face as [THREE.Vector3, THREE.Vector3, THREE.Vector3];
    const outward = new THREE.Vector3().crossVectors(b.clone().sub(a), c.clone().sub(a)).dot(a.clone().sub(middle)) > 0;
    const round = outward ? face : [...face].reverse();
    return round.slice(2).flatMap((to, i) => [round[0] as THREE.Vector3, round[i + 1] as THREE.Vector3, to]);
  });
}

function tubeBody(path: readonly THREE.Vector3[], radius: number, colour: number): Body {
  if (path.length > 2)
    return solid(new THREE.TubeGeometry(new THREE.CatmullRomCurve3([...path]), path.length * 2, radius, 8), colour);
  const [from, to] = path as [THREE.Vector3, THREE.Vector3];
  const place = standing(from.clone().add(to).multiplyScalar(0.5));
  place.quaternion.setFromUnitVectors(new THREE.Vector3(0, 1, 0), to.clone().sub(from).normalize());
  return solid(new THREE.CylinderGeometry(radius, radius, from.distanceTo(to), 10), colour, place);
}

/** A flat body over an outline, from one height to another. */
function slab(
  outline: readonly (readonly [number, number])[],
  fromMm: number,
  toMm: number,
  colour: number,
  spot: ToScene,
): Body {
  const shape = new THREE.Shape(outline.map(([x, y]) => new THREE.Vector2(x, y)));
  const flat = new THREE.ExtrudeGeometry(shape, { depth: Math.max(1, toMm - fromMm), bevelEnabled: false });
  const places = flat.getAttribute('position');
  for (let i = 0; i < places.count; i++) {
    const to = spot([places.getX(i), places.getY(i), fromMm + places.getZ(i)]);
    places.setXYZ(i, to.x, to.y, to.z);
  }
  flat.computeVertexNormals();
  return solid(flat, colour);
}

/** One structure where it stands, alone, its zero at the origin: what the bench shows. The soil comes first: open ground, then each bed it stands on or beside as high as it is. @param seen the part that works hardest, and whether plants are shown as high as they grow rather than where they stand. */
export function structureBodies(
  design: Design,
  around: Around,
  seen: { hardest?: string | undefined; grown?: boolean } = {},
): Body[] {
  const spot: ToScene = ([x, y, z]) => new THREE.Vector3(x * M, z * M, -y * M);
  const onSoil: ToScene = ([x, y, z]) => spot([x, y, z + heightAt(design.ground, x, y)]);
  const box = new THREE.Box2().setFromPoints(
    design.parts.flatMap((part) => extentOf(part).map(([x, y]) => new THREE.Vector2(x, y))),
  );
  for (const bed of around.beds) for (const [x, y] of bed.outline) box.expandByPoint(new THREE.Vector2(x, y));
  box.expandByScalar(1500);
  const rim = [
    [box.min.x, box.min.y],
    [box.max.x, box.min.y],
    [box.max.x, box.max.y],
    [box.min.x, box.max.y],
  ] as const;
  const pathMm = around.beds[0]?.pathMm ?? 0;
  return [
    { ...slab(rim, pathMm - 40, pathMm - 20, COLOUR.ground, onSoil), casts: false },
    ...around.beds.map((bed) => slab(bed.outline, bed.pathMm - 20, bed.soilMm - 2, COLOUR.soil, onSoil)),
    ...design.parts.flatMap((part) => {
      const bodies = partBodies(part, spot);
      return part.id === seen.hardest ? bodies.map((body) => ({ ...body, colour: COLOUR.hardest })) : bodies;
    }),
    ...around.tied.flatMap(({ parts, at: there }) =>
      parts.flatMap((part) =>
        partBodies(part, ([x, y, z]) => {
          const [right, back] = toPlot(there, x, y);
          return spot([right, back, z + there.baseMm]);
        }),
      ),
    ),
    ...design.stations.flatMap((station) =>
      seen.grown
        ? plantBodies(station, Math.min(station.growsMm, (design.hold?.topMm.most ?? Infinity) + 150), 1, spot, 0)
        : solid(
            new THREE.SphereGeometry(0.035, 8, 6),
            COLOUR.leaf,
            standing(spot([station.at[0], station.at[1], station.at[2] + 20])),
          ),
    ),
  ];
}

/** Bodies that look alike as one: a scene of a thousand slats, wires and leaves is a dozen things to draw. */
export function laidTogether(bodies: readonly Body[]): Body[] {
  const alike = new Map<string, Body[]>();
  for (const body of bodies) {
    const key = `${body.as} ${body.colour} ${body.casts}`;
    const group = alike.get(key);
    if (group) group.push(body);
    else alike.set(key, [body]);
  }
  return [...alike.values()].map((group) => {
    const [first] = group as [Body];
    return { ...first, geometry: mergeGeometries(group.map((one) => one.geometry)) };
  });
}
