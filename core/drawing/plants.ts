import type { Design, Station } from '../design/design';
import type { Projection } from '../design/projection';
import { pointAt, tangentAt } from '../geometry/curve';
import { minus } from '../geometry/space';
import type { Primitive, Spot } from './primitive';

/** How wide a plant is drawn: its spacing, at most 20″. mm. */
function spread(station: Station): number {
  return Math.min(station.side === 'pocket' ? POCKET_MM : 508, Math.max(station.spacingMm, 90));
}

/** What grows in a pocket or a cup is drawn no larger, so that each is seen (from memory). mm. */
const POCKET_MM = 170;

/** How far up its stem a plant is drawn: as high as it is to be held, never far past what holds it. mm. */
const shownHeight = (station: Station, design: Design): number =>
  Math.min(
    station.side === 'pocket' ? POCKET_MM : station.growsMm,
    Math.max(station.heldToMm, Math.min(station.growsMm, 300)),
    (design.hold?.topMm.most ?? Infinity) + 150,
  );

/** Pairs of leaves up a stem: how far up it, and how far out as a share of half the spread. Broadest low down, drawn in at both ends. */
const LEAVES = Array.from({ length: 22 }, (_, i) => {
  const t = (i + 1) / 22;
  const full = Math.pow(Math.sin(Math.PI * Math.pow(t, 0.62)), 0.55) * (1 - 0.3 * t);
  return { up: 0.04 + 0.96 * t, out: full * (i % 2 ? 1 : 0.72) };
});

/** Stations that look alike drawn as copies of one outline, which is from where a station stands. */
function copies(
  stations: readonly Station[],
  alike: (station: Station) => string,
  outline: (station: Station) => Spot[],
  flat: Projection,
): Primitive[] {
  const groups = new Map<string, Station[]>();
  for (const station of stations) {
    const key = alike(station);
    const group = groups.get(key);
    if (group) group.push(station);
    else groups.set(key, [station]);
  }
  return [...groups.values()].map((group): Primitive => ({
    draw: 'copies',
    ink: 'crop',
    points: outline(group[0] as Station),
    at: group.map((station) => flat(station.at)),
  }));
}

/** Plants from above: each a circle as wide as it spreads. Decision 41. */
export const plantsAbove = (stations: readonly Station[], flat: Projection): Primitive[] =>
  copies(
    stations,
    (station) => `${spread(station)}`,
    (station) => round(spread(station) / 2),
    flat,
  );

/** Leafy outlines along the stems: plants that grow the same way to the same height are the same drawing. */
export const plants = (stations: readonly Station[], design: Design, flat: Projection): Primitive[] =>
  copies(
    stations,
    (station) =>
      station.stem.curve === 'line'
        ? [
            shownHeight(station, design),
            spread(station),
            ...minus(pointAt(station.stem, 0), station.at),
            ...tangentAt(station.stem, 0),
          ]
            .map((value) => value.toFixed(2))
            .join()
        : station.at.join(),
    (station) => plant(station, design, flat),
    flat,
  );

/** A leafy outline along the stem, from where it stands. */
function plant(station: Station, design: Design, flat: Projection): Spot[] {
  const high = shownHeight(station, design);
  const half = spread(station) / 2;
  const [ox, oy] = flat([0, 0, 0]);
  const [atX, atY] = flat(station.at);
  const right: Spot[] = [[8, 0]];
  const left: Spot[] = [[-8, 0]];
  const straight = station.stem.curve === 'line';
  const way = (up: number): Spot => {
    const along = flat(tangentAt(station.stem, up));
    return [along[0] - ox, along[1] - oy];
  };
  const [foot, slant] = [flat(pointAt(station.stem, 0)), way(0)];
  for (const leaf of LEAVES) {
    const up = high * leaf.up;
    const [dx, dy] = straight ? slant : way(up);
    const [x, y] = straight ? [foot[0] + dx * up, foot[1] + dy * up] : flat(pointAt(station.stem, up));
    // Out to the side of the stem as it is seen; level where the stem comes towards the eye.
    const seen = Math.sqrt(dx * dx + dy * dy);
    const [nx, ny] = seen > 0.25 ? [dy / seen, -dx / seen] : [1, 0];
    const out = half * leaf.out;
    right.push([x - atX + nx * out, y - atY + ny * out]);
    left.push([x - atX - nx * out, y - atY - ny * out]);
  }
  return [...right, ...left.reverse()];
}

function round(radius: number): Spot[] {
  return Array.from({ length: 16 }, (_, i): Spot => [
    radius * Math.cos((i * Math.PI) / 8),
    radius * Math.sin((i * Math.PI) / 8),
  ]);
}
