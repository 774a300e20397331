import type { Bar, Design, Part, Sheet, Station } from '../design/design';
import { groundAt, slopeOf } from '../design/space';
import type { Bed } from '../site/bed';
import { outlineOf } from '../design/outline';
import { barCorners, PROJECTIONS, sheetWires, splitAtGround, type Projection } from './project';
import type { Chain, Ink, Primitive, Spot, View } from './primitive';

/** Soil shown past the ends of the row, and how deep its hatching goes. mm. */
const MARGIN_MM = 260;
const HATCH_MM = 70;

/** Draws a design from its placed parts: from the front, from above and from the end. */
export function drawViews(design: Design, bed: Bed): View[] {
  return [elevation(design), plan(design, bed), endView(design, bed)];
}

function elevation(design: Design): View {
  const flat = PROJECTIONS.elevation;
  const box = boxAround(design.parts.flatMap((part) => extent(part, flat)));
  const left = box.left - MARGIN_MM;
  const right = box.right + MARGIN_MM;
  const soil = (x: number): Spot => [x, groundAt(design.ground, x)];
  return view('elevation', 'From the front', chainsOf(design), [
    ...hatch(soil, left, right),
    ...design.stations.filter((station) => station.side !== 'back').map((station) => plant(station, design, station.at[0], station.at[2])),
    ...design.parts.flatMap((part) => drawPart(part, flat, true)),
    { draw: 'lines', ink: 'ground', lines: [[soil(left), soil(right)]] },
    ...design.stations.map((station): Primitive => ({ draw: 'crow foot', ink: 'station', at: [station.at[0], station.at[2]] })),
  ]);
}

function plan(design: Design, bed: Bed): View {
  const flat = PROJECTIONS.plan;
  const over = (bed.lengthMm - design.builtMm) / 2;
  const half = bed.widthMm / 2;
  const corner = (x: number, y: number): Spot => [x, y];
  const wall: Primitive[] = bed.standFrom === 'front only'
    ? [{ draw: 'lines', ink: 'wall', lines: [[corner(-over, half + 40), corner(bed.lengthMm - over, half + 40)]] }]
    : [];
  const frontRow = design.stations.filter((station) => station.at[1] === design.stations[0]?.at[1]);
  const places = [0, ...frontRow.map((station) => station.alongMm), design.builtMm];
  const slope = Math.cos(slopeOf(design.ground));
  const across = [...new Set([-half, ...design.support.rowsAtMm, half])];
  return view('plan', 'From above', [
    ...(frontRow.length > 0 ? [{ axis: 'x', label: 'plants', atMm: places.map((at) => at * slope), tapedMm: places } as const] : []),
    { axis: 'z', label: 'across', atMm: across, tapedMm: across },
  ], [
    { draw: 'shape', ink: 'bed', points: [corner(-over, -half), corner(bed.lengthMm - over, -half), corner(bed.lengthMm - over, half), corner(-over, half)] },
    ...wall,
    ...design.stations.map((station): Primitive => ({ draw: 'shape', ink: 'crop', points: round([station.at[0], station.at[1]], spread(station) / 2) })),
    ...design.parts.flatMap((part) => drawPart(part, flat, false)),
    ...design.stations.map((station): Primitive => ({ draw: 'dot', ink: 'station', at: [station.at[0], station.at[1]] })),
  ]);
}

function endView(design: Design, bed: Bed): View {
  const flat = PROJECTIONS.end;
  const half = bed.widthMm / 2;
  const soil = (y: number): Spot => [y, 0];
  const first = design.stations[0];
  const lowestGround = Math.min(0, ...design.stations.map((station) => station.at[2]));
  const plants = first ? [...new Map(design.stations.map((station) => [station.at[1], station])).values()] : [];
  const top = design.support.topMm.most;
  return view('end', 'From the end', [{ axis: 'z', label: 'top', atMm: [0, top], tapedMm: [0, top] }], [
    ...hatch(soil, -half - MARGIN_MM, half + MARGIN_MM),
    ...plants.map((station) => plant(station, design, station.at[1], Math.max(0, lowestGround))),
    ...firstOfEach(design).flatMap((part) => drawPart(part, flat, false)),
    { draw: 'lines', ink: 'ground', lines: [[soil(-half - MARGIN_MM), soil(half + MARGIN_MM)]] },
    { draw: 'lines', ink: 'bed', lines: [-half, half].map((y) => [[y, 0], [y, -bed.heightMm - 60]]) },
  ]);
}

/** From the end, the near post hides those behind it: draw what stands at the start of the row. */
function firstOfEach(design: Design): Part[] {
  const start = (part: Part): number => boxAround(extent(part, PROJECTIONS.elevation)).left;
  const across = (part: Part): number => Math.round(extent(part, PROJECTIONS.plan).reduce((sum, spot) => sum + spot[1], 0));
  const near = new Map<string, Part>();
  for (const part of design.parts) {
    const key = `${part.role} ${part.role === 'string' || part.role === 'beam' ? '' : across(part)}`;
    const known = near.get(key);
    if (!known || start(part) < start(known)) near.set(key, part);
  }
  return [...near.values()];
}

