import { extentOf } from '../design/extent';
import { plantsOf, type Design, type Station, type ViewFrame } from '../design/design';
import { postNumbers } from '../design/post-numbers';
import { shapeOf, type Part } from '../design/shapes/shapes';
import type { Traits } from '../design/traits';
import { tangentAt } from '../geometry/curve';
import { dot, type Point } from '../geometry/space';
import type { Around } from '../plan/around';
import { heightAt } from '../site/ground';
import { boxAround, drawBeside, drawPart, extent } from './draw-part';
import { plants, plantsAbove } from './plants';
import type { Chain, Primitive, Pull, Spot, View } from './primitive';
import { hatch, soilBetween, wallAt } from './soil';
import { FROM_ABOVE, projectionOf, SLANTING, type Projection } from '../design/projection';

/** Soil shown past the ends of the row. mm. */
const MARGIN_MM = 260;
/** How far the soil goes beside what stands on open ground, at a glance. mm. */
const BESIDE_MM = 700;

/** Draws a design from its placed parts, in one of the ways that it says it is seen. Decision 39. */
export const drawView = (design: Design, frame: ViewFrame, around: Around): View =>
  frame.as === 'above' ? fromAbove(design, frame, around) : upright(design, frame, around);

/** Draws a design in every way that it says it is seen. */
export const drawViews = (design: Design, around: Around): View[] =>
  design.views.map((frame) => drawView(design, frame, around));

/** The whole structure at a slant, without figures: what it is, at a glance. Far parts are drawn first. */
export function drawAtAGlance(design: Design, around: Around): View {
  const spots = design.parts.flatMap((part) => extent(part, FROM_ABOVE));
  const own = boxAround([spots]);
  const soil = (x: number, y: number): Spot => SLANTING([x, y, heightAt(design.ground, x, y)]);
  const depth = (part: Part): number => {
    const across = extent(part, FROM_ABOVE);
    return across.reduce((sum, spot) => sum + spot[1], 0) / across.length;
  };
  const parts = design.parts
    .filter((part) => shapeOf(part).nature !== 'mass')
    .map((part) => ({ part, depth: depth(part) }))
    .sort((a, b) => b.depth - a.depth);
  return view(
    'slant',
    'At a glance',
    [],
    [],
    [
      ...patches(own, around).map((outline): Primitive => ({
        draw: 'shape',
        ink: 'bed',
        points: outline.map(([x, y]) => soil(x, y)),
      })),
      ...parts.flatMap(({ part }) => drawPart(part, SLANTING, true).filter((one) => one.ink !== 'hidden')),
      ...plantsOf(design).map((station): Primitive => ({ draw: 'dot', ink: 'station', at: SLANTING(station.at) })),
    ],
  );
}

/** The soil that is shown at a glance: each bed as far as it lies near, or a patch of open ground. */
function patches(own: View['box'], around: Around): Spot[][] {
  const near = {
    left: own.left - MARGIN_MM,
    right: own.right + MARGIN_MM,
    bottom: own.bottom - BESIDE_MM,
    top: own.top + BESIDE_MM,
  };
  const clipped = ({ left, right, bottom, top }: View['box']): Spot[] => [
    [Math.max(left, near.left), Math.max(bottom, near.bottom)],
    [Math.min(right, near.right), Math.max(bottom, near.bottom)],
    [Math.min(right, near.right), Math.min(top, near.top)],
    [Math.max(left, near.left), Math.min(top, near.top)],
  ];
  const wide = near.right - near.left > 0 ? near : own;
  return around.beds.length === 0 ? [clipped(wide)] : around.beds.map((bed) => clipped(boxAround([bed.outline])));
}

/** Parts of a view: of those that hide each other only the nearest where it is so seen; what is poured comes first. */
function partsIn(design: Design, frame: ViewFrame, flat: Projection): Part[] {
  const only = frame.only && new Set(frame.only);
  const shown = only ? design.parts.filter((part) => only.has(part.id)) : design.parts;
  const seen = frame.nearest ? nearestOfEach(shown, design.traits, frame, flat) : shown;
  const mass = (part: Part): number => Number(shapeOf(part).nature === 'mass');
  return [...seen].sort((a, b) => mass(b) - mass(a));
}

