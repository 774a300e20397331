'use client';
import { use } from 'react';
import type { StructureKind } from '@lignum/core/structures/kind';
import { KIND_LOADERS } from '@lignum/core/structures/loaders';

const loaded = new Map<string, Promise<StructureKind>>();

/** The kind of a support, fetched the first time; the caller waits in its Suspense boundary. */
export function useKind(id: string): StructureKind {
  const load = KIND_LOADERS[id];
  if (!load) throw new Error(`No kind of structure is called "${id}": check the id at the door before asking.`);
  const promise = loaded.get(id) ?? load();
  loaded.set(id, promise);
  return use(promise);
}
