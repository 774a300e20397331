'use client';
import { useEffect, useMemo, useState } from 'react';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import type { withShadow } from '@lignum/core/plan/shades-beds';
import { runsOf } from '@lignum/core/site/plot';
import { footholdOf } from '@lignum/core/site/stands/stands';

let fetched: typeof withShadow | null = null;

/** What it takes from the light of other beds said with the rest; the sun is fetched only for a row that runs east–west. */
export function useShadow<C extends ComputedStructure>(plan: Plan, computed: C): C {
  const [shaded, setShaded] = useState(() => fetched);
  const { place } = computed.setting;
  const { own } = footholdOf(place);
  const isWanted = own !== null && runsOf(own, plan.site.northDeg) === 'east–west';
  useEffect(() => {
    if (!isWanted || shaded) return;
    void import('@lignum/core/plan/shades-beds').then((module) => {
      fetched = module.withShadow;
      setShaded(() => fetched);
    });
  }, [isWanted, shaded]);
  return useMemo(() => (isWanted && shaded ? shaded(plan, computed) : computed), [isWanted, shaded, plan, computed]);
}
