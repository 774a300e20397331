import { readdirSync, readFileSync, writeFileSync } from 'node:fs';

/** Writes core/structures/registry.ts, loaders.ts, cards.ts and bed-sides.ts, and core/demo/pieces.ts, from the folders of core/structures/kinds: adding a kind is adding its folder. */
const at = new URL('../core/structures/', import.meta.url);
const kinds = readdirSync(new URL('kinds/', at)).sort();
const name = (kind) => kind.replace(/-(\w)/g, (_, letter) => letter.toUpperCase());
const head = '// Written by `npm run kinds` from the folders of kinds/.\n';

writeFileSync(
  new URL('registry.ts', at),
  `${head}import type { StructureKind } from './kind';
${kinds.map((kind) => `import { kind as ${name(kind)} } from './kinds/${kind}/index';`).join('\n')}

/** Every kind of structure the program can plan. */
export const KINDS: readonly StructureKind[] = [
${kinds.map((kind) => `  ${name(kind)},`).join('\n')}
];

export function kindOf(id: string): StructureKind {
  const kind = KINDS.find((one) => one.id === id);
  if (!kind) throw new Error(\`No kind of structure is called "\${id}": check the id at the door before asking.\`);
  return kind;
}
`,
);

writeFileSync(
  new URL('loaders.ts', at),
  `${head}import { ofFolder, type StructureKind } from './kind';

/** Each kind by itself, fetched when it is wanted: for pages that show one. */
export const KIND_LOADERS: Readonly<Record<string, () => Promise<StructureKind>>> = {
${kinds.map((kind) => `  ${kind.includes('-') ? `'${kind}'` : kind}: async () => ofFolder('${kind}', await import('./kinds/${kind}/index')),`).join('\n')}
};
`,
);

writeFileSync(
  new URL('bed-sides.ts', at),
  `${head}
/** Kinds that are the sides of a bed, and decide how high and how large it is: known before any kind is fetched. */
export const BED_SIDES: ReadonlySet<string> = new Set([${kinds
    .filter((kind) => readFileSync(new URL(`kinds/${kind}/index.ts`, at), 'utf8').includes('makesBed'))
    .map((kind) => `'${kind}'`)
    .join(', ')}]);
`,
);

writeFileSync(
  new URL('../demo/pieces.ts', at),
  `${head}import type { DemoPiece } from '../structures/demo-piece';
${kinds.map((kind) => `import { demo as ${name(kind)} } from '../structures/kinds/${kind}/demo';`).join('\n')}

/** What of each kind stands in the demo garden. */
export const DEMO_PIECES: readonly (DemoPiece & { kind: string })[] = [
${kinds.map((kind) => `  { kind: '${kind}', ...${name(kind)} },`).join('\n')}
];
`,
);

// What is known of a kind without its code is what its code says.
const { KINDS } = await import(new URL('registry.ts', at).href);
const cards = KINDS.map(({ id, name, blurb, purpose, stands, isThere, hosts }) => ({
  ...{ id, name, blurb, purpose, stands, isThere, hosts },
}));
writeFileSync(
  new URL('cards.ts', at),
  `${head}import type { KindCard } from './kind';

/** What is known of every kind without its drawings and sums: for pages that name what stands and work nothing out. */
export const KIND_CARDS: readonly KindCard[] = ${JSON.stringify(cards, null, 2)};

export function cardOf(id: string): KindCard {
  const card = KIND_CARDS.find((one) => one.id === id);
  if (!card) throw new Error(\`No kind of structure is called "\${id}": check the id at the door before asking.\`);
  return card;
}
`,
);
