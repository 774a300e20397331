import type { Units } from '../quantity/length';
import { chainFigures, textWidth, type Figure } from './dimension';
import type { Chain, Ink, Primitive, Spot, View } from './primitive';

/** What goes on paper, in pixels from the top left corner. */
export type PaperMark =
  | { draw: 'shape'; points: readonly Spot[]; ink: Ink; part?: string }
  | { draw: 'copies'; points: readonly Spot[]; at: readonly Spot[]; ink: Ink }
  | { draw: 'lines'; lines: readonly (readonly Spot[])[]; ink: Ink | 'dimension' | 'leader'; part?: string }
  | { draw: 'dot'; at: Spot; ink: Ink }
  | { draw: 'crow foot'; at: Spot; towards: 'up' | 'down' | 'left' | 'right'; ink: Ink | 'dimension' }
  | { draw: 'text'; at: Spot; text: string; size: number; anchor: 'start' | 'middle' | 'end'; ink: 'figure' | 'label' };

export interface Paper {
  widthPx: number;
  heightPx: number;
  title: string;
  marks: readonly PaperMark[];
  /** What is seen through a round window, under the marks. */
  lens: { at: Spot; radiusPx: number; marks: readonly PaperMark[] } | null;
  frame: PaperScale;
  /** Where length knobs can be pulled, in pixels. */
  pulls: readonly PaperPull[];
}

/** How a view lies on the paper: pixels a millimetre, and where its origin comes to lie. */
export interface PaperScale {
  scale: number;
  originPx: Spot;
}

export interface PaperPull {
  knob: string;
  at: Spot;
  axis: 'right' | 'up';
  /** What a pixel of pull changes the knob by. mm. */
  mmPerPx: number;
}

/** Never nothing, however little room the figures leave: 10 m are 20 pixels. */
const LEAST_SCALE = 0.002;
/** A round window is of one size on every drawing. */
const LENS_PX = 66;
const FIGURE_SIZE = 13;
const SECOND_TIER = 44;
/** Marks closer than this are ticks, not feet. */
const FOOT_ROOM = 10;
/** Height a figure takes beside an upright chain, without the air around it. */
const UPRIGHT_ROOM = 8;
const LABEL_SIZE = 11;
const NUMBERS_PX = 9;
const TIER_PX = 15;
const CHAIN_GAP = 22;
const EDGE = 10;
/** The last figure of a chain may stand past the end of the drawing by half its width. */
const RIGHT_ROOM = 34;

/**
 * Sets a view on a sheet of the given size: the drawing as large as fits, dimension strings under it
 * and to its left, every figure legible and clear of the next. The height shrinks to what is used.
 * A round window keeps its size, so that close-ups can be compared. `scale` states the scale, in pixels a millimetre; `keep` holds the drawing still while something in it is pulled.
 */
