'use client';
import { levelLength } from '@lignum/core/site/path';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { LengthField } from '../../ui/field';
import { changeStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import type { Thing } from './things';

/** Where something stands in another's run, by a tape along that from its first corner. */
export function RunField({ thing }: { thing: Extract<Thing, { is: 'run' }> }) {
  const { store, tongue } = useGarden();
  const { spots, closed } = thing.path;
  return (
    <LengthField
      label={`Its middle, along ${thing.host.name}`}
      help="By a level tape from the first corner. Or take hold of it and pull it along."
      units={tongue.units}
      step={TAPE_STEP[tongue.units]}
      mm={thing.stand.atMm}
      min={0}
      max={Math.floor(levelLength(spots, closed))}
      onChange={(atMm) =>
        store.edit(changeStructure(thing.id, { stand: { ...thing.stand, atMm } }), `along ${thing.id}`)
      }
    />
  );
}
