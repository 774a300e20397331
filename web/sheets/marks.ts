import { partNumbers } from '@lignum/core/materials/part-numbers';
import { cropIn } from '@lignum/core/crops/book';
import { beside, columnFor, gap, heading, paragraph, rows, together, type Column } from '@lignum/core/paper/blocks';
import { MARGIN_PX, type Block, type PageMark } from '@lignum/core/paper/page';
import { ringOf } from '@lignum/core/setting-out/ring';
import { spanOf, type Rod } from '@lignum/core/setting-out/rod';
import { rodsToMark } from '@lignum/core/setting-out/rods';
import { hasFaces, levelWords, metAlong, rodTitle, rodZero } from './mark-words';
import { type On, BODY, SMALL, long, whole } from './on';

/** Everything measured along something, as running figures beside a rod drawn to scale. */
export function marks(on: On): Block[] {
  const { computed, wide, plan } = on;
  const rods = rodsToMark(computed.sized.design);
  const ring = ringOf(computed.sized.design);
  if (rods.length === 0 && !ring) return [];
  const cropName = (id: string): string => cropIn(plan.crops, id).name;
  const level = levelWords(rods, on.tongue.units);
  return [
    heading('Marks', wide),
    paragraph('Running figures: hook the tape once on the zero and mark them all before you move it.', {
      size: SMALL,
      widthPx: wide,
      tint: 'soft',
      leads: true,
      after: 4,
    }),
    ...(level ? [paragraph(level, { size: BODY, widthPx: wide, leads: true, after: 4 })] : []),
    ...(ring ? ringBlocks(on, ring) : []),
    ...rods.flatMap((rod) => rodBlocks(on, rod, cropName)),
  ];
}

function ringBlocks(on: On, ring: NonNullable<ReturnType<typeof ringOf>>): Block[] {
  const { wide } = on;
  return [
    paragraph('Ring: poles from above, clockwise', { size: BODY, weight: 'bold', widthPx: wide, leads: true }),
    paragraph(
      `Zero: pole 1${ring.doorMm === null ? '' : `, left of the door as you look out of it; the door is ${long(on, ring.doorMm)} between poles ${ring.poles.length} and 1`}. A chord is measured straight from foot to foot.`,
      { size: SMALL, widthPx: wide, tint: 'soft', leads: true, after: 2 },
    ),
    together(
      rows(
        [
          ['', 'from the middle', 'chord from the one before', 'chord from pole 1', 'turned from pole 1'],
          ...ring.poles.map((pole) => [
            `Pole ${pole.no}`,
            long(on, pole.radiusMm),
            pole.no === 1 ? '–' : long(on, pole.chordMm),
            pole.no === 1 ? '–' : long(on, pole.fromFirstMm),
            `${Math.round(pole.turnDeg)}°`,
          ]),
        ],
        [
          { widthPx: 90, weight: 'bold' },
          { widthPx: 140, anchor: 'end' },
          { widthPx: 180, anchor: 'end' },
          { widthPx: 140, anchor: 'end' },
          { widthPx: 130, anchor: 'end' },
        ],
        BODY,
      ),
    ),
    ...(ring.plants
      ? [
          paragraph(
            `Plants: ${ring.plants.count}, on a ring ${long(on, ring.plants.radiusMm)} from the middle, at each pole and between, ${long(on, ring.plants.apartMm)} and more apart; none in the door.`,
            { size: BODY, widthPx: wide, after: 2 },
          ),
        ]
      : []),
    gap(8),
  ];
}

const ROD_HIGH = 9;

function rodBlocks(on: On, rod: Rod, cropName: (id: string) => string): Block[] {
  const { computed, wide, tongue } = on;
  const numbers = partNumbers(computed);
  const no = rod.kind === 'timber' || rod.kind === 'heights' ? numbers.get(rod.parts[0] ?? '') : undefined;
  const met = metAlong(computed.kind, rod, cropName);
  const [least, most] = spanOf(rod);
  const x = (mm: number): number => MARGIN_PX + ((mm - least) / (most - least)) * wide;
  const rodBlock: Block = {
    heightPx: ROD_HIGH + 10,
    leads: true,
    at: (y) => [
      {
        put: 'box',
        x: x(least),
        y: y + 3,
        widthPx: Math.max(1, x(most) - x(least)),
        heightPx: ROD_HIGH,
        fill: rod.kind === 'timber' || rod.kind === 'heights' || rod.kind === 'run' ? 'timber' : null,
        stroke: 'ink',
      },
      ...met.flatMap(({ fromMm, atMm, toMm }): PageMark[] => {
        const [a, b] = [fromMm ?? atMm ?? 0, toMm ?? atMm ?? 0];
        return fromMm !== null || toMm !== null
          ? [
              {
                put: 'box',
                x: x(a),
                y: y + 3,
                widthPx: Math.max(1.2, x(b) - x(a)),
                heightPx: ROD_HIGH,
                fill: 'chalk',
                stroke: null,
              },
            ]
          : [{ put: 'line', from: [x(a), y], to: [x(a), y + ROD_HIGH + 6], widthPx: 1, tint: 'chalk' }];
      }),
    ],
  };
  const faces = hasFaces(met);
  const figure = (mm: number | null): string => (mm === null ? '' : long(on, mm));
  const cells = met.map((one) =>
    faces ? [one.what, figure(one.fromMm), figure(one.atMm), figure(one.toMm)] : [one.what, figure(one.atMm)],
  );
  // Long lists stand in columns beside each other.
  const across = cells.length > 6 ? (faces ? 2 : 3) : 1;
  const per = Math.ceil(cells.length / across);
  const wideEach = across > 1 ? (wide - (across - 1) * 16) / across : Math.min(wide, 430);
  const header = faces ? [['', 'from', 'middle', 'to']] : [];
  // Figures take what they need, words the rest.
  const shown = [...header, ...cells];
  const figures = (shown[0] ?? []).slice(1).map((_, i) =>
    columnFor(
      shown.map((row) => row[i + 1] ?? ''),
      SMALL,
      'bold',
    ),
  );
  const left = wideEach - figures.reduce((sum, one) => sum + one, 0);
  const columns: Column[] = [
    { widthPx: faces ? left : Math.min(220, left) },
    ...figures.map((widthPx, i): Column => ({
      widthPx,
      anchor: 'end',
      ...(faces && i !== 1 ? {} : { weight: 'bold' as const }),
    })),
  ];
  const table = Array.from({ length: across }, (_, n) =>
    rows([...header, ...cells.slice(n * per, (n + 1) * per)], columns, SMALL, MARGIN_PX + n * (wideEach + 16)),
  );
  const lines = Math.max(...table.map((one) => one.length));
  return [
    paragraph(`${no === undefined ? '' : `${no} · `}${rodTitle(computed.kind, rod, tongue.units)}`, {
      size: BODY,
      weight: 'bold',
      widthPx: wide,
      leads: true,
    }),
    paragraph(rodZero(computed.kind, rod, tongue.units), { size: SMALL, tint: 'soft', widthPx: wide, leads: true }),
    rodBlock,
    ...whole(
      Array.from({ length: lines }, (_, i): Block =>
        beside(table.map((column) => ({ blocks: column.slice(i, i + 1) }))),
      ),
    ),
    gap(9),
  ];
}
