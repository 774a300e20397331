import { aFrame } from './kinds/a-frame/index';
import { guyedWall } from './kinds/guyed-wall/index';
import type { StructureKind } from './kind';
import { panelWall } from './kinds/panel-wall/index';
import { railTrellis } from './kinds/rail-trellis/index';
import { tepee } from './kinds/tepee/index';
import { twineFrame } from './kinds/twine-frame/index';
import { weave } from './kinds/weave/index';
import { wovenFrame } from './kinds/woven-frame/index';

/** Every kind of support the program can plan, in the order they are offered. */
export const KINDS: readonly StructureKind[] = [
  panelWall,
  twineFrame,
  guyedWall,
  railTrellis,
  aFrame,
  tepee,
  weave,
  wovenFrame,
];

export function kindOf(id: string): StructureKind {
  const kind = KINDS.find((one) => one.id === id);
  if (!kind) throw new Error(`No kind of structure is called "${id}": check the id at the door before asking.`);
  return kind;
}
