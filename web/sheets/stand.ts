import { heading, paragraph, rows } from '@lignum/core/paper/blocks';
import type { Block } from '@lignum/core/paper/page';
import { formatSpeed } from '@lignum/core/quantity/measure';
import { windSumOf } from '@lignum/core/structures/rules/gust';
import { standOf } from '@lignum/core/withstand/stand-of';
import type { NotReckoned } from '@lignum/core/withstand/asked';
import type { Withstood } from '@lignum/core/withstand/withstand';
import {
  BESIDES,
  besidesWords,
  dayWords,
  FORMULAS,
  HAPPENS,
  fromWords,
  hardestTold,
  LEFT_OUT,
  NO_ENGINEER,
  NOT_RECKONED,
  shareWords,
  STAND_WORDS,
  sumWords,
  windLines,
  WORSE,
} from '../words/stand-words';
import { BODY, SMALL, type On } from './on';

/** Bold words come out a little wider than they are measured. Pixels. */
const BOLD_SPARE_PX = 24;
/** So many of what works hardest are told on paper. */
const TOLD = 8;

/** The sum of its strength on a page of its own, for a second reader: where the gust comes from, what acts and what may in each of what works hardest, by whose formula, and what would make it worse. */
export function standSum(on: On, stood: Withstood | NotReckoned): Block[] {
  const { computed, tongue, wide } = on;
  const { locale, units } = tongue;
  const said = (text: string, o: { bold?: true; soft?: true; after?: number } = {}): Block =>
    paragraph(text, {
      size: o.soft ? SMALL : BODY,
      widthPx: wide - (o.bold ? BOLD_SPARE_PX : 0),
      after: o.after ?? 4,
      ...(o.bold ? { weight: 'bold' as const } : {}),
      ...(o.soft ? { tint: 'soft' as const } : {}),
    });
  const first = heading('Will it stand? The sum', wide, { first: true });
  if (typeof stood === 'string') return [first, said(NOT_RECKONED[stood])];
  const { worst } = stood;
  const wind = windLines(windSumOf(computed.setting, worst.day, worst.gustMs), false, tongue);
  const hardest = hardestTold(computed, stood.uses, units, TOLD);
  return [
    first,
    said(
      `${STAND_WORDS[standOf(worst.share)]}: about ${dayWords(worst.day, locale)}, in a gust of ${formatSpeed(worst.gustMs, units, locale)} such as comes once in ten years, its hardest working part uses ${shareWords(worst.share, locale)} of what it may.`,
      { bold: true, after: 8 },
    ),
    said('The gust', { bold: true, after: 2 }),
    ...rows(
      wind.map(({ what, by, is, source }) => [source ? `${what} (${source})` : what, by, is]),
      [{ widthPx: wide - 160 }, { widthPx: 60, anchor: 'end' }, { widthPx: 100, anchor: 'end', weight: 'bold' }],
      SMALL,
    ),
    said('', { after: 6 }),
    said('What works hardest', { bold: true, after: 2 }),
    ...rows(
      hardest.map(({ words, use }) => {
        const { has, may } = sumWords(use, tongue);
        return [words, fromWords(use, tongue), `${has} of ${may}`, shareWords(use.share, locale)];
      }),
      [
        { widthPx: wide * 0.3 },
        { widthPx: wide * 0.4 },
        { widthPx: wide * 0.2, anchor: 'end' },
        { widthPx: wide * 0.1, anchor: 'end', weight: 'bold' },
      ],
      SMALL,
    ),
    said('', { after: 6 }),
    ...(stood.besides.length === 0
      ? []
      : [
          said('Besides the wind', { bold: true, after: 2 }),
          ...rows(
            stood.besides.map((one) => [
              BESIDES[one.by],
              besidesWords(one, tongue),
              `${STAND_WORDS[standOf(one.share)].toLowerCase()}, ${shareWords(one.share, locale)}`,
            ]),
            [
              { widthPx: wide * 0.25 },
              { widthPx: wide * 0.5 },
              { widthPx: wide * 0.25, anchor: 'end', weight: 'bold' },
            ],
            SMALL,
          ),
          said('', { after: 6 }),
        ]),
    said('How each is worked out', { bold: true, after: 2 }),
    ...rows(
      [...new Set(hardest.map(({ use }) => use.by))].map((by) => [
        `What ${HAPPENS[by]}`,
        FORMULAS[by].sum,
        FORMULAS[by].source,
      ]),
      [{ widthPx: wide * 0.14, weight: 'bold' }, { widthPx: wide * 0.4 }, { widthPx: wide * 0.46, tint: 'soft' }],
      SMALL,
    ),
    said('', { after: 6 }),
    said('If something is worse than planned', { bold: true, after: 2 }),
    ...rows(
      stood.band.map(({ worse, share }) => [
        WORSE[worse],
        `${STAND_WORDS[standOf(share)].toLowerCase()}, ${shareWords(share, locale)}`,
      ]),
      [{ widthPx: wide * 0.5 }, { widthPx: wide * 0.5, anchor: 'end' }],
      SMALL,
    ),
    said('', { after: 4 }),
    said(LEFT_OUT, { soft: true }),
    said(NO_ENGINEER, { soft: true }),
  ];
}
