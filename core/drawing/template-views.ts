import type { Pair } from '../geometry/polygon';
import type { Template } from '../design/templates';
import type { Primitive, Spot, View } from './primitive';

/** What of a template lies on one sheet of paper: its place among the sheets, and its view, cut off at its frame. */
export interface Tile {
  across: number;
  down: number;
  view: View;
}

type Frame = View['box'];

/** What of a straight stretch lies in a frame (Liang & Barsky, "A new concept and method for line clipping", ACM TOG 3, 1984). */
function within([x0, y0]: Pair, [x1, y1]: Pair, box: Frame): Spot[] | null {
  const [dx, dy] = [x1 - x0, y1 - y0];
  let [from, to] = [0, 1];
  for (const [by, room] of [
    [-dx, x0 - box.left],
    [dx, box.right - x0],
    [-dy, y0 - box.bottom],
    [dy, box.top - y0],
  ] as const) {
    if (Math.abs(by) < 1e-12) {
      if (room < 0) return null;
      continue;
    }
    if (by < 0) from = Math.max(from, room / by);
    else to = Math.min(to, room / by);
  }
  return from < to
    ? [
        [x0 + from * dx, y0 + from * dy],
        [x0 + to * dx, y0 + to * dy],
      ]
    : null;
}

/** What of some chains lies in a frame, stretch by stretch. */
const clippedTo = (lines: readonly (readonly Pair[])[], box: Frame): Spot[][] =>
  lines.flatMap((line) =>
    line.slice(1).flatMap((to, i) => {
      const piece = within(line[i] as Pair, to, box);
      return piece ? [piece] : [];
    }),
  );

/** Half the arms of a register mark. mm. */
const CROSS_MM = 5;
const cross = ([x, y]: Spot): Spot[][] => [
  [
    [x - CROSS_MM, y],
    [x + CROSS_MM, y],
  ],
  [
    [x, y - CROSS_MM],
    [x, y + CROSS_MM],
  ],
];

/**
 * A template at full size on as many sheets as it takes, each `wideMm` × `highMm`: the shape, the board it is sawn from
 * in dashes, a line at every tenth of a metre (or 4″) from the tip, and a register mark in every corner in which sheets meet.
 */
export function tilesOf(template: Template, sheet: { wideMm: number; highMm: number }, everyMm: number): Tile[] {
  const [columns, rows] = [
    Math.max(1, Math.ceil(template.longMm / sheet.wideMm - 1e-9)),
    Math.max(1, Math.ceil(template.wideMm / sheet.highMm - 1e-9)),
  ];
  const [first] = template.outline;
  const outline = first ? [[...template.outline, first]] : [];
  const board: Pair[][] = [
    [
      [0, 0],
      [template.longMm, 0],
    ],
    [
      [0, template.wideMm],
      [template.longMm, template.wideMm],
    ],
    [
      [0, 0],
      [0, template.wideMm],
    ],
  ];
  const tenths = Array.from({ length: Math.floor(template.longMm / everyMm) }, (_, i): Pair[] => [
    [(i + 1) * everyMm, 0],
    [(i + 1) * everyMm, template.wideMm],
  ]);
  const each = { wide: template.longMm / columns, high: template.wideMm / rows };
  return Array.from({ length: columns * rows }, (_, n): Tile => {
    const [across, down] = [n % columns, Math.floor(n / columns)];
    const box: Frame = {
      left: across * each.wide,
      right: (across + 1) * each.wide,
      top: template.wideMm - down * each.high,
      bottom: template.wideMm - (down + 1) * each.high,
    };
    const corners: Spot[] = [
      [box.left, box.bottom],
      [box.right, box.bottom],
      [box.left, box.top],
      [box.right, box.top],
    ];
    const primitives: Primitive[] = [
      { draw: 'lines', ink: 'hidden', lines: clippedTo([...board, ...tenths], box) },
      { draw: 'lines', ink: 'outline', lines: clippedTo(outline, box) },
      { draw: 'lines', ink: 'edge', lines: columns * rows > 1 ? corners.flatMap(cross) : [] },
    ];
    return {
      across,
      down,
      view: {
        id: 'elevation',
        title: template.name,
        primitives,
        chains: [],
        pulls: [],
        box: {
          left: box.left - CROSS_MM,
          right: box.right + CROSS_MM,
          bottom: box.bottom - CROSS_MM,
          top: box.top + CROSS_MM,
        },
      },
    };
  });
}