export function setOnPaper(
  view: View,
  o: { widthPx: number; heightPx: number; units: Units; keep?: PaperScale | undefined; scale?: number },
): Paper {
  const width = view.box.right - view.box.left;
  const height = view.box.top - view.box.bottom;
  const upright = view.chains.filter((chain) => chain.axis === 'z');
  const level = view.chains.filter((chain) => chain.axis === 'x');
  const lensScale = view.lens ? LENS_PX / view.lens.radiusMm : null;
  const roughScale =
    lensScale ?? Math.min((o.widthPx - 120) / width, (o.heightPx - 2 * EDGE - 34 * level.length) / height);
  const leftRoom =
    EDGE +
    Math.max(
      ...level.map((chain) =>
        chain.label === '' ? 0 : Math.max(46, ...linesOf(chain).map((line) => textWidth(line, LABEL_SIZE) + 14)),
      ),
      // Upright chains stand one beyond the other.
      upright.reduce((sum, chain) => sum + widestFigure(chain, o.units, roughScale), 0),
    );
  // Figures and numbers stand out over what they are of.
  const isBeside = view.primitives.some((one) => one.draw === 'number' && one.lies === 'beside');
  const availableWidth =
    o.widthPx - leftRoom - ((level.length > 0 || isBeside) && lensScale === null ? RIGHT_ROOM : EDGE);
  const place = (chains: readonly Chain[], scale: number) =>
    chains.map((chain) => ({ chain, figures: chainFigures(chain, scale, o.units, FIGURE_SIZE) }));
  // Numbers of posts stand between their feet and the first chain.
  const numbersPx = view.primitives.some((one) => one.draw === 'number' && one.lies === 'under') ? NUMBERS_PX : 0;
  const roomUnder = (placed: readonly { figures: readonly Figure[] }[]): number =>
    placed.reduce(
      (sum, one) => sum + CHAIN_GAP + 8 + TIER_PX * Math.max(0, ...one.figures.map((figure) => figure.tier)),
      numbersPx,
    );
  let scale = Math.min(availableWidth / width, (o.heightPx - 2 * EDGE - 34 * level.length) / height);
  let placed = place(level, scale);
  scale = Math.max(LEAST_SCALE, Math.min(scale, (o.heightPx - 2 * EDGE - roomUnder(placed)) / height));
  if (lensScale !== null) scale = lensScale;
  else if (o.scale !== undefined) scale = o.scale;
  if (o.keep) scale = o.keep.scale;
  placed = place(level, scale);
  const originPx: Spot = o.keep?.originPx ?? [
    leftRoom + (availableWidth - width * scale) / 2 - view.box.left * scale,
    EDGE + view.box.top * scale,
  ];
  const toPaper = ([right, up]: Spot): Spot => [originPx[0] + right * scale, originPx[1] - up * scale];
  const left = toPaper([view.box.left, 0])[0];
  const base = toPaper([0, view.box.bottom])[1];

  const drawn = clearOfEachOther(view.primitives.map((one) => onPaper(one, toPaper, scale)));
  const lens = view.lens ? { at: toPaper(view.lens.at), radiusPx: view.lens.radiusMm * scale, marks: drawn } : null;
  const marks: PaperMark[] = lens ? [] : drawn;
  let under = base + 4 + numbersPx;
  for (const { chain, figures } of placed) {
    const y = under + CHAIN_GAP - 8;
    marks.push(...levelChain(chain, figures, y, (mm) => toPaper([mm, 0])[0], originPx[0]));
    under += CHAIN_GAP + 8 + TIER_PX * Math.max(0, ...figures.map((figure) => figure.tier));
  }
  let beyond = left - 14;
  for (const chain of upright) {
    marks.push(...uprightChain(chain, beyond, (mm) => toPaper([0, mm])[1], scale, o.units));
    beyond -= widestFigure(chain, o.units, scale);
  }
  const pulls = view.pulls.map((pull): PaperPull => ({
    knob: pull.knob,
    at: toPaper(pull.at),
    axis: pull.axis,
    mmPerPx: pull.perMm / scale,
  }));
  return {
    widthPx: o.widthPx,
    heightPx: under + EDGE,
    title: view.title,
    marks,
    lens,
    frame: { scale, originPx },
    pulls,
  };
}

/** Room to the left of the drawing for an upright chain: its feet, its widest figure, and a second tier. */
function widestFigure(chain: Chain, units: Units, scale: number): number {
  const figures = chainFigures(chain, scale, units, FIGURE_SIZE, () => UPRIGHT_ROOM);
  return 30 + Math.max(...figures.map((figure) => textWidth(figure.text, FIGURE_SIZE) + figure.tier * SECOND_TIER));
}

/** Spots nearer to each other than this cannot be told apart. Pixels. */
const TOLD_APART_PX = 0.7;
const seenApart = (spots: readonly Spot[]): Spot[] => {
  let [x, y] = [Infinity, Infinity];
  return spots.filter((spot) => {
    if (Math.max(Math.abs(spot[0] - x), Math.abs(spot[1] - y)) < TOLD_APART_PX) return false;
    [x, y] = spot;
    return true;
  });
};

function onPaper(one: Primitive, toPaper: (spot: Spot) => Spot, scale: number): PaperMark {
  const part = 'part' in one && one.part !== undefined ? { part: one.part } : {};
  switch (one.draw) {
    case 'shape':
      return { draw: 'shape', points: one.points.map(toPaper), ink: one.ink, ...part };
    case 'copies':
      return {
        draw: 'copies',
        points: seenApart(one.points.map(([right, up]): Spot => [right * scale, -up * scale])),
        at: one.at.map(toPaper),
        ink: one.ink,
      };
    case 'lines':
      return { draw: 'lines', lines: one.lines.map((line) => line.map(toPaper)), ink: one.ink, ...part };
    case 'dot':
      return { draw: 'dot', at: toPaper(one.at), ink: one.ink };
    case 'crow foot':
      return { draw: 'crow foot', at: toPaper(one.at), towards: 'up', ink: one.ink };
    case 'number': {
      const [x, y] = toPaper(one.at);
      const under = one.lies === 'under';
      return {
        draw: 'text',
        text: one.text,
        size: LABEL_SIZE,
        anchor: under ? 'middle' : 'start',
        ink: 'label',
        at: under ? [x, y + LABEL_SIZE] : [x + 4, y - 4],
      };
    }
  }
}

