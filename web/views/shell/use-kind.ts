'use client';
import { use } from 'react';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { sizedWith, type Kinds } from '@lignum/core/plan/setting-of';
import type { StructureKind } from '@lignum/core/structures/kind';
import { KIND_LOADERS } from '@lignum/core/structures/loaders';

const loaded = new Map<string, Promise<StructureKind>>();

/** The kind of a support, fetched the first time; the caller waits in its Suspense boundary. Decision 46. */
export function useKind(id: string): StructureKind {
  const load = KIND_LOADERS[id];
  if (!load) throw new Error(`No kind of structure is called "${id}": check the id at the door before asking.`);
  const promise = loaded.get(id) ?? load();
  loaded.set(id, promise);
  return use(promise);
}

/** The kinds of some structures and of what each is sized with. */
export function useKindsOf(plan: Plan, structures: readonly StructurePlan[]): Kinds {
  const kinds = new Map<string, StructureKind>();
  // `use`, unlike other hooks, may be called in a loop.
  // eslint-disable-next-line react-hooks/rules-of-hooks
  for (const one of structures) for (const { kind } of [one, ...sizedWith(plan, one)]) kinds.set(kind, useKind(kind));
  return (id) => kinds.get(id) as StructureKind;
}
