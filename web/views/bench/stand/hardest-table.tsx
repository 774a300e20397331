import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Use } from '@lignum/core/withstand/uses';
import { standOf } from '@lignum/core/withstand/stand-of';
import { FORMULAS, fromWords, hardestTold, shareWords, sumWords } from '../../../words/stand-words';
import { useGarden } from '../../shell/garden-context';
import { STAND_LOOKS } from './looks';

const capital = (said: string): string => said.charAt(0).toUpperCase() + said.slice(1);

/** More than these are not read. */
const SHOWN = 6;

/** What works hardest, each with what acts and what may; opened, how that is worked out. */
export function HardestTable({ computed, uses }: { computed: ComputedStructure; uses: readonly Use[] }) {
  const { tongue } = useGarden();
  return (
    <ol className="text-[0.95rem]" aria-label="What works hardest">
      {hardestTold(computed, uses, tongue.units, SHOWN).map(({ words, use }) => {
        const { has, may } = sumWords(use, tongue);
        const stand = standOf(use.share);
        return (
          <li key={words} className="border-t border-rule">
            <details>
              <summary className="grid min-h-11 cursor-pointer grid-cols-[minmax(0,1fr)_auto] items-center gap-3 py-1">
                <span>{words}</span>
                <span className={`font-semibold tabular-nums ${STAND_LOOKS[stand].colour}`}>
                  {shareWords(use.share, tongue.locale)}
                </span>
              </summary>
              <p className="pb-2 text-[0.9rem]">
                <span className="font-semibold tabular-nums">
                  {has} of {may}
                </span>
                : {FORMULAS[use.by].sum}. {use.from && `${capital(fromWords(use, tongue))}. `}
                <span className="text-soft">{FORMULAS[use.by].source}</span>
              </p>
            </details>
          </li>
        );
      })}
    </ol>
  );
}
