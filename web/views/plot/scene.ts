import * as THREE from 'three';
import { cropIn } from '@lignum/core/crops/book';
import type { Design, Station } from '@lignum/core/design/design';
import type { Bar } from '@lignum/core/design/shapes/bar';
import type { Fill } from '@lignum/core/design/shapes/fill';
import type { Sheet } from '@lignum/core/design/shapes/sheet';
import { type Point } from '@lignum/core/geometry/space';
import { onGround, slopeOf } from '@lignum/core/site/ground';
import { rowOnPlan } from '@lignum/core/design/on-plot';
import { barCorners, barPieces, sheetWires } from '@lignum/core/drawing/project';
import { isTimber } from '@lignum/core/drawing/draw-part';
import type { ComputedGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import type { Feature } from '@lignum/core/site/plot';
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
    group.add(
      box(
        bed,
        bed.lengthMm,
        bed.widthMm,
        -10,
        Math.max(30, bed.heightMm),
        bed.heightMm > 0 ? COLOUR.board : COLOUR.soil,
      ),
    );
    if (bed.heightMm > 0) group.add(box(bed, bed.lengthMm - 80, bed.widthMm - 80, 0, bed.heightMm + 8, COLOUR.soil));
  }
  for (const {
    sized: { design },
    setting,
  } of garden.structures) {
    const place = rowOnPlan(design, setting.bed);
    const base = setting.bed.heightMm;
    const spot: ToScene = ([x, y, z]) => at(place(x, y), z + base);
    group.add(partsBody(design, spot));
    for (const station of design.stations) {
      const crop = cropIn(plan.crops, station.crop);
      const high = Math.min(crop.heightMm, design.support.topMm.most + 150) * grownShare(crop, day, plan.site);
      if (high < 40) continue;
      const plant = solid(new THREE.IcosahedronGeometry(1, 1), COLOUR.leaf);
      const half = (Math.min(500, station.spacingMm) / 2) * 0.85;
      plant.scale.set(half * M, (high / 2) * M, Math.min(half, 220) * M);
      const [top, foot] = [spot(tipOf(station, design, high)), spot(station.at)];
      plant.quaternion
        .setFromUnitVectors(new THREE.Vector3(0, 1, 0), top.clone().sub(foot).normalize())
        .multiply(
          new THREE.Quaternion().setFromAxisAngle(new THREE.Vector3(0, 1, 0), (setting.bed.turnDeg * Math.PI) / 180),
        );
      plant.position.copy(top.add(foot).multiplyScalar(0.5));
      group.add(plant);
    }
  }
  return group;
}

/** Where a plant's top comes to lie: above its foot, or as far up the leaf or pole it leans on. */
function tipOf({ at: [x, y, z], side }: Station, design: Design, high: number): Point {
  const { tips, rowsAtMm } = design.support;
  if (!tips) return [x, y, z + high];
  const up = Math.min(0.95, high / Math.hypot(tips.heightMm, tips.halfBaseMm));
  const toX = side === 'round' ? design.builtMm / 2 : x;
  const toY = rowsAtMm.reduce((sum, row) => sum + row, 0) / rowsAtMm.length;
  return [x + (toX - x) * up, y + (toY - y) * up, z + tips.heightMm * up];
}

type ToScene = (point: Point) => THREE.Vector3;

/** Every placed part of a design, where `spot` puts the structure's own frame in the scene. */
export function partsBody(design: Design, spot: ToScene): THREE.Group {
  const group = new THREE.Group();
  for (const part of design.parts) {
    if (part.shape === 'bar') group.add(barBody(part, spot));
    else if (part.shape === 'sheet') group.add(sheetBody(part, spot));
    else if (part.shape === 'fill') group.add(fillBody(part, spot));
    else
      group.add(
        lines(
          part.path.slice(1).flatMap((to, i) => [spot(part.path[i] as Point), spot(to)]),
          part.stock.startsWith('twine') || part.stock.startsWith('rope') ? COLOUR.twine : COLOUR.wire,
        ),
      );
  }
  return group;
}

