import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { standOf } from '@lignum/core/withstand/stand-of';
import type { Besides } from '@lignum/core/withstand/besides';
import { BESIDES, besidesWords, shareWords, STAND_WORDS, whatHappens } from '../../../words/stand-words';
import { useGarden } from '../../shell/garden-context';
import { STAND_LOOKS } from './looks';

/** What it may have to bear besides the wind, and whether it does; nothing where nothing of that is likely. */
export function BesidesTable({ computed, besides }: { computed: ComputedStructure; besides: readonly Besides[] }) {
  const { tongue } = useGarden();
  if (besides.length === 0) return null;
  return (
    <>
      <h3 className="mt-5 text-base">Besides the wind</h3>
      <table className="mt-1 w-full max-w-[42rem] text-[0.95rem]">
        <tbody>
          {besides.map((one) => {
            const stand = standOf(one.share);
            const { Icon, colour } = STAND_LOOKS[stand];
            return (
              <tr key={one.by} className="border-t border-rule align-top">
                <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                  {BESIDES[one.by]}
                  <span className="block text-[0.85rem] text-soft">
                    {besidesWords(one, tongue)}
                    {one.share > 0.5 && one.hardest && `; ${whatHappens(computed, one.hardest, tongue.units)}`}
                  </span>
                </th>
                <td className={`py-1.5 text-right font-semibold tabular-nums ${colour}`}>
                  <Icon size={15} aria-hidden className="mr-1 inline align-[-2px]" />
                  {STAND_WORDS[stand].toLowerCase()}, {shareWords(one.share, tongue.locale)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
