'use client';
import { useMemo } from 'react';
import type { ComputedGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { kindOf } from '@lignum/core/structures/registry';
import { useResults } from './use-results';

/** As {@link useResults}, with the kinds themselves: for views that say how each is built, which carry all of them. */
export function useComputed(): { plan: Plan; garden: ComputedGarden } {
  const { plan, garden } = useResults();
  return useMemo(
    () => ({
      plan,
      garden: { ...garden, structures: garden.structures.map((one) => ({ ...one, kind: kindOf(one.kind.id) })) },
    }),
    [plan, garden],
  );
}