/** Faces of a bar by its corners, as {@link barCorners} counts them: end, then wide, then thick. */
const BAR_FACES = [
  [0, 1, 3, 2],
  [4, 6, 7, 5],
  [0, 4, 5, 1],
  [2, 3, 7, 6],
  [0, 2, 6, 4],
  [1, 5, 7, 3],
] as const;

/** A bar with its ends cut as they are; a round one with square ends. */
function barBody(bar: Bar, spot: ToScene): THREE.Mesh {
  const colour = isTimber(bar.stock) ? COLOUR.timber : COLOUR.steel;
  if (bar.round) {
    const [from, to] = [spot(bar.from), spot(bar.to)];
    const pole = solid(
      new THREE.CylinderGeometry((bar.wideMm / 2) * M, (bar.wideMm / 2) * M, from.distanceTo(to), 10),
      colour,
    );
    pole.quaternion.setFromUnitVectors(new THREE.Vector3(0, 1, 0), to.clone().sub(from).normalize());
    pole.position.copy(from.add(to).multiplyScalar(0.5));
    return pole;
  }
  const triangles = barPieces(bar).flatMap((piece) => {
    const corners = barCorners(piece).map(spot);
    const middle = corners
      .reduce((sum, corner) => sum.add(corner), new THREE.Vector3())
      .multiplyScalar(1 / corners.length);
    return BAR_FACES.flatMap(([p, q, r, s]) => {
      const [a, b, c, d] = [corners[p], corners[q], corners[r], corners[s]] as [
        THREE.Vector3,
        THREE.Vector3,
        THREE.Vector3,
        THREE.Vector3,
      ];
      // Which way round a face is seen from outside depends on where the structure's frame is laid.
      const outward =
        new THREE.Vector3().crossVectors(b.clone().sub(a), c.clone().sub(a)).dot(a.clone().sub(middle)) > 0;
      return outward ? [a, b, c, a, c, d] : [a, c, b, a, d, c];
    });
  });
  const shape = new THREE.BufferGeometry().setFromPoints(triangles);
  shape.computeVertexNormals();
  return solid(shape, colour);
}

function fillBody(fill: Fill, spot: ToScene): THREE.Mesh {
  const radius = (fill.diameterMm / 2) * M;
  const mesh = solid(new THREE.CylinderGeometry(radius, radius, fill.cutMm * M, 16), COLOUR.concrete);
  mesh.position.copy(spot([fill.bottom[0], fill.bottom[1], fill.bottom[2] + fill.cutMm / 2]));
  return mesh;
}

function sheetBody(sheet: Sheet, spot: ToScene): THREE.LineSegments {
  const { uprights, levels } = sheetWires(sheet);
  return lines(
    [...uprights, ...levels].flatMap((wire) => wire.map(spot)),
    sheet.role === 'wind skirt' ? COLOUR.cloth : sheet.role === 'fine mesh' ? COLOUR.leaf : COLOUR.wire,
  );
}

/** One support on its bed, alone, its near end at the origin: what the bench shows. */
export function buildSupport(design: Design, bed: Bed): THREE.Group {
  const group = new THREE.Group();
  const spot: ToScene = ([x, y, z]) => new THREE.Vector3(x * M, z * M, -y * M);
  const middle = onGround(design.ground, design.builtMm / 2);
  const layer = (overMm: number, downMm: number, colour: number): THREE.Mesh => {
    const body = solid(new THREE.BoxGeometry((bed.lengthMm + overMm) * M, 0.02, (bed.widthMm + overMm) * M), colour);
    body.position.copy(spot([middle[0], middle[1], middle[2] - downMm]));
    body.rotation.z = slopeOf(design.ground);
    return body;
  };
  group.add(layer(4000, 30, COLOUR.ground), layer(0, 12, COLOUR.soil), partsBody(design, spot));
  for (const station of design.stations) {
    const mark = solid(new THREE.SphereGeometry(0.035, 8, 6), COLOUR.leaf);
    mark.position.copy(spot([station.at[0], station.at[1], station.at[2] + 20]));
    group.add(mark);
  }
  return group;
}
