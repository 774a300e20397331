import { CATALOGUE } from '../catalogue/catalogue';
import type { Design } from '../design/design';
import { setFixings } from '../joinery/set-fixings';
import { TOOLS, type Tool } from './tools';

/** What a structure is built with: the tools of all its steps in the order of the list, and the bits that its pilot holes want. mm. */
export function toolsFor(
  steps: readonly { uses?: readonly Tool[] }[],
  design: Pick<Design, 'parts' | 'joints'>,
): { tools: Tool[]; bitsMm: number[] } {
  const used = new Set(steps.flatMap((step) => step.uses ?? []));
  const bits = setFixings(design, CATALOGUE).flatMap((joint) =>
    joint.fixings.flatMap((fixing) => (fixing.driven ?? []).flatMap((one) => one.pilotMm ?? [])),
  );
  return {
    tools: TOOLS.filter((tool) => used.has(tool)),
    bitsMm: [...new Set(bits)].toSorted((a, b) => a - b),
  };
}
