import { cropIn } from '@lignum/core/crops/book';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { spanOf } from '@lignum/core/setting-out/rod';
import { rodsToMark } from '@lignum/core/setting-out/rods';
import { squareOf } from '@lignum/core/setting-out/square';
import { whereItGoes } from '@lignum/core/setting-out/where-it-goes';
import { TAPES, tapeReadsOver } from '@lignum/core/statics/tape';
import type { Tongue } from '@lignum/core/wording/say';
import { levelWords, metAlong, rodTitle, rodZero } from '../../sheets/mark-words';
import { footWords } from '../../sheets/where';

/** One thing that is measured, on a screen of its own. */
export interface Said {
  what: string;
  figures: readonly { label: string; says: string; mm: number | null }[];
  more: string | null;
  /** How far along what it is marked on; null of what is on nothing. */
  share: number | null;
}

/** What is measured one after another from one zero. */
export interface Chapter {
  title: string;
  zero: string | null;
  steps: readonly Said[];
}

/** By hand a tape is pulled about so hard (from memory). N. */
const HAND_N = 30;

/** All that is measured to set a structure out, in the order in which it is done: where it goes, square, along the ground, heights; then what is marked on timbers. */
export function chaptersOf(plan: Plan, computed: ComputedStructure, tongue: Tongue): Chapter[] {
  const { design } = computed.sized;
  const { units } = tongue;
  const figure = (label: string, mm: number) => ({ label, says: formatLength(mm, units), mm });
  const rods = rodsToMark(design);
  const feet = whereItGoes(plan, computed).found.filter(({ offsets }) => offsets.length > 0);
  const longest = Math.max(0, ...rods.map(({ lengthMm }) => lengthMm));
  const square = squareOf(design, units);
  const level = levelWords(rods, units);
  const order = ['posts', 'heights', 'run', 'plants', 'timber'] as const;
  return [
    ...(feet.length > 0
      ? [
          {
            title: 'Where it goes',
            zero: 'From what stands there. Hold the tape square to it.',
            steps: feet.map((foot): Said => {
              const said = footWords({ tongue }, foot);
              return {
                what: said.split(':')[0] ?? said,
                figures: foot.offsets.map(({ mm, from, side }) =>
                  figure(from === null ? `from the ${side} boundary` : `from the ${side} side of ${from}`, mm),
                ),
                more: said,
                share: null,
              };
            }),
          },
        ]
      : []),
    ...(square
      ? [
          {
            title: 'Square',
            zero: 'Strings on batter boards past the corners: the boards a good way out, their tops level.',
            steps: [
              {
                what: 'From a corner: mark three on one string, four on the other, until five lies between the marks',
                figures: [
                  figure('along', square.triangle.alongMm),
                  figure('across', square.triangle.acrossMm),
                  figure('between', square.triangle.slantMm),
                ],
                more: null,
                share: null,
              },
              {
                what: 'Both diagonals, middle to middle, are alike when it is square',
                figures: [figure('each diagonal', square.diagonalMm)],
                more: `${formatLength(square.longMm, units)} along, ${formatLength(square.wideMm, units)} across. Half of what they differ is shifted.`,
                share: null,
              },
            ],
          },
        ]
      : []),
    ...rods
      .toSorted((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind))
      .map((rod): Chapter => {
        const [least, most] = spanOf(rod);
        const share = (mm: number): number => (most > least ? (mm - least) / (most - least) : 0);
        return {
          title: rodTitle(computed.kind, rod, units),
          zero: [rodZero(computed.kind, rod, units), ...(rod.kind === 'posts' && level ? [level] : [])].join(' '),
          steps: metAlong(computed.kind, rod, (crop) => cropIn(plan.crops, crop).name).map((one): Said => ({
            what: one.what,
            figures: [
              ...(one.fromMm === null ? [] : [figure('from', one.fromMm)]),
              ...(one.atMm === null ? [] : [figure(one.fromMm === null ? '' : 'middle', one.atMm)]),
              ...(one.toMm === null ? [] : [figure('to', one.toMm)]),
            ],
            more: null,
            share: share(one.atMm ?? one.fromMm ?? one.toMm ?? 0),
          })),
        };
      }),
    ...(longest > LONG_MM ? [aboutTheTape(longest, units)] : []),
  ];
}

/** From here on a tape that hangs is worth a word (from memory). mm. */
const LONG_MM = 3000;

/** How much a tape is out over the longest that is measured, pulled by hand. */
function aboutTheTape(mm: number, units: Tongue['units']): Chapter {
  const figure = (of: string, tape: keyof typeof TAPES) => {
    const over = tapeReadsOver(TAPES[tape], mm, HAND_N);
    const out = Math.abs(over);
    const says = formatLength(out, units);
    const wrong = says === formatLength(0, units) ? 'right' : `too ${over > 0 ? 'much' : 'little'} by`;
    return { label: `${of}, reads ${wrong}`, says, mm: out };
  };
  return {
    title: 'The tape itself',
    zero: `Over ${formatLength(mm, units)}, held free and pulled by hand (${HAND_N} N): how far it is out.`,
    steps: [
      {
        what: 'So much does a tape read wrong',
        figures: [figure('steel', 'steel'), figure('cloth or glass fibre', 'fibreglass')],
        more: 'Lay it on the ground and it does not sag. Take one tape for everything: two do not agree.',
        share: null,
      },
    ],
  };
}
