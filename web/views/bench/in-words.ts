import { plantsOf } from '@lignum/core/design/design';
import { formatLength } from '@lignum/core/quantity/length';
import type { Sized, StructureKind } from '@lignum/core/structures/kind';
import type { Tongue } from '@lignum/core/wording/say';

/** A design for those who do not see its drawing: how long and high it is, and what it is made of. */
export function inWords(kind: StructureKind, { design }: Sized, tongue: Tongue): string {
  const counts = new Map<string, number>();
  for (const part of design.parts) counts.set(part.role, (counts.get(part.role) ?? 0) + 1);
  const made = [...counts].map(([role, count]) => `${count} × ${(kind.names.parts[role]?.word ?? role).toLowerCase()}`);
  const top = design.hold?.topMm.most;
  const size = [
    `${formatLength(design.builtMm, tongue.units)} long`,
    ...(top ? [`${formatLength(top, tongue.units)} high`] : []),
  ];
  const plants = plantsOf(design).length;
  return `${kind.name}, ${size.join(', ')}: ${[...made, ...(plants > 0 ? [`${plants} × plant`] : [])].join(', ')}.`;
}
