import { drawPatch } from '@lignum/core/drawing/plot-plan';
import { beside, gap, heading, paragraph, together } from '@lignum/core/paper/blocks';
import { MARGIN_PX, text, type Block, type PageMark } from '@lignum/core/paper/page';
import { atScale } from '@lignum/core/paper/scale';
import { typeWidth } from '@lignum/core/paper/type';
import type { PlanSpot } from '@lignum/core/site/plot';
import { patchAround, type Patch } from '@lignum/core/setting-out/patch';
import {
  lyingOn,
  whereItGoes,
  type Found,
  type Offset,
  type Towards,
  type WhereItGoes,
} from '@lignum/core/setting-out/where-it-goes';
import { plantingWords } from '../words/crop-words';
import { BODY, long, SMALL, type On } from './on';

/** A direction in words. @example "north-west, towards the Yard wall" */
const way = ({ wind, what }: Towards): string => (what === null ? wind : `${wind}, towards ${the(what)}`);
/** A thing by its name, which may have its article already. */
const the = (name: string): string => (name.startsWith('the ') ? name : `“${name}”`);

const PATCH = { wide: 380, high: 300 };
/** A tape so short on paper has its figure beside it. */
const SHORT_PX = 24;

/** Where it goes: the place of two of its feet from what stands there, which way it faces, what grows where; with a piece of the plot. */
export function where(on: On): Block[] {
  const { computed, plan, wide } = on;
  const place = whereItGoes(plan, computed);
  if (place.covers.length === 0) return [];
  const column = wide - PATCH.wide - 24;
  const x = MARGIN_PX + PATCH.wide + 24;
  const says = (said: string, o: { soft?: true } = {}): Block =>
    paragraph(said, { size: BODY, widthPx: column, x, after: 5, ...(o.soft ? { tint: 'soft' } : {}) });
  const piece = patchAround(plan, place);
  const key = piece.shown.map(({ name }) => name);
  const feet = place.found.filter(({ offsets }) => offsets.length > 0);
  return [
    heading('Where it goes', wide),
    together([
      beside([
        { blocks: [patch(on, place, piece)] },
        {
          blocks: [
            ...(place.front && place.start
              ? [says(`Its front faces ${way(place.front)}. Its marks begin at the end to the ${way(place.start)}.`)]
              : [says('Its marks run from corner 1 to 2 and on; the garden lies on the left of who goes so.')]),
            ...(place.between ? [says(betweenWords(place.between))] : []),
            ...feet.map((foot) => says(footWords(on, foot))),
            ...(place.hinged
              ? [says(`Its hinges are on the side to the ${way(place.hinged)}; it opens on the other.`)]
              : []),
            ...(place.door ? [says(doorWords(place.door))] : []),
            ...growsWords(on, place).map((said) => says(said)),
            says('Find these places with the tape, then go by the marks of the structure alone.', { soft: true }),
            ...(key.length > 0 ? [says(key.map((name, i) => `${i + 1} ${name}`).join(' · '), { soft: true })] : []),
          ],
        },
      ]),
      gap(6),
    ]),
  ];
}

const doorWords = ({ side, swings }: NonNullable<WhereItGoes['door']>): string =>
  side
    ? `The door is in the side to the ${way(side)}; it swings ${side.wind === swings.wind ? 'outward' : 'inward'}.`
    : `It swings to the ${way(swings)}: nothing may stand there.`;

const SPOTS: Record<Exclude<Found['is'], object>, string> = {
  start: 'Its first foot, middle',
  end: 'Its last foot, middle',
  middle: 'Its middle',
  'wall start': 'Where it begins on the wall',
  'wall end': 'Where it ends on the wall',
  'first middle': 'The middle of the first',
  'last middle': 'The middle of the last',
};

/** Where a foot is found, in a sentence. */
export function footWords(on: Pick<On, 'tongue'>, { is, offsets }: Found): string {
  const far = ({ mm, from, outside }: Offset): string =>
    mm < FLUSH_MM ? 'flush with' : `${long(on, mm)}${from === null ? '' : outside ? ' out' : ' in'} from`;
  const side = ({ from, side: wind }: Offset): string =>
    from === null ? `the ${wind} boundary` : `the ${wind} side of ${the(from)}`;
  const [a, b] = offsets;
  const place =
    a && b && a.from === b.from && a.from !== null
      ? `${far(a)} the ${a.side} and ${far(b)} the ${b.side} side of ${the(a.from)}`
      : offsets.map((one) => `${far(one)} ${side(one)}`).join(' and ');
  return `${typeof is === 'string' ? SPOTS[is] : `Corner ${is.corner}`}: ${place}.`;
}
/** Nobody measures less. mm. */
const FLUSH_MM = 1.5;

const betweenWords = ({ host, posts }: NonNullable<WhereItGoes['between']>): string =>
  posts.length === 2
    ? `It hangs in ${the(host)}, between its posts ${posts.join(' and ')}.`
    : `It hangs in ${the(host)}.`;

