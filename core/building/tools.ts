/** What a step is done with, beside hands, in the order in which it is laid out. Its words are in tool-words.ts. */
export const TOOLS = [
  'tape',
  'chalk',
  'line',
  'pegs',
  'plumb',
  'level',
  'line level',
  'square',
  'bevel',
  'dividers',
  'spade',
  'hole digger',
  'tamper',
  'barrow',
  'driver',
  'mallet',
  'bar',
  'bracing',
  'blocks',
  'spacer',
  'saw',
  'saw bench',
  'chisel',
  'clamps',
  'drill',
  'masonry bit',
  'hammer',
  'pry bar',
  'tacker',
  'cutters',
  'snips',
  'pliers',
  'knife',
  'needle',
  'tester',
  'steps',
  'brush',
  'gloves',
  'goggles',
  'muffs',
  'mask',
] as const;
export type Tool = (typeof TOOLS)[number];

/** What a step adds and is done with, by the step's code: roles of the parts, or a role and how their names begin ("rail:rail-front"). */
export interface Doing {
  adds?: readonly string[];
  /** Kinds of joints it makes, where they are not made as soon as their last part is there: what is driven into a standing thing. */
  joins?: readonly string[];
  uses: readonly Tool[];
}
export type Doings = Readonly<Record<string, Doing>>;

/** What is done the same for every kind. */
export const COMMON_DOINGS: Doings = {
  'step.tape': { uses: ['tape', 'chalk'] },
  'step.tape.bed': { uses: ['tape', 'chalk', 'level'] },
  'step.locate': { uses: [] },
  'step.seam': { uses: ['knife'] },
  'step.boards-last': { uses: ['spade'] },
  'step.fetch': { uses: [] },
  'step.ground': { uses: ['brush', 'goggles', 'gloves'] },
  'step.tops': { uses: [] },
};

/** Which parts each step adds: those that are stated, or those it names that no other step adds before it. */
export function partsByStep(
  steps: readonly { what: { code: string }; adds?: readonly string[] }[],
  doings: Doings,
  parts: readonly { id: string; role: string }[],
): string[][] {
  const stated = new Set(steps.flatMap((step) => step.adds ?? []));
  const left = new Map(parts.flatMap((part) => (stated.has(part.id) ? [] : [[part.id, part.role] as const])));
  return steps.map(({ what, adds }) => {
    const named = (doings[what.code]?.adds ?? []).map((one) => one.split(':'));
    const own = [...left].filter(([id, role]) =>
      named.some(
        ([of, begins]) => of === role && (begins === undefined || id === begins || id.startsWith(`${begins}-`)),
      ),
    );
    for (const [id] of own) left.delete(id);
    return [...(adds ?? []), ...own.map(([id]) => id)];
  });
}

/** Which joints each step makes: by their kind where a step names it, else as soon as the last of their parts is there. */
export function jointsByStep<J extends { kind: string; parts: readonly string[] }>(
  steps: readonly { adds?: readonly string[]; joins?: readonly string[] }[],
  joints: readonly J[],
): J[][] {
  const comes = new Map(steps.flatMap((step, i) => (step.adds ?? []).map((id) => [id, i] as const)));
  const made = steps.map((): J[] => []);
  for (const joint of joints) {
    const named = steps.findIndex((step) => step.joins?.includes(joint.kind));
    made[named >= 0 ? named : Math.max(0, ...joint.parts.map((id) => comes.get(id) ?? 0))]?.push(joint);
  }
  return made;
}