/** Numbers that would run into the one before them are left out; what is told of them names the post. */
function clearOfEachOther(marks: readonly PaperMark[]): PaperMark[] {
  const kept: { at: Spot; half: number }[] = [];
  return marks.filter((mark) => {
    if (mark.draw !== 'text') return true;
    const half = textWidth(mark.text, mark.size) / 2 + 1;
    const meets = kept.some(
      (one) => Math.abs(one.at[0] - mark.at[0]) < one.half + half && Math.abs(one.at[1] - mark.at[1]) < mark.size,
    );
    if (!meets) kept.push({ at: mark.at, half });
    return !meets;
  });
}

/** A label and what its figures run along, one under the other. */
const linesOf = ({ label, onSoil }: Chain): string[] =>
  label === '' ? [] : [label, ...(onSoil ? ['on the soil'] : [])];

function levelChain(
  chain: Chain,
  figures: readonly Figure[],
  y: number,
  xOf: (mm: number) => number,
  originPx: number,
): PaperMark[] {
  const xs = chain.atMm.map(xOf);
  return [
    {
      draw: 'lines',
      ink: 'dimension',
      lines: [
        [
          [xs[0] as number, y],
          [xs[xs.length - 1] as number, y],
        ],
      ],
    },
    ...xs.map((x, i): PaperMark => {
      const inner =
        i > 0 && i < xs.length - 1 && x - (xs[i - 1] as number) < FOOT_ROOM && (xs[i + 1] as number) - x < FOOT_ROOM;
      return inner
        ? {
            draw: 'lines',
            ink: 'dimension',
            lines: [
              [
                [x, y],
                [x, y - 4],
              ],
            ],
          }
        : { draw: 'crow foot', ink: 'dimension', at: [x, y], towards: 'down' };
    }),
    ...linesOf(chain).map((line, i, all): PaperMark => ({
      draw: 'text',
      text: line,
      size: LABEL_SIZE,
      anchor: 'end',
      ink: 'label',
      at: [(xs[0] as number) - 10, y + 4 + (i - (all.length - 1) / 2) * LABEL_SIZE],
    })),
    ...figures.flatMap((figure): PaperMark[] => {
      const middle = originPx + (figure.from + figure.to) / 2;
      const textY = y + 15 + figure.tier * TIER_PX;
      const leader: PaperMark[] =
        figure.tier > 0
          ? [
              {
                draw: 'lines',
                ink: 'leader',
                lines: [
                  [
                    [middle, y + 2],
                    [middle, textY - 11],
                  ],
                ],
              },
            ]
          : [];
      return [
        ...leader,
        { draw: 'text', text: figure.text, size: FIGURE_SIZE, anchor: 'middle', ink: 'figure', at: [middle, textY] },
      ];
    }),
  ];
}

function uprightChain(chain: Chain, x: number, yOf: (mm: number) => number, scale: number, units: Units): PaperMark[] {
  const ys = chain.atMm.map(yOf);
  const figures = chainFigures(chain, scale, units, FIGURE_SIZE, () => UPRIGHT_ROOM);
  const first = chain.atMm[0] as number;
  return [
    {
      draw: 'lines',
      ink: 'dimension',
      lines: [
        [
          [x, ys[0] as number],
          [x, ys[ys.length - 1] as number],
        ],
      ],
    },
    ...ys.map((y): PaperMark => ({ draw: 'crow foot', ink: 'dimension', at: [x, y], towards: 'right' })),
    ...figures.map((figure): PaperMark => {
      const middle = (ys[0] as number) - ((figure.from + figure.to) / 2 - first * scale);
      const shift = figure.tier * SECOND_TIER;
      return {
        draw: 'text',
        text: figure.text,
        size: FIGURE_SIZE,
        anchor: 'end',
        ink: 'figure',
        at: [x - 10 - shift, middle + 4.5],
      };
    }),
  ];
}
