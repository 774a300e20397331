import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import type { Role } from '../design/design';
import { computeStructure } from '../plan/compute';
import { KINDS } from '../structures/registry';
import { sayEnds } from '../design/end-cuts';
import { say } from '../wording/say';

/** What each role of a part is, and what its `cutMm` measures. */
const ROLES: Record<Role, string> = {
  post: 'stands in the ground; as bought, or cut to length',
  pole: 'a whole pole, foot to tip',
  stake: 'a light post, cut to length',
  cane: 'a whole cane',
  beam: 'along the top, end to end',
  'cross arm': 'across the beam',
  rail: 'level between posts, end to end',
  stile: 'up a leaf, foot to head',
  slat: 'across a leaf',
  'frame side': 'one of four sides, over its notches',
  brace: 'across a corner, long point to long point',
  panel: 'welded panel, whole or cut beside a wire: its length',
  shelf: 'strip of a panel split lengthways: its length',
  'fine mesh': 'net by length',
  mesh: 'mesh by length',
  'wind skirt': 'cloth by length',
  'line wire': 'with its ends',
  'guy wire': 'less its turnbuckle, with its ends',
  chain: 'tether across a frame, with its ends',
  string: 'drop, wraps, knots and slack',
  lashing: 'hitches, wraps, turns and tail',
  'ladder string': 'one round, with turns and ends',
  pass: 'there and back (or once), with turns and ends',
  thread: 'one way of weaving, nail to nail, with turns and ends',
  concrete: 'depth poured; the volume stands in `litres`',
  gravel: 'depth of the layer; the volume stands in `litres`',
};

/** docs/kinds.md: what `compute` gives for each kind, shown by the demo garden's own support of it. */
export function kindTables(): string {
  const tongue = { units: 'metric', locale: 'en' } as const;
  const tables = KINDS.map((kind) => {
    const structure = DEMO_PLAN.structures.find((one) => one.kind === kind.id);
    if (!structure) throw new Error(`The demo garden has no ${kind.id}: add one, so that it can be shown.`);
    const { bill, sized } = computeStructure(DEMO_PLAN, structure);
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
    const notes = sized.season
      .map((note) => `- ${note.on ? `\`${note.on}\` ` : ''}${say(note.what, kind.phrases, tongue)}`)
      .join('\n');
    return `## ${kind.name} (\`${kind.id}\`)\n\n${kind.blurb} Shown by “${structure.name}” of the demo garden (\`${structure.id}\`): ${sized.design.parts.length} parts, ${sized.design.joints.length} joints, ${sized.design.stations.length} places.\n\n${table('part')}\n\n${table('joint')}\n\n\`season[]\`:\n\n${notes || '- nothing'}\n`;
  });
  const roles = Object.entries(ROLES)
    .map(([role, means]) => `| \`${role}\` | ${means} |`)
    .join('\n');
  return `# What \`compute\` gives for each kind\n\nMade by \`npm run schemas\` from the demo garden at its invented prices; a test holds this page to it. Knobs: [knobs.md](knobs.md). Shape of the document: [plan-format.md](plan-format.md). Ends of bars: \`square\`; \`mitre\` slants across the wide face; \`angle\` across the narrow one; \`notch\` takes part of the thickness away; \`as bought\`.\n\n## Roles of parts\n\n| role | what it is, and what \`cutMm\` measures |\n|---|---|\n${roles}\n\n${tables.join('\n')}`;
}
