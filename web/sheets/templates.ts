import { partNumbers } from '@lignum/core/materials/part-numbers';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { tilesOf } from '@lignum/core/drawing/template-views';
import { columnFor, heading, paragraph, rows } from '@lignum/core/paper/blocks';
import { FOOT_PX, MARGIN_PX, SIZES, text, type Block, type PageMark, type PaperSize } from '@lignum/core/paper/page';
import { templatesOf, type Template } from '@lignum/core/design/templates';
import { BODY, long, ranges, SMALL, whole, type On } from './on';

const PX_PER_MM = 96 / 25.4;
/** Over the drawing on its page: heading, what is said, the bar that is checked with a rule. Pixels. */
const OVER_PX = 150;

/** The shapes that ends of boards are sawn to: measures for who has no printer, and each at full size on as many pages as it takes. */
export function templates(on: On, size: PaperSize): Block[] {
  const all = templatesOf(on.computed.sized.design);
  return all.flatMap((template, i) => [...measured(on, template, i === 0), ...fullSize(on, template, size)]);
}

const nameOf = (template: Template): string => `${template.name.charAt(0).toUpperCase()}${template.name.slice(1)}`;

function measured(on: On, template: Template, first: boolean): Block[] {
  const { computed, wide } = on;
  const numbers = partNumbers(computed);
  const pieces = ranges(template.parts.flatMap((id) => numbers.get(id) ?? []));
  const cells = template.offsets.map((one) => [
    one.atMm === 0 ? 'at the tip' : long(on, one.atMm),
    long(on, one.lowMm),
    long(on, one.highMm - one.lowMm),
  ]);
  const columns = [0, 1, 2].map((n) => ({
    widthPx: Math.max(
      110,
      columnFor(
        cells.map((row) => row[n] ?? ''),
        BODY,
        'bold',
      ),
    ),
    ...(n > 0 ? { weight: 'bold' as const } : {}),
  }));
  return [
    heading(`Template: ${template.name}`, wide, first ? { first: true } : {}),
    paragraph(
      `${template.ends} ${template.whole ? (template.ends === 1 ? 'piece' : 'pieces') : template.ends === 1 ? 'end' : 'ends'} of ${CATALOGUE.stock(template.stock).name}, piece ${pieces}. Saw one, try it, and mark the others from it. Without the printed shape: measure from the tip along the lower edge of the uncut board, and join the points in one sweep.`,
      { size: SMALL, widthPx: wide, tint: 'soft', leads: true, after: 4 },
    ),
    ...whole(rows([['along the board', 'up from its lower edge', 'wood left there'], ...cells], columns, BODY)),
  ];
}

/** The length that is checked with a rule before anything is cut out: 4″ or 100 mm. */
const checkMm = (on: On): number => (on.tongue.units === 'imperial' ? 101.6 : 100);

function fullSize(on: On, template: Template, size: PaperSize): Block[] {
  const { widthPx, heightPx } = SIZES[size];
  const room = {
    wideMm: (widthPx - 2 * MARGIN_PX) / PX_PER_MM - 14,
    highMm: (heightPx - 2 * MARGIN_PX - FOOT_PX - OVER_PX) / PX_PER_MM - 14,
  };
  const tiles = tilesOf(template, room, checkMm(on));
  return tiles.map(({ view, across }, n): Block => {
    const paper = setOnPaper(view, {
      widthPx: widthPx - 2 * MARGIN_PX,
      heightPx: heightPx - 2 * MARGIN_PX,
      units: on.tongue.units,
      scale: PX_PER_MM,
    });
    const told =
      tiles.length === 1
        ? 'Full size. Cut it out along the full line; the dashes are the board.'
        : `Full size, sheet ${n + 1} of ${tiles.length}${across > 0 ? ': lay its crosses on those of the sheet before' : ''}. Tape the sheets together before they are cut out.`;
    const bar = checkMm(on) * PX_PER_MM;
    return {
      first: true,
      heightPx: OVER_PX + paper.heightPx,
      at: (y): PageMark[] => [
        text(MARGIN_PX, y + 22, nameOf(template), 16, { weight: 'bold' }),
        text(MARGIN_PX, y + 42, told, BODY),
        text(MARGIN_PX, y + 60, 'Print at 100 %, not fitted to the page. This bar has to measure:', BODY, {
          tint: 'soft',
        }),
        { put: 'line', from: [MARGIN_PX, y + 84], to: [MARGIN_PX + bar, y + 84], widthPx: 1.4, tint: 'ink' },
        { put: 'line', from: [MARGIN_PX, y + 77], to: [MARGIN_PX, y + 91], widthPx: 1.4, tint: 'ink' },
        { put: 'line', from: [MARGIN_PX + bar, y + 77], to: [MARGIN_PX + bar, y + 91], widthPx: 1.4, tint: 'ink' },
        text(MARGIN_PX + bar + 12, y + 88, long(on, checkMm(on)), BODY, { weight: 'bold' }),
        { put: 'drawing', x: MARGIN_PX, y: y + OVER_PX - 40, paper, fine: 1 },
      ],
    };
  });
}
