import type { CarriedGarden } from '@lignum/core/plan/carried';
import type { Plan } from '@lignum/core/plan/plan';

/** What the worker that works the garden out does, by comlink. */
export interface GardenWorker {
  answer(plan: Plan): Promise<CarriedGarden>;
  /** Works a plan out and says nothing of it: what follows from the next is there sooner. */
  prepare(plan: Plan): Promise<void>;
  /** The addresses of everything it was fetched with. */
  parts(): Promise<string[]>;
}
