import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';

const ROOT = resolve(import.meta.dirname, '..');
const WHERE = [
  'web/views',
  'web/app',
  'web/ui',
  'web/words',
  'web/sheets',
  ...['catalogue', 'crops', 'checks', 'choosing', 'structures', 'building', 'site'].map((room) => `core/${room}`),
];

/**
 * Everything in a file that could be read by somebody: strings, templates and the text between tags; not what is
 * imported. Decision 43.
 */
function textsOf(file: string): string[] {
  const texts: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (
      ts.isStringLiteralLike(node) ||
      ts.isJsxText(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddleOrTemplateTail(node)
    )
      texts.push(node.text.replaceAll(/\s+/g, ' '));
    ts.forEachChild(node, visit);
  };
  visit(
    ts.createSourceFile(
      file,
      readFileSync(resolve(ROOT, file), 'utf8'),
      ts.ScriptTarget.Latest,
      true,
      file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
    ),
  );
  return texts;
}

const quoted = (cell: string): string[] => [...cell.matchAll(/`([^`]+)`/g)].map(([, word]) => word as string);
const TABLE = readFileSync(resolve(ROOT, 'docs/words.md'), 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| `'))
  .map((line) => line.split('|').map(quoted))
  .map(([, said, , never]) => ({ said: said ?? [], never: never ?? [] }));

it('says the words of docs/words.md, and none that nobody says', () => {
  const files = WHERE.flatMap((room) =>
    readdirSync(resolve(ROOT, room), { recursive: true, encoding: 'utf8' }).map((file) => `${room}/${file}`),
  ).filter((file) => /\.tsx?$/.test(file) && !/\.(test|fixture|spec)\./.test(file));
  const texts = files.flatMap((file) => textsOf(file).map((text) => ({ file, text })));
  expect(TABLE.length).toBeGreaterThan(20);
  for (const { said, never } of TABLE) {
    for (const word of said)
      expect(
        texts.some(({ text }) => text.includes(word)),
        word,
      ).toBe(true);
    // One word alone is a heading or a label; several are not said anywhere.
    for (const word of never)
      expect(
        texts.filter(({ text }) =>
          word.includes(' ') ? new RegExp(`${word}(?!\\w)`).test(text) : text.trim() === word,
        ),
      ).toEqual([]);
  }
  // Feet and inches alone are for those who read them: beside them stands what they are in millimetres or metres.
  const feetAlone = texts.filter(
    ({ file, text }) =>
      / /.test(text) &&
      /\d ?[′″]/.test(text) &&
      !/\d ?(mm|m|cm)\b/.test(text) &&
      file.startsWith('core/structures/kinds') &&
      !/demo\.ts$/.test(file),
  );
  expect(feetAlone).toEqual([]);
});
