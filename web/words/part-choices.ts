import { postNumbers } from '@lignum/core/design/post-numbers';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { wordFor } from './stock-words';

/** A part, or all of a sort, as it is called. */
export interface PartChoice {
  id: string;
  label: string;
  group?: string;
  parts: readonly string[];
}

/** What can be pointed at by name: all of a sort, each by itself; posts by the numbers they have everywhere. */
export function partChoices({ sized: { design }, kind }: Pick<ComputedStructure, 'sized' | 'kind'>): PartChoice[] {
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
        label: `${word} ${posts.get(part) ?? i + 1}`,
        group: word,
        parts: [part],
      })),
    ];
  });
}
