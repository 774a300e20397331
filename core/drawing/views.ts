import type { Design, Part, Station } from '../design/design';
import { groundAt, slopeOf } from '../geometry/space';
import type { Bed } from '../site/bed';
import { boxAround, drawPart, extent } from './draw-part';
import { PROJECTIONS } from './project';
import type { Chain, Primitive, Pull, Spot, View } from './primitive';

/** Soil shown past the ends of the row, and how deep its hatching goes. mm. */
const MARGIN_MM = 260;
const HATCH_MM = 70;

/** Draws a design from its placed parts: from the front, from above and from the end. */
export function drawViews(design: Design, bed: Bed): View[] {
  return [elevation(design), plan(design, bed), endView(design, bed)];
}

/** The whole support at a slant, without figures: what it is, at a glance. Far parts are drawn first. */
export function drawAtAGlance(design: Design, bed: Bed): View {
  const flat = PROJECTIONS.slant;
  const over = (bed.lengthMm - design.builtMm) / 2;
  const half = Math.min(bed.widthMm / 2, 900);
  const end = Math.min(bed.lengthMm - over, design.builtMm + MARGIN_MM);
  const start = Math.max(-over, -MARGIN_MM);
  const depth = (part: Part): number => {
    const spots = extent(part, PROJECTIONS.plan);
    return spots.reduce((sum, spot) => sum + spot[1], 0) / spots.length;
  };
  const soil = (x: number, y: number): Spot => flat([x, y, groundAt(design.ground, x)]);
  const parts = design.parts
    .filter((part) => part.shape !== 'fill')
    .map((part) => ({ part, depth: depth(part) }))
    .sort((a, b) => b.depth - a.depth);
  return view(
    'slant',
    'At a glance',
    [],
    [],
    [
      { draw: 'shape', ink: 'bed', points: [soil(start, -half), soil(end, -half), soil(end, half), soil(start, half)] },
      ...parts.flatMap(({ part }) =>
        drawPart(part, flat, true).filter((one) => !('ink' in one) || one.ink !== 'hidden'),
      ),
      ...design.stations.map((station): Primitive => ({ draw: 'dot', ink: 'station', at: flat(station.at) })),
    ],
  );
}

function elevation(design: Design): View {
  const flat = PROJECTIONS.elevation;
  const box = boxAround(design.parts.flatMap((part) => extent(part, flat)));
  const left = box.left - MARGIN_MM;
  const right = box.right + MARGIN_MM;
  const soil = (x: number): Spot => [x, groundAt(design.ground, x)];
  return view('elevation', 'From the front', chainsOf(design), pullsOf(design, 'elevation'), [
    ...hatch(soil, left, right),
    ...design.stations
      .filter((station) => station.side !== 'back')
      .map((station) =>
        plant(station, design, station.at[0], station.at[2], station.side === 'round' ? middleOf(design)[0] : null),
      ),
    ...fillsFirst(design).flatMap((part) => drawPart(part, flat, true)),
    { draw: 'lines', ink: 'ground', lines: [[soil(left), soil(right)]] },
    ...design.stations.map((station): Primitive => ({
      draw: 'crow foot',
      ink: 'station',
      at: [station.at[0], station.at[2]],
    })),
  ]);
}

const fillsFirst = (design: Design): Part[] =>
  [...design.parts].sort((a, b) => Number(b.shape === 'fill') - Number(a.shape === 'fill'));

