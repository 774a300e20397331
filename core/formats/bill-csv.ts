import { stringify } from 'csv-stringify/sync';
import { CATALOGUE } from '../catalogue/catalogue';
import type { EndCut } from '../design/end-cut';
import { computeGarden } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { formatLength, type Units } from '../quantity/length';
import { money, plainMoney } from '../quantity/money';
import { sayEnd } from '../design/end-cuts';
import { say } from '../wording/say';

const endText = (ends: readonly [EndCut, EndCut] | null): string =>
  ends?.map((end) => sayEnd(end, 'metric')).join(' / ') ?? '';

export const BILL_COLUMNS = [
  'record',
  'structure',
  'what',
  'item',
  'count',
  'length mm',
  'length',
  'litres',
  'ends',
  'each',
  'cost',
  'currency',
  'why',
  'shop',
] as const;

/**
 * The bill as CSV: a "part" record for every bill line, then a "buy" record for every purchase, then
 * "tax" and "total". One structure, or the garden bought together. Money in major units with a point;
 * `units` say lengths as they are written, beside the column of millimetres.
 */
export function billCsv(plan: Plan, units: Units, structureId?: string): string {
  const { currency, locale } = plan.garden;
  const garden = computeGarden(plan);
  const chosen = garden.structures.filter((one) => !structureId || one.structure.id === structureId);
  const alone = structureId ? chosen[0] : undefined;
  const { shopping, cost } = alone ?? garden;
  const amount = (minor: number): string => plainMoney(money(minor, currency));
  const rows: (string | number)[][] = [
    [...BILL_COLUMNS],
    ...chosen.flatMap((one) =>
      one.bill.map((line) => [
        'part',
        one.structure.name,
        line.use,
        CATALOGUE.stock(line.stock).name,
        line.count,
        line.cutMm === null ? '' : Math.round(line.cutMm * 10) / 10,
        line.cutMm === null ? '' : formatLength(line.cutMm, units),
        line.litres === null ? '' : Math.round(line.litres * 10) / 10,
        endText(line.ends),
        '',
        '',
        '',
        say(line.why, one.kind.phrases, { units, locale }),
      ]),
    ),
    ...shopping.purchases.map((one) => {
      const { form, name } = CATALOGUE.stock(one.stock);
      const byLength = form !== 'piece' && form !== 'panel' && form !== 'bagged';
      return [
        'buy',
        '',
        form === 'piece' ? `pack of ${one.size}` : form === 'bagged' ? `bag of ${one.size} kg` : form,
        name,
        one.count,
        byLength ? one.size : '',
        byLength ? formatLength(one.size, units) : '',
        '',
        '',
        amount(one.eachMinor),
        amount(one.costMinor),
        currency,
        '',
        one.shop ?? '',
      ];
    }),
    [
      'tax',
      '',
      '',
      `${plan.priceBook.taxPercent} %`,
      '',
      '',
      '',
      '',
      '',
      '',
      amount(cost.taxMinor),
      currency,
      plan.priceBook.pricesIncludeTax ? 'contained in the prices' : 'added to the prices',
    ],
    [
      'total',
      '',
      '',
      '',
      '',
      '',
      '',
      '',
      '',
      '',
      amount(cost.totalMinor),
      currency,
      cost.complete ? '' : 'something has no price',
    ],
  ];
  // A leading = + - @ is text, never a formula.
  const filled = rows.map((row) => [...row, ...BILL_COLUMNS.slice(row.length).map(() => '')]);
  return stringify(filled, { record_delimiter: 'windows', escape_formulas: true });
}
