import type { ViewFrame } from '../design/design';
import type { Primitive, Spot } from './primitive';

/** How deep the strokes under soil and behind a wall go. mm. */
const HATCH_MM = 70;
/** A wall is drawn this far over what leans on it. mm. */
const OVER_MM = 130;

/** The line of the soil from one place to another; beyond its ends it goes on as it ends. */
export function soilBetween(soil: ViewFrame['soil'], left: number, right: number): Spot[] {
  if (soil.length < 2)
    return [
      [left, soil[0]?.[1] ?? 0],
      [right, soil[0]?.[1] ?? 0],
    ];
  const at = (x: number): number => {
    const i = Math.max(
      1,
      soil.findIndex(([end]) => end >= x) < 0 ? soil.length - 1 : soil.findIndex(([end]) => end >= x),
    );
    const [a, b] = [soil[i - 1] as Spot, soil[i] as Spot];
    return b[0] === a[0] ? b[1] : a[1] + ((x - a[0]) / (b[0] - a[0])) * (b[1] - a[1]);
  };
  return [[left, at(left)], ...soil.filter(([x]) => x > left && x < right), [right, at(right)]];
}

/** The face of a wall from the soil to over what leans on it, with short strokes behind it. */
export function wallAt(right: number, [foot]: readonly Spot[], topMm: number): Primitive[] {
  const [low, high] = [foot?.[1] ?? 0, topMm + OVER_MM];
  const count = Math.max(1, Math.floor((high - low) / 90));
  return [
    {
      draw: 'lines',
      ink: 'soil',
      lines: Array.from({ length: count }, (_, i): Spot[] => [
        [right, low + (i + 0.9) * 90],
        [right + HATCH_MM * 0.7, low + (i + 0.9) * 90 - HATCH_MM * 0.7],
      ]),
    },
    {
      draw: 'lines',
      ink: 'ground',
      lines: [
        [
          [right, low],
          [right, high],
        ],
      ],
    },
  ];
}

/** Short strokes under the soil, evenly along it. */
export function hatch(soil: readonly Spot[]): Primitive[] {
  const [from, to] = [(soil[0] as Spot)[0], (soil.at(-1) as Spot)[0]];
  const step = Math.max(90, (to - from) / 90);
  const count = Math.floor((to - from) / step);
  const lines = Array.from({ length: count }, (_, i): Spot[] => {
    const right = from + (i + 0.7) * step;
    const n = Math.max(
      1,
      soil.findIndex(([end]) => end >= right),
    );
    const [a, b] = [soil[n - 1] as Spot, soil[n] as Spot];
    const up = b[0] === a[0] ? Math.min(a[1], b[1]) : a[1] + ((right - a[0]) / (b[0] - a[0])) * (b[1] - a[1]);
    return [
      [right, up - 8],
      [right - HATCH_MM * 0.7, up - HATCH_MM],
    ];
  });
  return [{ draw: 'lines', ink: 'soil', lines }];
}