function plan(design: Design, bed: Bed): View {
  const flat = PROJECTIONS.plan;
  const over = (bed.lengthMm - design.builtMm) / 2;
  const half = bed.widthMm / 2;
  const corner = (x: number, y: number): Spot => [x, y];
  const wall: Primitive[] =
    bed.standFrom === 'front only'
      ? [{ draw: 'lines', ink: 'wall', lines: [[corner(-over, half + 40), corner(bed.lengthMm - over, half + 40)]] }]
      : [];
  const frontRow = design.stations.filter(
    (station) => station.side !== 'round' && station.at[1] === design.stations[0]?.at[1],
  );
  const places = [0, ...frontRow.map((station) => station.alongMm), design.builtMm];
  const slope = Math.cos(slopeOf(design.ground));
  const across = [...new Set([-half, ...design.support.rowsAtMm, half])].sort((a, b) => a - b);
  return view(
    'plan',
    'From above',
    [
      ...(frontRow.length > 0
        ? [{ axis: 'x', label: 'plants', atMm: places.map((at) => at * slope), tapedMm: places } as const]
        : []),
      ...chainsOf(design, 'plan'),
      { axis: 'z', label: 'across', atMm: across, tapedMm: across },
    ],
    pullsOf(design, 'plan'),
    [
      {
        draw: 'shape',
        ink: 'bed',
        points: [
          corner(-over, -half),
          corner(bed.lengthMm - over, -half),
          corner(bed.lengthMm - over, half),
          corner(-over, half),
        ],
      },
      ...wall,
      ...(design.traces ?? []).map((trace): Primitive => ({ draw: 'lines', ink: 'soil', lines: [trace.map(flat)] })),
      ...design.stations.map((station): Primitive => ({
        draw: 'shape',
        ink: 'crop',
        points: round([station.at[0], station.at[1]], spread(station) / 2),
      })),
      // From above a weave of leaning frames would hide what it hangs on.
      ...fillsFirst(design)
        .filter((part) => part.role !== 'thread')
        .flatMap((part) => drawPart(part, flat, false)),
      ...design.stations.map((station): Primitive => ({
        draw: 'dot',
        ink: 'station',
        at: [station.at[0], station.at[1]],
      })),
    ],
  );
}

function endView(design: Design, bed: Bed): View {
  const flat = PROJECTIONS.end;
  const half = Math.max(bed.widthMm / 2, ...design.support.rowsAtMm.map(Math.abs));
  const soil = (y: number): Spot => [y, 0];
  const first = design.stations[0];
  const lowestGround = Math.min(0, ...design.stations.map((station) => station.at[2]));
  const plants = first ? [...new Map(design.stations.map((station) => [station.at[1], station])).values()] : [];
  const top = design.support.topMm.most;
  const own = chainsOf(design, 'end');
  return view(
    'end',
    'From the end',
    own.some((chain) => chain.axis === 'z')
      ? own
      : [...own, { axis: 'z', label: 'top', atMm: [0, top], tapedMm: [0, top] }],
    pullsOf(design, 'end'),
    [
      ...hatch(soil, -half - MARGIN_MM, half + MARGIN_MM),
      ...plants.map((station) =>
        plant(
          station,
          design,
          station.at[1],
          Math.max(0, lowestGround),
          design.support.tips ? middleOf(design)[1] : null,
        ),
      ),
      ...firstOfEach(design).flatMap((part) => drawPart(part, flat, false)),
      { draw: 'lines', ink: 'ground', lines: [[soil(-half - MARGIN_MM), soil(half + MARGIN_MM)]] },
      {
        draw: 'lines',
        ink: 'bed',
        lines: [-1, 1].map((side) => [
          [(side * bed.widthMm) / 2, 0],
          [(side * bed.widthMm) / 2, -bed.heightMm - 60],
        ]),
      },
    ],
  );
}

/** From the end, the near post hides those behind it: draw what stands at the start of the row. */
function firstOfEach(design: Design): Part[] {
  const start = (part: Part): number => boxAround(extent(part, PROJECTIONS.elevation)).left;
  const across = (part: Part): number =>
    Math.round(extent(part, PROJECTIONS.plan).reduce((sum, spot) => sum + spot[1], 0));
  const near = new Map<string, Part>();
  for (const part of design.parts) {
    const key = `${part.role} ${across(part)}${LEVELLED.has(part.role) ? ` ${Math.round(boxAround(extent(part, PROJECTIONS.end)).top)}` : ''}`;
    const known = near.get(key);
    if (!known || start(part) < start(known)) near.set(key, part);
  }
  return [...near.values()].sort((a, b) => Number(b.shape === 'fill') - Number(a.shape === 'fill'));
}