const chainsOf = (design: Design): Chain[] => design.marks.map((mark) => ({ axis: mark.axis, label: mark.label, atMm: mark.atMm, tapedMm: mark.tapedMm ?? mark.atMm }));

function view(id: View['id'], title: string, chains: readonly Chain[], primitives: readonly Primitive[]): View {
  const spots = primitives.flatMap((one) => (one.draw === 'shape' ? one.points : one.draw === 'lines' ? one.lines.flat() : [one.at]));
  return { id, title, primitives, chains, box: boxAround(spots) };
}

/** The box around many points. (A long row has more of them than a call takes arguments.) */
function boxAround(spots: readonly Spot[]): View['box'] {
  const box = { left: Infinity, right: -Infinity, bottom: Infinity, top: -Infinity };
  for (const [right, up] of spots) {
    box.left = Math.min(box.left, right);
    box.right = Math.max(box.right, right);
    box.bottom = Math.min(box.bottom, up);
    box.top = Math.max(box.top, up);
  }
  return box;
}

function extent(part: Part, flat: Projection): Spot[] {
  if (part.shape === 'bar') return barCorners(part).map(flat);
  if (part.shape === 'line') return part.path.map(flat);
  const wires = sheetWires(part);
  return [...wires.levels, ...wires.uprights].flat().map(flat);
}

const INKS: Record<Part['role'], Ink> = { post: 'steel', beam: 'timber', brace: 'timber', panel: 'wire', 'fine mesh': 'net', 'line wire': 'wire', string: 'twine' };

function drawPart(part: Part, flat: Projection, fromFront: boolean): Primitive[] {
  if (part.shape === 'bar') return drawBar(part, flat);
  if (part.shape === 'line') return [{ draw: 'lines', ink: INKS[part.role], lines: [part.path.map(flat)], part: part.id }];
  return drawSheet(part, flat, fromFront);
}

function drawBar(bar: Bar, flat: Projection): Primitive[] {
  const ink: Ink = bar.stock.startsWith('timber') ? 'timber' : 'steel';
  const { above, below } = splitAtGround(bar);
  return [
    ...(below ? [{ draw: 'shape', ink: 'hidden', points: outlineOf(barCorners(below).map(flat)), part: bar.id } as const] : []),
    { draw: 'shape', ink, points: outlineOf(barCorners(above).map(flat)), part: bar.id },
  ];
}

/** Seen square, every wire; seen on edge, a single line. */
function drawSheet(sheet: Sheet, flat: Projection, square: boolean): Primitive[] {
  const { uprights, levels } = sheetWires(sheet);
  const lines = square ? [...uprights, ...levels] : [levels[0] ?? [], uprights[0] ?? []];
  return [{ draw: 'lines', ink: INKS[sheet.role], lines: lines.map((line) => line.map(flat)), part: sheet.id }];
}

function hatch(soil: (at: number) => Spot, from: number, to: number): Primitive[] {
  const step = Math.max(90, (to - from) / 90);
  const count = Math.floor((to - from) / step);
  const lines = Array.from({ length: count }, (_, i): Spot[] => {
    const [right, up] = soil(from + (i + 0.7) * step);
    return [[right, up - 8], [right - HATCH_MM * 0.7, up - HATCH_MM]];
  });
  return [{ draw: 'lines', ink: 'soil', lines }];
}

/** How wide a plant is drawn: its spacing, at most 20″. mm. */
function spread(station: Station): number {
  return Math.min(508, Math.max(station.spacingMm, 90));
}

/** A leafy outline as high as the crop is to be held: broadest low down, drawn in at the stem. */
function plant(station: Station, design: Design, right: number, foot: number): Primitive {
  const high = Math.min(station.growsMm, Math.max(station.heldToMm, Math.min(station.growsMm, 300)), design.support.topMm.most + 150);
  const half = spread(station) / 2;
  const leaves = 22;
  const points = Array.from({ length: leaves }, (_, i): Spot => {
    const t = (i + 1) / leaves;
    const full = Math.pow(Math.sin(Math.PI * Math.pow(t, 0.62)), 0.55) * (1 - 0.3 * t);
    return [half * full * (i % 2 ? 1 : 0.72), high * (0.04 + 0.96 * t)];
  });
  return {
    draw: 'shape', ink: 'crop',
    points: [[right + 8, foot] as const, ...points.map(([r, u]): Spot => [right + r, foot + u]), ...[...points].reverse().map(([r, u]): Spot => [right - r, foot + u]), [right - 8, foot] as const],
  };
}

function round([right, up]: Spot, radius: number): Spot[] {
  return Array.from({ length: 16 }, (_, i): Spot => [right + radius * Math.cos((i * Math.PI) / 8), up + radius * Math.sin((i * Math.PI) / 8)]);
}
