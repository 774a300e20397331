'use client';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { figuresOf, USUAL_SEASONS, type Figures } from '@lignum/core/choosing/figures';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { useGarden } from './garden-context';

/** Hours of work in words: to the half hour, above ten to the whole one. */
export const hoursOfWork = (hours: number): string => {
  const said = hours >= 10 ? Math.round(hours) : Math.round(hours * 2) / 2;
  return said < 0.5 ? 'hardly any' : `about ${said} h`;
};

/** Sun that something takes from the bed that loses most, in words. */
export const sunTaken = (hours: number): string =>
  hours === 0 ? 'none worth a word' : `up to ${Math.round(hours * 10) / 10} h a day`;

/** Money of a garden, as it is said there. */
export function useAmount(): (minor: number) => string {
  const { plan, tongue } = useGarden();
  return (minor) => formatMoney(money(minor, plan.garden.currency), tongue.locale);
}

type Weighed = Parameters<typeof figuresOf>[0];

/** The figures that every answer carries, wherever it was asked: what it costs, now and in the long run, its work, and the sun it takes. */
export function AnswerFigures({
  of,
  startSaid = false,
  sunOn = null,
  className = '',
}: {
  of: Weighed;
  /** What it costs to begin with stands large beside them. */
  startSaid?: boolean;
  /** Where it would stand, which nobody has decided; the sun it takes there may be coming yet. */
  sunOn?: string | null;
  className?: string;
}) {
  const { plan } = useGarden();
  const amount = useAmount();
  const figures = figuresOf(of, USUAL_SEASONS, CATALOGUE, plan.priceBook);
  return (
    <div className={className}>
      <dl className="flex flex-wrap gap-x-6 gap-y-2 text-[0.95rem] tabular-nums">
        {rowsOf(figures, amount, sunOn)
          .slice(startSaid ? 1 : 0)
          .map(([title, value]) => (
            <div key={title}>
              <dt className="text-[0.85rem] text-soft">{title}</dt>
              <dd className="font-semibold">{value}</dd>
            </div>
          ))}
      </dl>
      {!figures.complete && (
        <p className="mt-1 text-[0.9rem] font-semibold text-keel">
          Too low: something on its list has no price in your book.
        </p>
      )}
    </div>
  );
}

const shadeWords = (shade: Figures['shade']): string =>
  shade === undefined ? '…' : `${sunTaken(shade?.hours ?? 0)}${shade ? ` from ${shade.bed}` : ''}`;

function rowsOf(figures: Figures, amount: (minor: number) => string, sunOn: string | null): [string, string][] {
  const { startMinor, afterMinor, seasons, hoursAYear, shade } = figures;
  return [
    ['To begin with', amount(startMinor)],
    [`After ${seasons} seasons`, amount(afterMinor)],
    ['Work a year', hoursOfWork(hoursAYear)],
    ...(shade === undefined && sunOn === null
      ? []
      : [
          [sunOn === null ? 'Sun it takes' : `Sun it takes, if on ${sunOn}`, shadeWords(shade)] satisfies [
            string,
            string,
          ],
        ]),
  ];
}
