'use client';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { meshesToMm, type StockCuts } from '@lignum/core/costing/buy';
import type { Layout } from '@lignum/core/cutting/cut-plan';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { Rod } from '../../ui/rod';
import { useGarden } from '../shell/garden-context';
import { cutAs } from '../../kept/stages';
import { tickedAs } from '../../kept/ticks';
import { TickBox } from '../shell/use-ticks';
import { alikeLayouts, namesOf } from '../../words/layouts';

/** How each board and panel is cut, drawn to scale with its offcut named. */
export function CutSheet({ plans, scope }: { plans: readonly StockCuts[]; scope: string }) {
  const { plan, tongue } = useGarden();
  const cutting = plans.filter((one) => one.layouts.length > 0);
  if (cutting.length === 0) return null;
  return (
    <section className="mt-10">
      <h2 className="text-2xl">Cuts</h2>
      <p className="text-soft">
        Each piece has its letter: chalk it on, and on the offcut too. A saw cut takes ⅛″ (3 mm); a panel is cut beside
        a wire and loses that mesh.
      </p>
      {cutting.map((cuts) => {
        const toMm = (measure: number) =>
          cuts.measuredIn === 'mm' ? measure : meshesToMm(CATALOGUE, cuts.stock, measure);
        const longest = Math.max(...cuts.layouts.map((layout) => layout.measure));
        const over = cuts.costMinor - cuts.boundMinor;
        return (
          <div key={cuts.stock} className="laid-when-near mt-5">
            <h3 className="text-lg">{CATALOGUE.stock(cuts.stock).name}</h3>
            <ul className="mt-1 space-y-2">
              {alikeLayouts(cuts.layouts).map((group) => (
                <BarCuts
                  key={group[0]?.name}
                  group={group}
                  all={cuts.layouts}
                  of={tickedAs(scope, cuts.stock)}
                  toMm={toMm}
                  longest={longest}
                />
              ))}
            </ul>
            <p className="mt-1 text-[0.85rem] text-soft">
              {cuts.costMinor === 0
                ? 'All of it from the shed.'
                : over <= 0
                  ? 'Nothing on sale does it for less.'
                  : `Another way of cutting could save ${formatMoney(money(over, plan.garden.currency), tongue.locale)} at most, if there is one.`}
            </p>
          </div>
        );
      })}
    </section>
  );
}

function BarCuts({
  group,
  all,
  of,
  toMm,
  longest,
}: {
  group: readonly Layout[];
  all: readonly Layout[];
  /** The stock, and the structure where the list is of one. */
  of: string;
  toMm: (measure: number) => number;
  longest: number;
}) {
  const { tongue } = useGarden();
  const layout = group[0] as Layout;
  const length = (measure: number) => formatLength(toMm(measure), tongue.units);
  const names = namesOf(group, all);
  const total = layout.measure;
  const ends = layout.cuts.map((cut) => (cut.at + cut.measure) / total);
  const offcutFrom = (total - layout.offcut) / total;
  const blocks = [
    ...layout.cuts.map((cut) => ({
      from: cut.at / total,
      to: (cut.at + cut.measure) / total,
      label: length(cut.measure),
      tone: 'timber' as const,
    })),
    ...(layout.offcut > 0
      ? [
          {
            from: offcutFrom,
            to: 1,
            label: layout.offcut / total > 0.12 ? length(layout.offcut) : '',
            tone: 'waste' as const,
          },
        ]
      : []),
  ];
  return (
    <li className="print-whole grid grid-cols-[4.5rem_1fr] gap-x-2">
      <span className="pt-1.5 font-display text-lg font-bold">{names}</span>
      <div>
        <Rod
          share={total / longest}
          label={`${names}: ${layout.cuts.map((cut) => length(cut.measure)).join(', ')} from ${length(total)}; ${length(layout.offcut)} left`}
          blocks={blocks}
          marks={ends.filter((end) => end < 0.9999).map((at) => ({ at }))}
        />
        <p className="text-[0.85rem] text-soft">
          {group.length > 1 && `${group.length} alike, `}
          {length(total)}
          {layout.from === 'shed' && ' from the shed'}: {layout.cuts.map((cut) => length(cut.measure)).join(' + ')}
          {layout.offcut > 0 && `; offcut ${length(layout.offcut)}`}
        </p>
        <p className="no-print -my-1 flex flex-wrap items-center text-[0.85rem] text-soft">
          Cut:
          {group.map((one, i) => (
            <span key={one.name} className="inline-flex items-center">
              <TickBox
                about="cut"
                what={one.cuts.map(({ structure, part }) => tickedAs(structure, part))}
                also={one.cuts.map(({ structure, part, measure }) => cutAs(tickedAs(structure, part), toMm(measure)))}
                before={`${of} ${Math.round(layout.measure)} #${i + 1}: ${layout.cuts.map((cut) => Math.round(cut.measure)).join('+')}`.slice(
                  0,
                  200,
                )}
                label={`Cut ${one.name}`}
              />
              <span aria-hidden className="-ml-1 pr-1">
                {one.name}
              </span>
            </span>
          ))}
        </p>
      </div>
    </li>
  );
}
