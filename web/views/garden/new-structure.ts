import type { StructurePlan } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import { kindOf } from '@lignum/core/structures/registry';
import { newId } from './beginnings';

export const newStructure = (kind: string, bed: Bed, plantings: readonly string[]): StructurePlan => ({
  id: `support-${newId()}`,
  kind,
  name: `${kindOf(kind).name.split(/ on |,/)[0]}, ${bed.name}`.slice(0, 80),
  stand: { on: 'bed', bed: bed.id },
  plantings,
  knobs: {},
});
