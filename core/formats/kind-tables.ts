import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import { seasonOf, seasonPhrases } from '../plan/season';
import { computeStructure } from '../plan/compute';
import type { StructureKind } from '../structures/kind';
import { KINDS } from '../structures/registry';
import { sayEnds } from '../design/end-cuts';
import { say } from '../wording/say';

/** docs/kinds.md: what `compute` gives for each kind, shown by the demo garden's own support of it. */
export function kindTables(): string {
  const tongue = { units: 'metric', locale: 'en' } as const;
  const tables = KINDS.map((kind) => {
    const structure = DEMO_PLAN.structures.find((one) => one.kind === kind.id);
    if (!structure) throw new Error(`The demo garden has no ${kind.id}: add one, so that it can be shown.`);
    const computed = computeStructure(DEMO_PLAN, structure);
    const { bill, sized } = computed;
    const row = (line: (typeof bill)[number]): string => {
      const size =
        line.litres !== null
          ? `${Math.round(line.litres * 10) / 10} L`
          : line.cutMm === null
            ? ''
            : `${Math.round(line.cutMm)} mm`;
      return `| \`${line.use}\` | ${line.count} | ${CATALOGUE.stock(line.stock).name} | ${size} | ${line.ends ? sayEnds(line.ends, 'metric') : ''} | ${say(line.why, kind.phrases, tongue)} |`;
    };
    const table = (of: 'part' | 'joint'): string =>
      `| ${of === 'part' ? 'role' : 'kind of joint'} | count | stock | each | ends | why so many |\n|---|---|---|---|---|---|\n${bill
        .filter((line) => (line.of === 'joint') === (of === 'joint'))
        .map(row)
        .join('\n')}`;
    const notes = seasonOf(computed)
      .map((note) => `- ${note.on ? `\`${note.on}\` ` : ''}${say(note.what, seasonPhrases(computed), tongue)}`)
      .join('\n');
    return `## ${kind.name} (\`${kind.id}\`)\n\n${kind.blurb} Shown by “${structure.name}” of the demo garden (\`${structure.id}\`): ${sized.design.parts.length} parts, ${sized.design.joints.length} joints, ${sized.design.stations.length} places.\n\n${table('part')}\n\n${table('joint')}\n\n\`season[]\`:\n\n${notes || '- nothing'}\n`;
  });
  const roles = Object.entries(
    Object.assign({}, ...KINDS.map((kind) => kind.names.parts)) as StructureKind['names']['parts'],
  )
    .map(([role, { means }]) => `| \`${role}\` | ${means} |`)
    .join('\n');
  return `# What \`compute\` gives for each kind\n\nMade by \`npm run schemas\` from the demo garden at its invented prices; a test holds this page to it. Knobs: [knobs.md](knobs.md). Shape of the document: [plan-format.md](plan-format.md). Ends of bars: \`square\`; \`mitre\` slants across the wide face; \`angle\` across the narrow one; \`notch\` takes part of the thickness away; \`as bought\`.\n\n## Roles of parts\n\n| role | what it is, and what \`cutMm\` measures |\n|---|---|\n${roles}\n\n${tables.join('\n')}`;
}