function upright(design: Design, frame: ViewFrame, around: Around): View {
  const flat = projectionOf(frame);
  const parts = partsIn(design, frame, flat);
  const box = boxAround(parts.map((part) => extent(part, flat)));
  const [left, right] = [box.left - MARGIN_MM, box.right + MARGIN_MM];
  const soil = soilBetween(frame.soil, left, right);
  const stations = stationsIn(design, frame, flat);
  return view(frame.id, frame.title, chainsOf(design, frame.id), pullsOf(design, frame.id), [
    ...hatch(soil),
    ...plants(
      plantsOf({ stations }).filter((station) => station.side !== 'pocket'),
      design,
      flat,
    ),
    ...parts.flatMap((part) => drawPart(part, flat, frame.square)),
    ...hardwareOn(design, parts, frame, flat),
    ...numbersOn(design, parts, frame, flat),
    ...plants(
      stations.filter((station) => station.side === 'pocket'),
      design,
      flat,
    ),
    ...besideIn(frame, flat, around),
    { draw: 'lines', ink: 'ground', lines: [soil] },
    ...(frame.wallMm === undefined ? [] : wallAt(frame.wallMm, soilBetween(soil, frame.wallMm, frame.wallMm), box.top)),
    ...stations.map((station): Primitive => ({
      draw: station.spare ? 'dot' : 'crow foot',
      ink: 'station',
      at: flat(station.at),
    })),
  ]);
}

/** The numbers of the posts that are seen, where there are several; those that stand behind each other together. */
function numbersOn(design: Design, parts: readonly Part[], frame: ViewFrame, flat: Projection): Primitive[] {
  const numbers = postNumbers(design);
  if (numbers.size < 2 || frame.nearest) return [];
  const lies = frame.as === 'above' ? 'beside' : 'under';
  const met = new Map<string, { at: Spot; nos: number[] }>();
  for (const part of parts) {
    const no = numbers.get(part.id);
    if (no === undefined) continue;
    const box = boxAround([extent(part, flat)]);
    const at: Spot = lies === 'under' ? [(box.left + box.right) / 2, box.bottom] : [box.right, box.top];
    const key = at.map((mm) => Math.round(mm / SAME_PLACE_MM)).join();
    const known = met.get(key);
    if (known) known.nos.push(no);
    else met.set(key, { at, nos: [no] });
  }
  return [...met.values()].map(({ at, nos }) => ({
    draw: 'number',
    at,
    ink: 'outline',
    text: nos.toSorted((a, b) => a - b).join(', '),
    lies,
  }));
}
/** Posts whose feet are seen nearer to each other than this are numbered together. mm. */
const SAME_PLACE_MM = 50;

/** Metal is behind what it holds from so far on. mm. */
const BEHIND_MM = 1;

/** Hinges, latches and brackets as their metal lies, of joints that hold something that is seen; dashed where that is behind what they hold. */
function hardwareOn(design: Design, parts: readonly Part[], { eye }: ViewFrame, flat: Projection): Primitive[] {
  const seen = new Map(parts.map((part) => [part.id, part]));
  const depth = (points: readonly Point[]): number =>
    points.reduce((sum, point) => sum + dot(point, eye), 0) / points.length;
  const plates = design.joints.flatMap((joint) => {
    const held = joint.parts.flatMap((id) => seen.get(id) ?? [])[0];
    if (!held) return [];
    const middle = depth(extentOf(held));
    return joint.fixings.flatMap(({ plates: own = [] }) =>
      own.map((plate) => ({ behind: depth(plate) < middle - BEHIND_MM, line: plate.map(flat) })),
    );
  });
  return [false, true].flatMap((behind): Primitive[] => {
    const lines = plates.filter((plate) => plate.behind === behind).map((plate) => plate.line);
    return lines.length > 0 ? [{ draw: 'lines', ink: behind ? 'hidden' : 'hardware', lines }] : [];
  });
}

/** The plants of an upright view: one of those that stand behind each other, and of two rows the nearer. */
function stationsIn(design: Design, frame: ViewFrame, flat: Projection): Station[] {
  const { eye } = frame;
  const seen = new Map<string, Station>();
  for (const station of design.stations) {
    // Pockets stand over each other; those of the far side are not seen.
    const pocket = station.side === 'pocket';
    if (pocket && dot(tangentAt(station.stem, 0), eye) < -0.1) continue;
    const [x, y] = flat(station.at);
    const key = pocket ? `${Math.round(x)} ${Math.round(y)}` : `${Math.round(x)}`;
    const known = seen.get(key);
    if (!known || dot(station.at, eye) > dot(known.at, eye) + 1e-6) seen.set(key, station);
  }
  return [...seen.values()].filter((station) => frame.nearest || station.side !== 'back');
}

