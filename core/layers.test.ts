import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** What the rules of the house say of a small house with these files. */
function broken(files: Record<string, string>): string[] {
  const house = mkdtempSync(join(tmpdir(), 'lignum-layers-'));
  try {
    for (const [path, text] of Object.entries(files)) {
      mkdirSync(join(house, dirname(path)), { recursive: true });
      writeFileSync(join(house, path), text);
    }
    mkdirSync(join(house, 'web'), { recursive: true });
    writeFileSync(join(house, 'web/here.ts'), 'export {};');
    const needed = [
      '.dependency-cruiser.cjs',
      'tsconfig.base.json',
      'tsconfig.all.json',
      'web/tsconfig.json',
      'package.json',
    ];
    for (const name of needed) cpSync(join(ROOT, name), join(house, name));
    symlinkSync(join(ROOT, 'node_modules'), join(house, 'node_modules'));
    const said = execFileSync(
      process.execPath,
      [
        join(ROOT, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
        'core',
        'web',
        '--config',
        '.dependency-cruiser.cjs',
        '--output-type',
        'json',
      ],
      { cwd: house, encoding: 'utf8', maxBuffer: 1e8 },
    );
    const { summary } = JSON.parse(said) as { summary: { violations: { rule: { name: string } }[] } };
    return [...new Set(summary.violations.map((one) => one.rule.name))].sort();
  } finally {
    rmSync(house, { recursive: true });
  }
}

it('the tool that holds the layers says so when one is broken, and nothing of a house in order', () => {
  expect(
    broken({
      'core/quantity/length.ts': 'export const a = 1;',
      'core/site/bed.ts': "import { a } from '../quantity/length';\nexport const b = a;",
    }),
  ).toEqual([]);
  expect(
    broken({
      'core/quantity/length.ts': "import { b } from '../site/bed';\nexport const a = b;",
      'core/site/bed.ts': "import { readFileSync } from 'node:fs';\nexport const b = readFileSync;",
      'core/structures/kinds/one/index.ts': "import { two } from '../two/index';\nexport const one = two;",
      'core/structures/kinds/two/index.ts': "import { view } from '../../../../web/view';\nexport const two = view;",
      'web/view.ts': 'export const view = 1;',
      'core/loose.ts': "import { a } from './quantity/length';\nexport const c = a;",
    }),
  ).toEqual(['kind-by-kind', 'listed', 'no-higher-than-quantity', 'no-machine', 'pure']);
});
