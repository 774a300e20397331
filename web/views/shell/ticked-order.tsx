'use client';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { BuildOrder } from './build-order';
import { Ticks } from './use-ticks';

/** The order of building with a box to tick at each step; the ticks are fetched with it. */
export const TickedOrder = ({ computed }: { computed: ComputedStructure }) => (
  <Ticks>
    <BuildOrder computed={computed} />
  </Ticks>
);
