import { postNumbers } from '@lignum/core/design/post-numbers';
import { partNumbers } from '@lignum/core/materials/part-numbers';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { wordFor } from './stock-words';

/** A part, or all of a sort, as it is called. */
export interface PartChoice {
  id: string;
  label: string;
  group?: string;
  parts: readonly string[];
}

/** What can be pointed at by name: all of a sort, each by itself; posts by the numbers they have everywhere, pieces with theirs on the sheet. */
export function partChoices(computed: Pick<ComputedStructure, 'sized' | 'kind' | 'bill'>): PartChoice[] {
  const {
    sized: { design },
    kind,
  } = computed;
  const pieces = partNumbers(computed);
  const by = new Map<string, string[]>();
  for (const { id, role } of design.parts) by.set(role, [...(by.get(role) ?? []), id]);
  const posts = postNumbers(design);
  return [...by].flatMap(([role, parts]): PartChoice[] => {
    const word = wordFor(kind, role);
    if (parts.length === 1) return [{ id: parts[0] as string, label: word, parts }];
    return [
      { id: `all ${role}`, label: `${word}: all ${parts.length}`, group: word, parts },
      ...parts.map((part, i) => ({
        id: part,
        label: posts.has(part)
          ? `${word} ${posts.get(part)}`
          : `${word} ${i + 1}${pieces.has(part) ? ` (piece ${pieces.get(part)})` : ''}`,
        group: word,
        parts: [part],
      })),
    ];
  });
}
