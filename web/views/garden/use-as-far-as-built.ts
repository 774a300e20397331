import { useMemo, useSyncExternalStore } from 'react';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { asFarAsBuilt } from '@lignum/core/shade/as-far-as-built';
import { standsIn } from '../../kept/stages';
import { useRecord } from '../shell/garden-context';

/** What of a garden stands by what is ticked, while that is `wanted`, and whether any of it does. */
export function useAsFarAsBuilt(garden: SeenGarden, wanted: boolean): { isBegun: boolean; built: SeenGarden | null } {
  const book = useRecord();
  const { entries } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  const isBegun = useMemo(
    () =>
      [...entries.values()].some(
        ({ about, field, value }) => (about === 'built' || about === 'stood') && field === 'done' && value === true,
      ),
    [entries],
  );
  const built = useMemo(
    () => (wanted && isBegun ? asFarAsBuilt(garden, standsIn(entries)) : null),
    [garden, wanted, isBegun, entries],
  );
  return { isBegun, built };
}
