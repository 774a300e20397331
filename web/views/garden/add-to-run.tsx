'use client';
import { useRouter } from 'next/navigation';
import { Plus } from 'lucide-react';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { freeInRun } from '@lignum/core/plan/free-in-run';
import { KIND_CARDS } from '@lignum/core/structures/cards';
import { Button } from '../../ui/button';
import { addStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { newStructure } from './new-structure';

const IN_RUNS = KIND_CARDS.filter((kind) => kind.stands.includes('run'));

/** The runs of a garden that others can stand in. */
export const runsIn = (plan: Plan): StructurePlan[] =>
  plan.structures.filter((one) => KIND_CARDS.some((kind) => kind.id === one.kind && kind.hosts));

/** A gate in the middle of the longest free stretch of a run; the caller adds it. */
export function gateIn(plan: Plan, host: StructurePlan): StructurePlan | null {
  const stand = freeInRun(plan, host);
  const [kind] = IN_RUNS;
  return stand && kind ? newStructure(kind.id, plan, stand, []) : null;
}

/** Puts a gate into a run and opens it on the bench. */
export function AddToRun({ host }: { host: StructurePlan }) {
  const { id, plan, store } = useGarden();
  const router = useRouter();
  return (
    <Button
      onClick={() => {
        const gate = gateIn(plan, host);
        if (!gate) return;
        store.edit(addStructure(gate));
        router.push(`/g/${id}/s/${gate.id}`);
      }}
    >
      <Plus size={16} aria-hidden />
      Put a gate in it
    </Button>
  );
}
