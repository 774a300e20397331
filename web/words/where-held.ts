import type { CloseUp } from '@lignum/core/drawing/close-ups';
import type { StructureKind } from '@lignum/core/structures/kind';
import { wordFor } from './stock-words';

/** What a fixing goes through and into; nothing of what is driven into nothing. @example whereHeld(kind, held) // ", through batten into the wall" */
export function whereHeld(
  kind: Pick<StructureKind, 'names'>,
  { through, into }: Pick<CloseUp['fixings'][number], 'through' | 'into'>,
): string {
  const word = (role: string): string => wordFor(kind, role).toLowerCase();
  if (!through && !into) return '';
  return `,${through ? ` through ${word(through)}` : ''} into ${into ? word(into) : 'the wall'}`;
}
