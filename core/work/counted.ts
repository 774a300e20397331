import { CATALOGUE } from '../catalogue/catalogue';
import { jointsByStep, type Tool } from '../building/tools';
import type { Design, Joint } from '../design/design';
import { extentOf } from '../design/extent';
import { asShape, shapeOf, type Part } from '../design/shapes/shapes';
import { isDug } from '../design/standing';
import { heldBy } from '../joinery/held-by';
import type { Soil } from '../site/soil';
import type { Step } from '../structures/step';
import { BAG_LITRES, BARROW_LITRES, HOLE_IN, HOLE_MM, LINED_OUT_MM, RATES, type Rate } from './rates';

/** So many units of work at a rate. @example { rate: 'hole', count: 4 } */
export interface Counted {
  rate: Rate;
  count: number;
}

/** Minutes of what was counted. @example minutesOf([{ rate: 'hole', count: 4 }]) // 80 */
export const minutesOf = (counted: readonly Counted[]): number =>
  counted.reduce((sum, { rate, count }) => sum + RATES[rate].minutes * count, 0);

/** Steps that go over ground, by what is counted of it: its area or the way round it. */
const OVER_GROUND: Readonly<Record<string, Rate>> = {
  'step.clear': 'clearing',
  'step.strip': 'clearing',
  'step.rake': 'clearing',
  'step.trench': 'trench',
};

const uses = (step: Step, tool: Tool): boolean => step.uses?.includes(tool) ?? false;
const digs = (step: Step): boolean =>
  uses(step, 'hole digger') || (uses(step, 'spade') && !(step.what.code in OVER_GROUND));

/** The step in which something is done to a part: in its own where that has the tool, else in the last before it that has. */
function stepWith(steps: readonly Step[], own: number, has: (step: Step) => boolean): number {
  const step = steps[own];
  if (!step || has(step)) return own;
  const before = steps.slice(0, own).findLastIndex((one) => has(one));
  return before >= 0 ? before : own;
}

/**
 * What is done in each step of a structure, counted by the parts it adds and the joints it makes: nothing is stated by
 * kind. A hole is dug where the digger is out, a cut made where the saw is.
 */
export function countedBySteps(
  steps: readonly Step[],
  { parts, joints, traits }: Pick<Design, 'parts' | 'joints' | 'traits'>,
  soil: Soil,
): Counted[][] {
  const all = steps.map((): Map<Rate, number> => new Map());
  const count = (step: number, rate: Rate, n: number): void => {
    const counted = all[step];
    if (counted && n > 0) counted.set(rate, (counted.get(rate) ?? 0) + n);
  };
  const byId = new Map(parts.map((part) => [part.id, part]));
  steps.forEach((step, i) => {
    for (const id of step.adds ?? []) {
      const part = byId.get(id);
      if (!part) continue;
      for (const { rate, n } of placed(part, traits[part.role]?.as === 'brace')) count(i, rate, n);
      const bar = asShape(part, 'bar');
      if (!bar) continue;
      if (bar.stands && isDug(bar.stands))
        count(stepWith(steps, i, digs), 'hole', (HOLE_IN[soil] * bar.stands.buriedMm) / HOLE_MM);
      const stock = CATALOGUE.stock(part.stock);
      if (stock.form === 'timber' || stock.form === 'rod')
        count(
          stepWith(steps, i, (one) => uses(one, 'saw') || uses(one, 'saw bench')),
          bar.sawn ? 'shaped cut' : 'cut',
          1,
        );
    }
    if (uses(step, 'line') && !step.adds?.length) {
      const long = reachOf(parts);
      count(i, 'setting out', Math.max(1, Math.ceil(long / LINED_OUT_MM)));
      count(i, 'mark', parts.filter((part) => asShape(part, 'bar')?.stands).length);
    }
    const over = OVER_GROUND[step.what.code];
    if (over) count(i, over, over === 'trench' ? roundOf(parts) / 1000 : areaOf(parts) / 1e6);
  });
  jointsByStep(steps, joints).forEach((made, i) => {
    for (const joint of made) for (const { rate, n } of fixed(joint)) count(i, rate, n);
  });
  return all.map((counted, i) => {
    const own = [...counted].map(([rate, n]) => ({ rate, count: n }));
    const works = own.length > 0 || (steps[i]?.uses?.length ?? 0) > 0;
    return works ? [...own, { rate: 'step' as const, count: 1 }] : [];
  });
}

/** What it takes to have a part in its place, its fixings apart. */
function placed(part: Part, isBrace: boolean): { rate: Rate; n: number }[] {
  const stock = CATALOGUE.stock(part.stock);
  const one = (rate: Rate, n = 1) => [{ rate, n }];
  const bar = asShape(part, 'bar');
  if (bar) {
    const { stands } = bar;
    if (stands?.set === 'driven') return one('driven');
    if (stands?.set === 'let in') return one('set and tamped');
    if (stands?.set === 'concrete' || stands?.set === 'shoe') return one('set in concrete');
    if (stands?.set === 'plate' || stands?.set === 'screwed') return one('set on a base');
    if (stands || bar.buriedMm > 0) return one('pushed');
    return one(isBrace ? 'brace' : 'member');
  }
  if (asShape(part, 'line')) return stock.look === 'wire' ? one('wire', part.cutMm / 1000) : one('string');
  if (asShape(part, 'sheet')) {
    if (stock.form === 'panel' || stock.form === 'sheeting') return one('panel');
    return one(stock.form === 'mesh roll' && stock.stiff ? 'mesh' : 'net', part.cutMm / 1000);
  }
  const litres = shapeOf(part).taken(part).litres;
  if (litres !== null)
    return stock.look === 'concrete' ? one('bag', litres / BAG_LITRES) : one('barrow', litres / BARROW_LITRES);
  return one('unit');
}

/** What it takes to make a joint, by what holds it. */
const fixed = ({ fixings, by }: Joint): { rate: Rate; n: number }[] =>
  fixings.length === 0
    ? by === 'tied'
      ? [{ rate: 'tie', n: 1 }]
      : []
    : fixings.map(({ stock, count }) => ({ rate: rateOfFixing(stock), n: count }));

function rateOfFixing(id: string): Rate {
  const stock = CATALOGUE.stock(id);
  const by = heldBy(id);
  if (by === 'hinged') return 'hinge';
  if (by === 'stapled') return 'staple';
  if (by === 'nailed') return 'nail';
  if (by === 'tied') return 'tie';
  if (by === 'screwed')
    return stock.form === 'piece' && (stock.thickMm ?? 0) >= DRILLED_FROM_MM ? 'screw, drilled for' : 'screw';
  if (by === 'clipped') return 'clip';
  return 'fitting';
}

/** Screws of so much are drilled for (from memory). mm. */
const DRILLED_FROM_MM = 4.5;

/** How far a structure reaches along and across. mm. */
function sidesOf(parts: readonly Part[]): readonly [number, number] {
  let [left, right, front, back] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const part of parts)
    for (const [x, y] of extentOf(part)) {
      left = Math.min(left, x);
      right = Math.max(right, x);
      front = Math.min(front, y);
      back = Math.max(back, y);
    }
  return parts.length === 0 ? [0, 0] : [right - left, back - front];
}
const reachOf = (parts: readonly Part[]): number => Math.max(...sidesOf(parts));
const areaOf = (parts: readonly Part[]): number => sidesOf(parts)[0] * sidesOf(parts)[1];
const roundOf = (parts: readonly Part[]): number => 2 * (sidesOf(parts)[0] + sidesOf(parts)[1]);