/** Roles of which several lie over one another in the same plane. */
const LEVELLED = new Set<Part['role']>(['rail', 'slat', 'pass', 'shelf', 'ladder string', 'frame side', 'brace']);

const chainsOf = (design: Design, of?: 'plan' | 'end'): Chain[] =>
  design.marks
    .filter((mark) => mark.view === of)
    .map((mark) => ({ axis: mark.axis, label: mark.label, atMm: mark.atMm, tapedMm: mark.tapedMm ?? mark.atMm }));
const pullsOf = (design: Design, of: 'elevation' | 'plan' | 'end'): Pull[] =>
  design.handles.filter((handle) => handle.view === of).map(({ knob, at, axis, perMm }) => ({ knob, at, axis, perMm }));

function view(
  id: View['id'],
  title: string,
  chains: readonly Chain[],
  pulls: readonly Pull[],
  primitives: readonly Primitive[],
): View {
  const spots = primitives.flatMap((one) =>
    one.draw === 'shape' ? one.points : one.draw === 'lines' ? one.lines.flat() : [one.at],
  );
  return { id, title, primitives, chains, pulls, box: boxAround(spots) };
}

function hatch(soil: (at: number) => Spot, from: number, to: number): Primitive[] {
  const step = Math.max(90, (to - from) / 90);
  const count = Math.floor((to - from) / step);
  const lines = Array.from({ length: count }, (_, i): Spot[] => {
    const [right, up] = soil(from + (i + 0.7) * step);
    return [
      [right, up - 8],
      [right - HATCH_MM * 0.7, up - HATCH_MM],
    ];
  });
  return [{ draw: 'lines', ink: 'soil', lines }];
}

/** How wide a plant is drawn: its spacing, at most 20″. mm. */
function spread(station: Station): number {
  return Math.min(508, Math.max(station.spacingMm, 90));
}

/** The middle of a support, along it and across the bed: what leaning leaves and poles lean to. */
const middleOf = (design: Design): Spot => [
  (design.builtMm / 2) * Math.cos(slopeOf(design.ground)),
  design.support.rowsAtMm.reduce((sum, y) => sum + y, 0) / design.support.rowsAtMm.length,
];

/** A leafy outline as high as the crop is to be held: broadest low down, drawn in at the stem; on a leaning support it leans with it. */
function plant(station: Station, design: Design, right: number, foot: number, leansTo: number | null): Primitive {
  const high = Math.min(
    station.growsMm,
    Math.max(station.heldToMm, Math.min(station.growsMm, 300)),
    design.support.topMm.most + 150,
  );
  const half = spread(station) / 2;
  const leaves = 22;
  const points = Array.from({ length: leaves }, (_, i): Spot => {
    const t = (i + 1) / leaves;
    const full = Math.pow(Math.sin(Math.PI * Math.pow(t, 0.62)), 0.55) * (1 - 0.3 * t);
    return [half * full * (i % 2 ? 1 : 0.72), high * (0.04 + 0.96 * t)];
  });
  const peak = design.support.tips?.heightMm ?? Infinity;
  const shift = (u: number): number => (leansTo === null ? 0 : (leansTo - right) * Math.min(0.94, u / peak));
  return {
    draw: 'shape',
    ink: 'crop',
    points: [
      [right + 8, foot] as const,
      ...points.map(([r, u]): Spot => [right + shift(u) + r, foot + u]),
      ...[...points].reverse().map(([r, u]): Spot => [right + shift(u) - r, foot + u]),
      [right - 8, foot] as const,
    ],
  };
}

function round([right, up]: Spot, radius: number): Spot[] {
  return Array.from({ length: 16 }, (_, i): Spot => [
    right + radius * Math.cos((i * Math.PI) / 8),
    up + radius * Math.sin((i * Math.PI) / 8),
  ]);
}
