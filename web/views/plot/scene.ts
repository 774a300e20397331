import * as THREE from 'three';
import { lookOf } from '@lignum/core/catalogue/catalogue';
import type { Look } from '@lignum/core/catalogue/stock';
import { cropIn } from '@lignum/core/crops/book';
import type { Design, Station } from '@lignum/core/design/design';
import type { Solid } from '@lignum/core/design/shapes/shape';
import { shapeOf, type Part } from '@lignum/core/design/shapes/shapes';
import { pointAt } from '@lignum/core/geometry/curve';
import type { Point } from '@lignum/core/geometry/space';
import type { Around } from '@lignum/core/plan/around';
import type { ComputedGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { bedOnPlot } from '@lignum/core/site/bed';
import { heightAt } from '@lignum/core/site/ground';
import type { Feature } from '@lignum/core/site/plot';
import { toPlot } from '@lignum/core/site/stand';
import { grownShare } from '@lignum/core/site/sun/season';

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
  gravel: COLOUR.wall,
};
const M = 0.001;

/** Plan mm and height mm to the scene's metres: x right, y up, z towards the reader. */
const at = ([x, y]: readonly [number, number], up: number): THREE.Vector3 => new THREE.Vector3(x * M, up * M, -y * M);

const solid = (geometry: THREE.BufferGeometry, colour: number): THREE.Mesh => {
  const mesh = new THREE.Mesh(geometry, new THREE.MeshStandardMaterial({ color: colour, roughness: 0.95 }));
  mesh.castShadow = true;
  mesh.receiveShadow = true;
  return mesh;
};

function box(
  place: { xMm: number; yMm: number; turnDeg: number },
  lengthMm: number,
  widthMm: number,
  fromMm: number,
  toMm: number,
  colour: number,
): THREE.Mesh {
  const mesh = solid(new THREE.BoxGeometry(lengthMm * M, Math.max(1, toMm - fromMm) * M, widthMm * M), colour);
  mesh.position.copy(at([place.xMm, place.yMm], (fromMm + toMm) / 2));
  mesh.rotation.y = (place.turnDeg * Math.PI) / 180;
  return mesh;
}

function featureBody(feature: Feature): THREE.Object3D {
  const flat = (colour: number, high = 12) => box(feature, feature.lengthMm, feature.widthMm, 0, high, colour);
  switch (feature.kind) {
    case 'tree': {
      const tree = new THREE.Group();
      const radius = feature.lengthMm / 2;
      const trunk = solid(
        new THREE.CylinderGeometry(radius * 0.07 * M, radius * 0.1 * M, feature.heightMm * 0.5 * M, 8),
        COLOUR.trunk,
      );
      trunk.position.copy(at([feature.xMm, feature.yMm], feature.heightMm * 0.25));
      const crown = solid(new THREE.IcosahedronGeometry(1, 2), COLOUR.leaf);
      crown.scale.set(radius * M, feature.heightMm * 0.35 * M, radius * M);
      crown.position.copy(at([feature.xMm, feature.yMm], feature.heightMm * 0.65));
      tree.add(trunk, crown);
      return tree;
    }
    case 'house':
      return flat(COLOUR.house, feature.heightMm);
    case 'wall':
      return flat(COLOUR.wall, feature.heightMm);
    case 'fence':
      return flat(COLOUR.fence, feature.heightMm);
    case 'compost':
      return flat(COLOUR.compost, Math.max(100, feature.heightMm));
    case 'well': {
      const well = solid(
        new THREE.CylinderGeometry(
          (feature.lengthMm / 2) * M,
          (feature.lengthMm / 2) * M,
          Math.max(100, feature.heightMm) * M,
          16,
        ),
        COLOUR.wall,
      );
      well.position.copy(at([feature.xMm, feature.yMm], feature.heightMm / 2));
      return well;
    }
    case 'water':
      return flat(COLOUR.water, 20);
    case 'path':
      return flat(COLOUR.path);
    case 'buried line':
      return new THREE.Group();
  }
}

const lines = (pairs: readonly THREE.Vector3[], colour: number): THREE.LineSegments =>
  new THREE.LineSegments(
    new THREE.BufferGeometry().setFromPoints([...pairs]),
    new THREE.LineBasicMaterial({ color: colour }),
  );