function fromAbove(design: Design, frame: ViewFrame, around: Around): View {
  const flat = projectionOf(frame);
  const level = (spots: readonly (readonly [number, number])[]): Spot[] => spots.map(([x, y]) => flat([x, y, 0]));
  // From above what is woven over leaning frames would hide what it hangs on.
  const shown = partsIn(design, frame, flat).filter(({ role }) => design.traits[role]?.as !== 'thread');
  return view(frame.id, frame.title, chainsOf(design, frame.id), pullsOf(design, frame.id), [
    ...around.beds.map((bed): Primitive => ({ draw: 'shape', ink: 'bed', points: level(bed.outline) })),
    ...around.beds.flatMap(({ wall }): Primitive[] =>
      wall ? [{ draw: 'lines', ink: 'wall', lines: [level(wall)] }] : [],
    ),
    ...(design.traces ?? []).map((trace): Primitive => ({ draw: 'lines', ink: 'soil', lines: [trace.map(flat)] })),
    ...plantsAbove(plantsOf(design), flat),
    ...shown.flatMap((part) => drawPart(part, flat, frame.square)),
    ...hardwareOn(design, shown, frame, flat),
    ...numbersOn(design, shown, frame, flat),
    ...besideIn(frame, flat, around),
    ...design.stations.map((station): Primitive => ({ draw: 'dot', ink: 'station', at: flat(station.at) })),
  ]);
}

/** What it is tied to, in the views that are of all of it or name that. */
const besideIn = (frame: ViewFrame, flat: Projection, around: Around): Primitive[] =>
  around.tied.filter((one) => !frame.only || frame.only.includes(one.id)).flatMap((one) => drawBeside(one, flat));

/** From an end, the near post hides those behind it: of what shares a role and a place on the paper, the nearest. */
function nearestOfEach(parts: readonly Part[], traits: Traits, frame: ViewFrame, flat: Projection): Part[] {
  const { eye } = frame;
  const near = new Map<string, { part: Part; away: number }>();
  for (const part of parts) {
    let [away, across, top] = [Infinity, 0, -Infinity];
    for (const point of extentOf(part)) {
      const [right, up] = flat(point);
      away = Math.min(away, -dot(point, eye));
      across += right;
      top = Math.max(top, up);
    }
    const key = `${part.role} ${Math.round(across)}${traits[part.role]?.stacks ? ` ${Math.round(top)}` : ''}`;
    const known = near.get(key);
    if (!known || away < known.away) near.set(key, { part, away });
  }
  return [...near.values()].map((one) => one.part);
}

/** A tape on the soil reads more than the level from here on. mm. */
const ASLANT_MM = 1;
const chainsOf = (design: Design, of: string): Chain[] =>
  design.marks
    .filter((mark) => mark.view === of)
    .map(({ axis, label, atMm, tapedMm = atMm }) => {
      const long = (of: readonly number[]): number => (of.at(-1) ?? 0) - (of[0] ?? 0);
      return { axis, label, atMm, tapedMm, ...(long(tapedMm) - long(atMm) > ASLANT_MM ? { onSoil: true } : {}) };
    });
const pullsOf = (design: Design, of: string): Pull[] =>
  design.handles.filter((handle) => handle.view === of).map(({ knob, at, axis, perMm }) => ({ knob, at, axis, perMm }));

function view(
  id: View['id'],
  title: string,
  chains: readonly Chain[],
  pulls: readonly Pull[],
  primitives: readonly Primitive[],
): View {
  const chainsOfSpots = primitives.flatMap((one) =>
    one.draw === 'shape'
      ? [one.points]
      : one.draw === 'lines'
        ? one.lines
        : one.draw === 'copies'
          ? one.at.map((at) => boxOfCopy(one.points, at))
          : [[one.at]],
  );
  return { id, title, primitives, chains, pulls, box: boxAround(chainsOfSpots) };
}

/** The box of a copy, by two corners. */
function boxOfCopy(points: readonly Spot[], [right, up]: Spot): Spot[] {
  const box = boxAround([points]);
  return [
    [right + box.left, up + box.bottom],
    [right + box.right, up + box.top],
  ];
}
