import { partNumbers } from '@lignum/core/materials/part-numbers';
import { seasonOf, seasonPhrases } from '@lignum/core/plan/season';
import { stepPhrases, stepsOf } from '@lignum/core/plan/steps';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { jointsByStep } from '@lignum/core/building/tools';
import type { Joint } from '@lignum/core/design/design';
import { stepView } from '@lignum/core/drawing/step-views';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { beside, gap, heading, paragraph, together, rows } from '@lignum/core/paper/blocks';
import { MARGIN_PX, text, type Block } from '@lignum/core/paper/page';
import { formatMonthDay, say } from '@lignum/core/wording/say';
import { waitWords, wordFor } from '../words/stock-words';
import { BODY, ranges, SMALL, whole, type On } from './on';

const PICTURE = 168;

/** What joints are made with, counted: "With 8 × coated deck screw…". */
function smallParts(joints: readonly Joint[]): string[] {
  const count = new Map<string, number>();
  for (const { fixings } of joints)
    for (const one of fixings) count.set(one.stock, (count.get(one.stock) ?? 0) + one.count);
  return count.size === 0
    ? []
    : [`With ${[...count].map(([stock, n]) => `${n} × ${CATALOGUE.stock(stock).name}`).join(', ')}.`];
}

/** The steps in their order, each that adds something with a small picture of what is added. */
export function order(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { design } = computed.sized;
  const [steps, phrases] = [stepsOf(computed), stepPhrases(computed)];
  const numbers = partNumbers(computed);
  const roles = new Map(design.parts.map((part) => [part.id, part.role]));
  const stands = new Set<string>();
  const joined = jointsByStep(steps, design.joints);
  const blocks = steps.map((step, i): Block => {
    const adds = step.adds ?? [];
    const picture =
      adds.length > 0
        ? setOnPaper(stepView(design, adds, new Set(stands)), { widthPx: PICTURE, heightPx: 104, units: tongue.units })
        : null;
    for (const id of adds) stands.add(id);
    const comes = [...new Set(adds.map((id) => roles.get(id) ?? ''))]
      .map((role) => {
        const ids = adds.filter((id) => roles.get(id) === role);
        const which = ranges(ids.flatMap((id) => numbers.get(id) ?? []));
        return `${ids.length} × ${wordFor(computed.kind, role).toLowerCase()}${which ? ` (${which})` : ''}`;
      })
      .join(', ');
    const left = MARGIN_PX + PICTURE + 38;
    const textWide = wide - PICTURE - 38;
    const aside = [
      ...(step.people > 1 ? [`${step.people} people.`] : []),
      ...(step.waitHours === undefined ? [] : [`Then wait ${waitWords(step.waitHours)}.`]),
      ...(comes ? [`Adds ${comes}.`] : []),
      ...smallParts(joined[i] ?? []),
    ].join(' ');
    return together([
      beside([
        { blocks: [{ heightPx: 22, at: (y) => [text(MARGIN_PX, y + 15, String(i + 1), 15, { weight: 'bold' })] }] },
        {
          blocks: picture
            ? [
                {
                  heightPx: picture.heightPx,
                  at: (y) => [{ put: 'drawing', x: MARGIN_PX + 26, y, paper: picture, fine: 0.55 }],
                },
              ]
            : [],
        },
        {
          blocks: [
            gap(3),
            paragraph(say(step.what, phrases, tongue), {
              size: BODY,
              widthPx: textWide,
              x: left,
              after: 2,
            }),
            ...(aside ? [paragraph(aside, { size: SMALL, tint: 'soft', widthPx: textWide, x: left, after: 2 })] : []),
            ...(step.caution
              ? [
                  paragraph(`Care: ${say(step.caution, phrases, tongue)}`, {
                    size: SMALL,
                    tint: 'care',
                    widthPx: textWide,
                    x: left,
                    after: 2,
                  }),
                ]
              : []),
          ],
        },
      ]),
      gap(5),
    ]);
  });
  return [heading('In this order', wide), ...blocks];
}

/** What is done through the season. */
export function seasons(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const season = seasonOf(computed);
  if (season.length === 0) return [];
  return [
    heading('Through the season', wide),
    ...whole(
      rows(
        season.map((note) => [
          note.on ? `about ${formatMonthDay(note.on, tongue.locale)}` : '',
          say(note.what, seasonPhrases(computed), tongue),
        ]),
        [{ widthPx: 110, weight: 'bold' }, { widthPx: wide - 110 }],
        BODY,
      ),
    ),
  ];
}
