import type { Before } from '@lignum/core/work/weekends';
import { Fold } from '../../ui/fold';
import { beforeWords, dateWords, namesIn } from '../../words/work-words';
import { useGarden } from '../shell/garden-context';

/** What has to be seen to before work begins, by whoever sits at a desk. */
export function BeforeList({ before }: { before: readonly Before[] }) {
  const { plan, tongue, on } = useGarden();
  if (before.length === 0) return null;
  const name = namesIn(plan);
  const short = (date: string): string => dateWords(date, tongue.locale, false);
  return (
    <Fold
      className="border-t border-rule"
      look="font-display text-lg font-semibold"
      title="Before that"
      says={`the first by ${short(before[0]?.by ?? '')}`}
      startsOpen={on !== 'phone'}
    >
      <ul className="mt-1">
        {before.map((one, i) => (
          <li
            key={i}
            className="grid grid-cols-[6.6rem_minmax(0,1fr)] gap-2 border-t border-rule py-1.5 text-[0.95rem]"
          >
            <span className="font-semibold">{short(one.by)}</span>
            <span>{beforeWords(one, name, tongue.locale)}</span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
