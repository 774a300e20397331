import type { StructurePlan } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import { part } from '../../ui/part';
import { changeBed } from '../shell/edits';
import { useGarden } from '../shell/garden-context';

const BedSheet = part(() => import('../garden/bed-sheet'));
const CopySheet = part(() => import('./copy-sheet'));
const KindSheet = part(() => import('./kind-sheet'));

/** What can be opened over a bench: more of these, another kind, its bed. */
export type BenchSheet = 'copies' | 'kind' | 'bed';

/** The sheet that is open over a bench; of the bed where it has one of its own. */
export default function SheetOver({
  sheet,
  structure,
  bed,
  onClose,
}: {
  sheet: BenchSheet;
  structure: StructurePlan;
  bed: Bed | undefined;
  onClose: () => void;
}) {
  const { store } = useGarden();
  if (sheet === 'copies') return <CopySheet structure={structure} onClose={onClose} />;
  if (sheet === 'kind') return <KindSheet structure={structure} onClose={onClose} />;
  return (
    bed && (
      <BedSheet
        start={bed}
        isNew={false}
        onClose={onClose}
        onDone={(next) => {
          store.edit(changeBed(next.id, next));
          onClose();
        }}
      />
    )
  );
}
