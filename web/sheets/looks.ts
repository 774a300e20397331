import { drawViews } from '@lignum/core/drawing/views';
import { paragraph } from '@lignum/core/paper/blocks';
import { MARGIN_PX, text, type Block, type PageMark } from '@lignum/core/paper/page';
import { atScale } from '@lignum/core/paper/scale';
import { typeWidth } from '@lignum/core/paper/type';
import { leftOut } from '../words/left-out';
import { say } from '@lignum/core/wording/say';
import { plantingWords } from '../words/crop-words';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { placeWords } from '../words/place-words';
import { type On, BODY, SMALL, amount, long } from './on';
import { growingIn } from '@lignum/core/plan/growing';

/** What it is, what it costs, what has to be settled first. */
export function head(on: On): Block[] {
  const { computed, plan, tongue, wide } = on;
  const { structure, kind, setting, cost, sized, verdicts } = computed;
  const growing = growingIn(plan)
    .filter((one) => structure.plantings.includes(one.id))
    .map((one) => plantingWords(one, plan.crops))
    .join('; ');
  const price = on.with ? '' : amount(on, cost.totalMinor);
  const urgent = verdicts.filter(({ level }) => level === 'fail' || level === 'warn');
  return [
    {
      heightPx: 36,
      leads: true,
      at: (y) => [
        text(MARGIN_PX, y + 25, structure.name, 26, { weight: 'bold' }),
        ...(price ? [text(MARGIN_PX + wide, y + 25, price, 20, { weight: 'bold', anchor: 'end' })] : []),
      ],
    },
    paragraph(
      `${kind.name} · ${plan.garden.name}, ${placeWords(setting.place, tongue)} · ${long(on, sized.design.builtMm)} long${growing ? ` · ${growing}` : ''}`,
      { size: BODY, widthPx: wide, tint: 'soft', leads: true, after: 2 },
    ),
    ...(on.with ? [paragraph(togetherWords(on, on.with), { size: BODY, widthPx: wide, after: 2 })] : []),
    paragraph(
      `${amount(on, cost.perSeasonMinor)} a season over the life of its parts. Sized by the rules of the trade; ${leftOut(verdicts)} is not reckoned here. For height, boundaries, snow and storm winds, local rules and licensed people decide.`,
      { size: SMALL, widthPx: wide, tint: 'soft', after: 4 },
    ),
    ...measuredWords(on).map((said) => paragraph(said, { size: BODY, widthPx: wide, after: 3 })),
    ...urgent.flatMap((verdict) => [
      paragraph(`To be settled first: ${say(verdict.told, {}, tongue)}`, {
        size: BODY,
        widthPx: wide,
        tint: 'care',
        weight: 'bold',
        after: 3,
      }),
    ]),
  ];
}

/** To which lengths it is sized as they were built, and what was meant; nothing where nothing was measured. */
function measuredWords(on: On): string[] {
  const { sized, kind } = on.computed;
  const measured = Object.entries(sized.knobs).flatMap(([name, { by, value, planned }]) =>
    by === 'measured'
      ? [`${kind.knobs[name]?.label} ${long(on, Number(value))} (planned ${long(on, planned ?? 0)})`]
      : [],
  );
  return measured.length > 0 ? [`Sized to what was measured: ${measured.join('; ')}.`] : [];
}

/** What the garden's one list makes of it, and why the two figures differ. */
function togetherWords(on: On, garden: SeenGarden): string {
  const alone = garden.structures.reduce((sum, one) => sum + one.cost.totalMinor, 0);
  return `Built alone it costs ${amount(on, on.computed.cost.totalMinor)}. It is bought and cut with the rest of the garden: all of it together costs ${amount(on, garden.cost.totalMinor)}, each of its ${garden.structures.length} alone ${amount(on, alone)}, for lengths and packs are shared.`;
}

/** Every view at the scale of a rule, with a bar to measure by; `drawn` is how large, as a share of the usual height. */
export function views(on: On, drawn: number): Block[] {
  const { computed, wide, tongue } = on;
  return drawViews(computed.sized.design, computed.around).map((view, i) => {
    const scaled = atScale(view, {
      widthPx: wide,
      heightPx: drawn * (i === 0 ? 470 : 310),
      units: tongue.units,
    });
    const said = `${view.title}: ${scaled.said}`;
    return {
      heightPx: scaled.paper.heightPx + 24,
      at: (y): PageMark[] => [
        text(MARGIN_PX, y + 15, said, BODY, { weight: 'bold' }),
        ...bar(MARGIN_PX + typeWidth(said, BODY, 'bold') + 14, y + 11, scaled.bar.px, long(on, scaled.bar.mm)),
        { put: 'drawing', x: MARGIN_PX, y: y + 20, paper: scaled.paper, fine: scaled.fine },
      ],
    };
  });
}

const bar = (x: number, y: number, px: number, said: string): PageMark[] => [
  { put: 'box', x, y, widthPx: px / 2, heightPx: 4, fill: 'ink', stroke: 'ink' },
  { put: 'box', x: x + px / 2, y, widthPx: px / 2, heightPx: 4, fill: null, stroke: 'ink' },
  text(x + px + 6, y + 5, said, SMALL, { tint: 'soft' }),
];
