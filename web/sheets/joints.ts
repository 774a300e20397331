import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { setOf } from '@lignum/core/catalogue/how-set';
import { closeUps } from '@lignum/core/drawing/close-ups';
import { knotViews } from '@lignum/core/drawing/knot-views';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { beside, gap, heading, paragraph, together } from '@lignum/core/paper/blocks';
import type { KnotId } from '@lignum/core/joinery/knots';
import { MARGIN_PX, type Block, type PageMark } from '@lignum/core/paper/page';
import { formatBit } from '@lignum/core/quantity/length';
import { wordFor } from '../words/stock-words';
import { whereHeld } from '../words/where-held';
import { type On, SMALL, long } from './on';

/** Each kind of joint, drawn large, with what holds it and how that is set. */
export function joints(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { kind } = computed;
  const all = closeUps(computed.sized.design);
  if (all.length === 0) return [];
  return [
    heading('Joints', wide),
    paragraph('A red dot is the head of a screw or a nail, a dashed line its shank in the wood, as long as it is.', {
      size: SMALL,
      widthPx: wide,
      tint: 'soft',
      leads: true,
      after: 3,
    }),
    ...all.flatMap((one) => {
      const drawn = one.views.map((view) => setOnPaper(view, { widthPx: 205, heightPx: 240, units: tongue.units }));
      const left = MARGIN_PX + drawn.length * 210;
      const textWide = wide - drawn.length * 210;
      const said = one.fixings.flatMap((held) => {
        const pilot = held.pilotMm === null ? '' : `; pilot hole ${formatBit(held.pilotMm, tongue.units)}`;
        return [
          paragraph(
            `${held.count} × ${CATALOGUE.stock(held.stock).name}${held.eachMm ? `, ${long(on, held.eachMm)}` : ''}${whereHeld(kind, held)}${pilot}`,
            { size: SMALL, widthPx: textWide, x: left, weight: 'bold' },
          ),
          paragraph(setOf(held), { size: SMALL, widthPx: textWide, x: left, tint: 'soft', after: 3 }),
        ];
      });
      const how = kind.names.joinery?.[one.kind];
      return [
        together([
          beside([
            {
              blocks: [
                {
                  heightPx: Math.max(0, ...drawn.map((paper) => paper.heightPx)) + 4,
                  at: (y) =>
                    drawn.map((paper, n): PageMark => ({ put: 'drawing', x: MARGIN_PX + n * 210, y, paper, fine: 1 })),
                },
              ],
            },
            {
              blocks: [
                paragraph(`${wordFor(kind, one.kind)}${one.count > 1 ? `, ${one.count} of them` : ''}`, {
                  size: 13,
                  weight: 'bold',
                  widthPx: textWide,
                  x: left,
                  after: 2,
                }),
                ...(how ? [paragraph(how, { size: SMALL, widthPx: textWide, x: left, after: 3 })] : []),
                ...said,
              ],
            },
          ]),
          ...(kind.names.knots?.[one.kind] ?? []).flatMap((knot) => knotBlocks(on, knot)),
          gap(6),
        ]),
      ];
    }),
  ];
}

const KNOT_WIDE = 170;

/** A knot in three pictures, what is done under each. */
function knotBlocks({ tongue }: On, knot: KnotId): Block[] {
  const views = knotViews(knot);
  const left = (n: number): number => MARGIN_PX + 110 + n * KNOT_WIDE;
  return [
    beside([
      { blocks: [gap(38), paragraph(upperFirst(knot), { size: SMALL, weight: 'bold', widthPx: 100 })] },
      ...views.map((view, n) => {
        const paper = setOnPaper(view, { widthPx: KNOT_WIDE - 14, heightPx: 112, units: tongue.units });
        return {
          blocks: [
            {
              heightPx: paper.heightPx,
              at: (y: number): PageMark[] => [{ put: 'drawing', x: left(n), y, paper, fine: 0.8 }],
            },
            paragraph(view.title, { size: SMALL, tint: 'soft', x: left(n), widthPx: KNOT_WIDE - 10 }),
          ],
        };
      }),
    ]),
    gap(4),
  ];
}

const upperFirst = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
