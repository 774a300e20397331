'use client';
import { LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import { init, use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { overtakesIn, spentOnAll } from '@lignum/core/choosing/over-seasons';
import type { Choice } from '@lignum/core/choosing/weigh';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { cardOf } from '@lignum/core/structures/cards';
import { useGarden } from '../shell/garden-context';

register([LineChart, GridComponent, LegendComponent, TooltipComponent, AriaComponent, SVGRenderer]);

const SEASONS = 10;
const TOKENS = ['--chalk', '--timber-edge', '--leaf'] as const;
const DASHES = ['solid', 'dashed', 'dotted'] as const;

/** The same for who cannot see it. */
function SpentTable({ lines, amount }: { lines: readonly Spent[]; amount: (minor: number) => string }) {
  return (
    <table className="sr-only">
      <caption>Spent after each season</caption>
      <thead>
        <tr>
          <th>Season</th>
          {lines.map((line) => (
            <th key={line.name}>{line.name}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {Array.from({ length: SEASONS }, (_, i) => (
          <tr key={i}>
            <th>{i + 1}</th>
            {lines.map((line) => (
              <td key={line.name}>{amount(line.spent[i] ?? 0)}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
interface Spent {
  name: string;
  spent: readonly number[];
}

/** What each choice has cost after so many seasons, with what wears out bought again; and when one overtakes the other. */
export function SeasonsChart({ choices }: { choices: readonly Choice[] }) {
  const { plan, tongue } = useGarden();
  const place = useRef<HTMLDivElement>(null);
  const { currency } = plan.garden;
  const amount = (minor: number) => formatMoney(money(minor, currency), tongue.locale);
  const lines = choices.map((choice) => ({
    name: cardOf(choice.structure.kind).name,
    spent: spentOnAll(choice, SEASONS, CATALOGUE, plan.priceBook),
  }));

  useEffect(() => {
    const element = place.current;
    if (!element) return;
    const style = getComputedStyle(document.documentElement);
    const colour = (token: string) => style.getPropertyValue(token).trim();
    const chart = init(element, null, { renderer: 'svg' });
    const text = { color: colour('--ink'), fontFamily: getComputedStyle(element).fontFamily, fontSize: 13 };
    chart.setOption({
      aria: { enabled: true },
      animation: false,
      textStyle: text,
      grid: { left: 76, right: 20, top: 40, bottom: 44 },
      legend: { top: 4, textStyle: text, icon: 'path://M0 5H20V7H0Z' },
      tooltip: { trigger: 'axis', valueFormatter: (value: unknown) => amount(Number(value)) },
      xAxis: {
        type: 'category',
        name: 'seasons',
        nameLocation: 'middle',
        nameGap: 28,
        data: lines[0]?.spent.map((_spent, i) => String(i + 1)) ?? [],
        axisLine: { lineStyle: { color: colour('--rule-strong') } },
        axisLabel: text,
        nameTextStyle: text,
      },
      yAxis: {
        type: 'value',
        min: 0,
        axisLabel: { ...text, formatter: (value: number) => amount(value) },
        splitLine: { lineStyle: { color: colour('--rule') } },
      },
      series: lines.map((line, i) => ({
        type: 'line',
        name: line.name,
        step: 'start',
        data: line.spent,
        symbol: 'none',
        lineStyle: { width: 2.5, type: DASHES[i], color: colour(TOKENS[i] ?? '--ink') },
        itemStyle: { color: colour(TOKENS[i] ?? '--ink') },
      })),
    });
    const watch = new ResizeObserver(() => chart.resize());
    watch.observe(element);
    return () => {
      watch.disconnect();
      chart.dispose();
    };
  });

  const crossings = lines.flatMap((a) =>
    lines.flatMap((b) => {
      const season = overtakesIn(a.spent, b.spent);
      return season ? [`${a.name} costs more to begin with and is the cheaper one from season ${season} on.`] : [];
    }),
  );
  return (
    <figure className="my-4 bg-sheet p-3">
      <figcaption className="font-semibold">Spent after each season, with what wears out bought again</figcaption>
      <div ref={place} className="h-72 w-full" />
      <p className="text-[0.95rem]">
        {crossings.length > 0
          ? crossings.join(' ')
          : lines.length > 1
            ? `Neither overtakes the other within ${SEASONS} seasons.`
            : ''}
      </p>
      <SpentTable lines={lines} amount={amount} />
    </figure>
  );
}
