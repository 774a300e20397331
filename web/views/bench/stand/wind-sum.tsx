import type { Tongue } from '@lignum/core/wording/say';
import type { WindSum } from '@lignum/core/structures/rules/gust';
import { windLines } from '../../../words/stand-words';

/** How the gust comes to push, line by line. */
export function WindSumTable({ sum, asked, tongue }: { sum: WindSum; asked: boolean; tongue: Tongue }) {
  return (
    <table className="w-full text-[0.9rem]">
      <tbody>
        {windLines(sum, asked, tongue).map(({ what, by, is, source }) => (
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
