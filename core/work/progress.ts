import { CATALOGUE } from '../catalogue/catalogue';
import { soldAs, type Shopping } from '../costing/buy';
import type { BillLine } from '../materials/take-off';
import type { ComputedStructure } from '../plan/compute-as';
import { stepsOf } from '../plan/steps';
import { addDays } from '../site/calendar-days';
import type { SaidOfPart, Stage } from './stage';

/** A list on which lines are ticked off: that of the garden, or of the structure alone. */
export interface TickedList {
  shopping: Shopping;
  got: (line: { stock: string; size: number }) => boolean;
}

/** Whether all that a part is made from is ticked off on a list, or lies in the shed; of what is not on it, no. */
function isGot({ structure }: Of, lines: ReadonlyMap<string, BillLine>, part: string, list: TickedList): boolean {
  const line = lines.get(part);
  if (!line) return false;
  const { shopping, got } = list;
  // A strip is bought as the board that it is ripped from.
  const piece = line.board ?? part;
  const layouts =
    shopping.cutPlans
      .find(({ stock }) => stock === line.stock)
      ?.layouts.filter(({ cuts }) => cuts.some((cut) => cut.structure === structure.id && cut.part === piece)) ?? [];
  const { sold } = CATALOGUE.stock(line.stock);
  if (layouts.length > 0)
    return layouts.every(
      ({ from, measure }) => from === 'shed' || got({ stock: line.stock, size: soldAs({ sold }, measure) }),
    );
  const bought = shopping.purchases.filter(
    ({ stock, size }) => stock === line.stock && (sold !== 'whole' || size === line.cutMm),
  );
  return bought.length > 0
    ? bought.every(got)
    : sold !== 'own' && shopping.fromShed.some(({ stock }) => stock === line.stock);
}

type Of = Pick<ComputedStructure, 'structure' | 'kind' | 'sized' | 'setting' | 'bill'>;

/**
 * How far each part of a structure is, by its id: as far as the furthest that was said of it. What has to set stands, and
 * is fixed when its wait is over. Decision 80.
 * @param today "2027-03-06"
 * @example stagesOf(computed, [], () => ({ stood: true }), '2027-03-06').get('post-1') // 'stood'
 */
export function stagesOf(
  one: Of,
  lists: readonly TickedList[],
  said: (part: string) => SaidOfPart,
  today: string,
): ReadonlyMap<string, Stage> {
  const waits = new Map(
    stepsOf(one).flatMap(({ adds = [], waitHours = 0 }) =>
      adds.map((part) => [part, Math.ceil(waitHours / 24)] as const),
    ),
  );
  const lines = new Map(
    one.bill.filter(({ of }) => of === 'part').flatMap((line) => line.parts.map((part) => [part, line] as const)),
  );
  return new Map(
    one.sized.design.parts.map(({ id }): [string, Stage] => {
      const { bought, cut, stood, builtOn } = said(id);
      if (builtOn !== undefined) return [id, addDays(builtOn, waits.get(id) ?? 0) <= today ? 'fixed' : 'stood'];
      if (stood) return [id, 'stood'];
      if (cut) return [id, 'cut'];
      return [id, (bought ?? lists.some((list) => isGot(one, lines, id, list))) ? 'bought' : 'planned'];
    }),
  );
}