/** The garden from the same placed parts as every drawing, with crops as high as they have grown on that day. */
export function buildGarden(plan: Plan, garden: ComputedGarden, day: number): THREE.Group {
  const group = new THREE.Group();
  const { widthMm, depthMm } = plan.site;
  const ground = solid(new THREE.BoxGeometry(widthMm * M * 1.4, 0.02, depthMm * M * 1.4), COLOUR.ground);
  ground.position.copy(at([widthMm / 2, depthMm / 2], -12));
  ground.castShadow = false;
  group.add(ground, ...plan.features.map(featureBody));
  for (const bed of plan.beds) {
    const onPlot = (x: number, y: number, z: number): THREE.Vector3 => at([x, y], z);
    const outline = bedOnPlot(bed);
    const raised = bed.heightMm > 0;
    group.add(slab(outline, -10, Math.max(30, bed.heightMm), raised ? COLOUR.board : COLOUR.soil, onPlot));
    if (raised)
      group.add(
        slab(
          bedOnPlot({ ...bed, lengthMm: bed.lengthMm - 80, widthMm: bed.widthMm - 80 }),
          0,
          bed.heightMm + 8,
          COLOUR.soil,
          onPlot,
        ),
      );
  }
  for (const { sized, frame } of garden.structures) {
    const { design } = sized;
    const spot: ToScene = ([x, y, z]) => at(toPlot(frame, x, y), z + frame.baseMm);
    group.add(partsBody(design.parts, spot));
    for (const station of design.stations) {
      const crop = cropIn(plan.crops, station.crop);
      const high =
        Math.min(crop.heightMm, (design.hold?.topMm.most ?? Infinity) + 150) * grownShare(crop, day, plan.site);
      if (high >= 40) group.add(plantBody(station, high, spot, frame.turnDeg));
    }
  }
  return group;
}

/** A plant as far up its stem as it has grown: leaves about each stretch of it. */
function plantBody(station: Station, high: number, spot: ToScene, turnDeg: number): THREE.Object3D {
  const half = (Math.min(500, station.spacingMm) / 2) * 0.85;
  const pieces = station.stem.curve === 'line' ? 1 : 4;
  const leaves = Array.from({ length: pieces }, (_, i) => {
    const plant = solid(new THREE.IcosahedronGeometry(1, 1), COLOUR.leaf);
    const [foot, top] = [i, i + 1].map((end) => spot(pointAt(station.stem, (high * end) / pieces))) as [
      THREE.Vector3,
      THREE.Vector3,
    ];
    plant.scale.set(half * M, Math.max(0.02, top.distanceTo(foot) / 2), Math.min(half, 220) * M);
    plant.quaternion
      .setFromUnitVectors(new THREE.Vector3(0, 1, 0), top.clone().sub(foot).normalize())
      .multiply(new THREE.Quaternion().setFromAxisAngle(new THREE.Vector3(0, 1, 0), (turnDeg * Math.PI) / 180));
    plant.position.copy(top.clone().add(foot).multiplyScalar(0.5));
    return plant;
  });
  const [only] = leaves;
  return pieces === 1 && only ? only : new THREE.Group().add(...leaves);
}

type ToScene = (point: Point) => THREE.Vector3;

/** Placed parts, where `spot` puts their structure's own frame in the scene. */
export function partsBody(parts: readonly Part[], spot: ToScene): THREE.Group {
  const group = new THREE.Group();
  for (const part of parts) group.add(partBody(part, spot));
  return group;
}

