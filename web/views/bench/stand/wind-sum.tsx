import { formatLoad, formatSpeed, GRAVITY_MS2 } from '@lignum/core/quantity/measure';
import { numberFormat } from '@lignum/core/quantity/number-format';
import type { Tongue } from '@lignum/core/wording/say';
import type { WindSum } from '@lignum/core/withstand/withstand';

/** How the gust comes to push: line by line, each with what it is multiplied by and whose figure that is. */
export function WindSumTable({ sum, asked, tongue }: { sum: WindSum; asked: boolean; tongue: Tongue }) {
  const speed = (ms: number): string => formatSpeed(ms, tongue.units, tongue.locale);
  const times = (by: number): string => `× ${numberFormat(tongue.locale, { maximumFractionDigits: 2 }).format(by)}`;
  const lines: readonly (readonly [what: string, by: string, is: string, source: string])[] = [
    ...(asked
      ? [['The gust that is asked about, ten metres up in open country', '', speed(sum.gustMs), ''] as const]
      : ([
          ['The strongest gust of fifty years, as the garden’s sheet says', '', speed(sum.siteMs), ''],
          [`Once in ${sum.onceInYears} years`, times(sum.onceIn), speed(sum.siteMs * sum.onceIn), 'EN 1991-1-4, 4.2'],
          ['In this month', times(sum.month), speed(sum.gustMs), 'BS 6399-2, table D.1, from memory'],
        ] as const)),
    ['Low down, where this garden lies', times(sum.lowDown), speed(sum.speedMs), 'EN 1991-1-4, 4.3 to 4.5'],
    [
      'It presses with ½ ρ v²',
      '',
      formatLoad(sum.pressure / GRAVITY_MS2, tongue.units, tongue.locale),
      'EN 1991-1-4, 4.10',
    ],
    ['Leaves give way: of that they take', times(sum.leafDrag), '', 'after Mayhead 1973, from memory'],
  ];
  return (
    <table className="w-full text-[0.9rem]">
      <tbody>
        {lines.map(([what, by, is, source]) => (
          <tr key={what} className="border-t border-rule align-baseline">
            <th scope="row" className="py-1.5 pr-3 text-left font-normal">
              {what}
              {source && <span className="block text-[0.8rem] text-soft">{source}</span>}
            </th>
            <td className="py-1.5 pr-3 text-right whitespace-nowrap tabular-nums">{by}</td>
            <td className="py-1.5 text-right font-semibold whitespace-nowrap tabular-nums">{is}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
