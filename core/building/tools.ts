/**
 * What a step is done with, beside hands. Words as they stand on the list to lay out before work begins
 * (common practice, no source).
 */
export const TOOLS = {
  tape: 'Steel tape, as long as the row',
  chalk: 'Lumber crayon or a soft pencil',
  line: 'String line',
  pegs: 'Pegs for the line, two for each end',
  plumb: 'Plumb bob',
  level: 'Spirit level, 4′ (1.2 m)',
  'line level': 'Line level, or a clear hose with water',
  square: 'Carpenter’s square',
  bevel: 'Sliding bevel',
  dividers: 'Dividers',
  spade: 'Spade',
  'hole digger': 'Post-hole digger',
  tamper: 'Tamping bar, or a piece of 2×4',
  barrow: 'Wheelbarrow and hose',
  driver: 'Post driver with two handles',
  mallet: 'Heavy mallet',
  bar: 'Pilot bar, as thick as a pole',
  bracing: 'Bracing: two boards and two stakes for each end post',
  blocks: 'Blocks to rest panels on, of the height that is said',
  spacer: 'Spacer, of the width that is said',
  saw: 'Hand saw',
  'saw bench': 'Circular saw, its guide, two clamps and trestles',
  chisel: 'Chisel',
  clamps: 'Two clamps',
  drill: 'Drill and driver, with the bits below',
  hammer: 'Hammer',
  cutters: 'Bolt cutters',
  snips: 'Wire cutters',
  pliers: 'Pliers',
  knife: 'Knife or shears',
  steps: 'Step ladder, on firm level ground',
  brush: 'Brush, raw linseed oil and a rag',
  gloves: 'Work gloves',
  goggles: 'Eye protection',
  muffs: 'Ear protection',
  mask: 'Dust mask',
} as const;
export type Tool = keyof typeof TOOLS;

/** What a step adds and is done with, by the step's code: roles of the parts, or a role and how their names begin ("rail:rail-front"). */
export interface Doing {
  adds?: readonly string[];
  uses: readonly Tool[];
}
export type Doings = Readonly<Record<string, Doing>>;

/** What is done the same for every kind. */
export const COMMON_DOINGS: Doings = {
  'step.tape': { uses: ['tape', 'chalk'] },
  'step.tape.bed': { uses: ['tape', 'chalk', 'level'] },
  'step.locate': { uses: [] },
  'step.unbrace': { uses: ['drill'] },
  'step.footing.tamped': { uses: ['tamper', 'level'] },
  'step.footing.dry': { adds: ['concrete'], uses: ['barrow', 'level', 'gloves', 'mask', 'goggles'] },
  'step.footing.wet': { adds: ['concrete'], uses: ['barrow', 'spade', 'level', 'gloves', 'mask', 'goggles'] },
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