/** A part by its solids and its wires, in the colour of its stock's look. */
function partBody(part: Part, spot: ToScene): THREE.Object3D {
  const shape = shapeOf(part);
  const colour = LOOKS[lookOf(part.stock)];
  const wires = shape.wires(part);
  const bodies: THREE.Object3D[] = [
    ...solidBodies(shape.solids(part), spot, colour),
    ...(wires.length > 0
      ? [
          lines(
            wires.flatMap((wire) => wire.slice(1).flatMap((to, i) => [spot(wire[i] as Point), spot(to)])),
            colour,
          ),
        ]
      : []),
  ];
  const [only] = bodies;
  return bodies.length === 1 && only ? only : new THREE.Group().add(...bodies);
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
function solidBodies(solids: readonly Solid[], spot: ToScene, colour: number): THREE.Mesh[] {
  const triangles = solids.flatMap((one): THREE.Vector3[] => {
    if (one.solid === 'box') {
      const corners = one.corners.map(spot);
      return facesOf(
        corners,
        BOX_FACES.map((face) => face.map((n) => corners[n] as THREE.Vector3)),
      );
    }
    if (one.solid === 'prism') {
      const [base, top] = [one.base.map(spot), one.top.map(spot)];
      const sides = base.map((from, i) => {
        const next = (i + 1) % base.length;
        return [from, base[next], top[next], top[i]] as THREE.Vector3[];
      });
      return facesOf([...base, ...top], [base, top, ...sides]);
    }
    return [];
  });
  const tubes = solids.flatMap((one) =>
    one.solid === 'tube' ? [tubeBody(one.path.map(spot), one.radiusMm * M, colour)] : [],
  );
  if (triangles.length === 0) return tubes;
  const shape = new THREE.BufferGeometry().setFromPoints(triangles);
  shape.computeVertexNormals();
  return [solid(shape, colour), ...tubes];
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

function tubeBody(path: readonly THREE.Vector3[], radius: number, colour: number): THREE.Mesh {
  if (path.length > 2)
    return solid(new THREE.TubeGeometry(new THREE.CatmullRomCurve3([...path]), path.length * 2, radius, 8), colour);
  const [from, to] = path as [THREE.Vector3, THREE.Vector3];
  const pole = solid(new THREE.CylinderGeometry(radius, radius, from.distanceTo(to), 10), colour);
  pole.quaternion.setFromUnitVectors(new THREE.Vector3(0, 1, 0), to.clone().sub(from).normalize());
  pole.position.copy(from.clone().add(to).multiplyScalar(0.5));
  return pole;
}

/** A flat body over an outline, from one height to another. */
function slab(
  outline: readonly (readonly [number, number])[],
  fromMm: number,
  toMm: number,
  colour: number,
  spot: (x: number, y: number, z: number) => THREE.Vector3,
): THREE.Mesh {
  const shape = new THREE.Shape(outline.map(([x, y]) => new THREE.Vector2(x, y)));
  const flat = new THREE.ExtrudeGeometry(shape, { depth: Math.max(1, toMm - fromMm), bevelEnabled: false });
  const places = flat.getAttribute('position');
  for (let i = 0; i < places.count; i++) {
    const to = spot(places.getX(i), places.getY(i), fromMm + places.getZ(i));
    places.setXYZ(i, to.x, to.y, to.z);
  }
  flat.computeVertexNormals();
  return solid(flat, colour);
}

/** One structure where it stands, alone, its zero at the origin: what the bench shows. Beds it stands on or beside are soil as high as they are. */
export function buildStructure(design: Design, around: Around): THREE.Group {
  const group = new THREE.Group();
  const spot: ToScene = ([x, y, z]) => new THREE.Vector3(x * M, z * M, -y * M);
  const onSoil = (x: number, y: number, z: number): THREE.Vector3 => spot([x, y, z + heightAt(design.ground, x, y)]);
  const box = new THREE.Box2().setFromPoints(
    design.parts.flatMap((part) =>
      shapeOf(part)
        .extent(part)
        .map(([x, y]) => new THREE.Vector2(x, y)),
    ),
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
  const ground = slab(rim, pathMm - 40, pathMm - 20, COLOUR.ground, onSoil);
  ground.castShadow = false;
  group.add(
    ground,
    ...around.beds.map((bed) => slab(bed.outline, bed.pathMm - 20, bed.soilMm - 2, COLOUR.soil, onSoil)),
    partsBody(design.parts, spot),
    ...around.tied.map(({ parts, at: there }) =>
      partsBody(parts, ([x, y, z]) => {
        const [right, back] = toPlot(there, x, y);
        return spot([right, back, z + there.baseMm]);
      }),
    ),
  );
  for (const station of design.stations) {
    const mark = solid(new THREE.SphereGeometry(0.035, 8, 6), COLOUR.leaf);
    mark.position.copy(spot([station.at[0], station.at[1], station.at[2] + 20]));
    group.add(mark);
  }
  return group;
}
