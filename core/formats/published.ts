import { formatLength } from '../quantity/length';
import { KINDS } from '../structures/registry';
import { jsonSchemaOf } from './json-schema';
import { kindTables } from './kind-tables';
import { PLAN_SCHEMA } from './plan-schema';
import { RESULT_SCHEMA } from './result-schema';

/** The documents of docs/ that are made from data: file name and contents. A test holds the repository's copies to these. */
export function publishedDocuments(): [file: string, text: string][] {
  const json = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;
  return [
    ['plan.schema.json', json(jsonSchemaOf(PLAN_SCHEMA, 'Lignum plan, version 1'))],
    ['result.schema.json', json(jsonSchemaOf(RESULT_SCHEMA, 'Lignum result, version 1'))],
    ['knobs.md', knobTables()],
    ['kinds.md', kindTables()],
  ];
}

function knobTables(): string {
  const tables = KINDS.map((kind) => {
    const rows = Object.entries(kind.knobs).map(([name, knob]) => {
      const range =
        knob.type === 'choice'
          ? knob.choices.map((choice) => `\`${choice.id}\` ${choice.label}`).join('; ')
          : knob.type === 'length'
            ? `${knob.min} to ${knob.max} mm (${formatLength(knob.min, 'imperial')} to ${formatLength(knob.max, 'imperial')})`
            : `${knob.min} to ${knob.max}, whole`;
      return `| \`${name}\` | ${knob.label} | ${range} | ${knob.help} |`;
    });
    return `## ${kind.name} (\`${kind.id}\`)\n\n${kind.blurb}\n\n| knob | label | values | help |\n|---|---|---|---|\n${rows.join('\n')}\n`;
  });
  return `# Knobs\n\nMade from the knob data by \`npm run schemas\`; a test holds this page to it. A knob that a plan leaves out follows the crop, the bed and the price book.\n\n${tables.join('\n')}`;
}
