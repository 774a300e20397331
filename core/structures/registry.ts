import type { StructureKind } from './kind';
import { panelWall } from './panel-wall/index';
import { twineFrame } from './twine-frame/index';

/** Every kind of support the program can plan, in the order they are offered. */
export const KINDS: readonly StructureKind[] = [panelWall, twineFrame];

export function kindOf(id: string): StructureKind {
  const kind = KINDS.find((one) => one.id === id);
  if (!kind) throw new Error(`No kind of structure is called "${id}": check the id at the door before asking.`);
  return kind;
}