function growsWords({ plan }: On, { grows, beds }: WhereItGoes): string[] {
  return grows.flatMap(({ planting, bed, side }) => {
    const one = plan.plantings.find(({ id }) => id === planting);
    if (!one || (side === null && beds.length < 2)) return [];
    const where = [...(beds.length > 1 && bed ? [`in ${the(bed)}`] : []), ...(side ? [`to the ${side.wind}`] : [])];
    return [`${plantingWords(one, plan.crops)}: ${where.join(', ')}.`];
  });
}

/** The piece of the plot about it, with what lies there by number, its zero, its front, north and the tapes. */
function patch(on: On, place: WhereItGoes, { box, shown, arrow: front }: Patch): Block {
  const { plan, tongue } = on;
  const lying = lyingOn(plan);
  const view = drawPatch(box, {
    features: lying.filter(({ is }) => is === 'feature').map(({ outline }) => outline),
    beds: lying.filter(({ is }) => is === 'bed').map(({ outline }) => outline),
    built: place.covers,
  });
  const scaled = atScale(view, { widthPx: PATCH.wide, heightPx: PATCH.high, units: tongue.units });
  const { scale, originPx } = scaled.paper.frame;
  return {
    heightPx: scaled.paper.heightPx + 24,
    at: (y): PageMark[] => {
      const put = ([right, up]: PlanSpot): readonly [number, number] => [
        MARGIN_PX + originPx[0] + right * scale,
        y + 18 + originPx[1] - up * scale,
      ];
      const words = (at: readonly [number, number], said: string, o: { bold?: true } = {}): PageMark => {
        const half = typeWidth(said, SMALL, o.bold ? 'bold' : 'regular') / 2;
        const middle = Math.min(Math.max(at[0], MARGIN_PX + half), MARGIN_PX + PATCH.wide - half);
        return text(middle, at[1], said, SMALL, {
          anchor: 'middle',
          ...(o.bold ? { weight: 'bold' } : { tint: 'soft' }),
        });
      };
      const [tail, tip] = front.map(put) as [Px, Px];
      return [
        text(MARGIN_PX, y + 12, `From above: ${scaled.said}`, BODY, { weight: 'bold' }),
        { put: 'drawing', x: MARGIN_PX, y: y + 18, paper: scaled.paper, fine: 0.7 },
        ...shown.map(({ at }, i) => words(below(put(at), 4), String(i + 1), { bold: true })),
        ...place.found.flatMap(({ at, offsets }) =>
          offsets
            .filter(({ mm }) => mm >= FLUSH_MM)
            .flatMap((one): PageMark[] => {
              const [a, b] = [put(at), put(one.at)];
              // Beside an upright tape, over a level one, or on its left where that is short: two do not write over each other.
              const upright = Math.abs(a[1] - b[1]) > Math.abs(a[0] - b[0]);
              const short = !upright && Math.abs(a[0] - b[0]) < SHORT_PX;
              const [x, dy] = upright
                ? [Math.max(a[0], b[0]) + 4, 4]
                : short
                  ? [Math.min(a[0], b[0]) - 4, 4]
                  : [(a[0] + b[0]) / 2, -4];
              return [
                { put: 'line', from: a, to: b, widthPx: 0.9, tint: 'care' },
                text(x, (a[1] + b[1]) / 2 + dy, long(on, one.mm), SMALL, {
                  tint: 'care',
                  anchor: upright ? 'start' : short ? 'end' : 'middle',
                }),
              ];
            }),
        ),
        ...place.found.flatMap(({ at, is }) => {
          const said = typeof is === 'object' ? String(is.corner) : is === 'start' ? is : '';
          return [dot(put(at)), ...(said ? [words(below(put(at)), said, { bold: true })] : [])];
        }),
        ...(place.front ? [...arrow(tail, tip), words(below(tip), 'front', { bold: true })] : []),
        ...north(plan.site.northDeg, [
          MARGIN_PX + Math.min(PATCH.wide - 16, originPx[0] + box.right * scale + 24),
          y + 38,
        ]),
      ];
    },
  };
}

type Px = readonly [number, number];
const below = ([px, py]: Px, by = 14): Px => [px, py + by];
const dot = ([px, py]: Px): PageMark => ({
  put: 'box',
  x: px - 2.5,
  y: py - 2.5,
  widthPx: 5,
  heightPx: 5,
  fill: 'care',
  stroke: 'care',
});

function arrow(from: Px, to: Px): PageMark[] {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const [ux, uy] = [(to[0] - from[0]) / long, (to[1] - from[1]) / long];
  const barb = (turn: number): Px => [to[0] - 7 * ux + turn * 4 * uy, to[1] - 7 * uy - turn * 4 * ux];
  return [from, barb(1), barb(-1)].map((end): PageMark => ({
    put: 'line',
    from: to,
    to: end,
    widthPx: 1.4,
    tint: 'ink',
  }));
}

/** The arrow that points north, about a place on the page. */
export function north(northDeg: number, [cx, cy]: Px): PageMark[] {
  const turn = (-northDeg * Math.PI) / 180;
  const [dx, dy] = [14 * Math.sin(turn), -14 * Math.cos(turn)];
  return [
    ...arrow([cx - dx, cy - dy], [cx + dx, cy + dy]),
    text(cx + 1.6 * dx, cy + 1.6 * dy + 4, 'N', SMALL, { anchor: 'middle', weight: 'bold' }),
  ];
}
