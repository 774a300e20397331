import { spawn } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import ts from 'typescript';
import { ROOT } from './run.mjs';

/**
 * What no test notices has no test: changes one sign, limit, figure or choice of the core at a time and asks the unit
 * tests. The changes are drawn by a seed, so many in each room; those that live are listed with their line.
 *
 *   npm run mutants -- [--rooms geometry,cutting] [--each 50] [--from 15] [--seed 22] [--report FILE] [--all]
 *   npm run mutants -- --again [--all] --report FILE     asks again for those of a report that lived
 *
 * What pins results without saying what is right of them (`core/canonical`) is left out: it would notice everything.
 */
const ROOMS = ['geometry', 'cutting', 'costing', 'plan', 'checks', 'site', 'statics', 'setting-out'];
const argument = (name, otherwise) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : (process.argv[at + 1] ?? otherwise);
};
const WORKERS = Number(argument('workers', '2'));
/** Asked last, and only with `--all`: what they alone notice is noticed late, and costs minutes a change. */
const SLOW = ['contract', 'fixings', 'documents', 'shade', 'handles', 'judgement'];
/** Never asked, too slow for every change: what they alone would notice counts as living. */
const NOT_ASKED = ['whole-plans', 'as-suggested', 'rays', 'layers', 'sources'];
/** Longer than all that is asked takes: what is still going then goes round and round. */
const LONGEST_MS = 400_000;
/** Figures as small as this are slack of an arithmetic that is not exact. */
const SLACK = 0.011;

const SWAPS = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
]);
const CALLS = {
  'Math.min': 'Math.max',
  'Math.max': 'Math.min',
  'Math.ceil': 'Math.floor',
  'Math.floor': 'Math.ceil',
  'Math.round': 'Math.ceil',
  'Math.sin': 'Math.cos',
  'Math.cos': 'Math.sin',
};

/** Every change that can be made to a file: where, and what stands there then. */
function changesOf(file) {
  const text = readFileSync(join(ROOT, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const changes = [];
  const put = (node, to, what) =>
    changes.push({
      file,
      from: node.getStart(),
      to: node.getEnd(),
      text: to,
      what,
      line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1,
    });
  const walk = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const other = SWAPS.get(node.operatorToken.kind);
      // A limit met exactly is seldom told from one passed by a hair: there the comparison is turned round.
      if (other) {
        const token = node.operatorToken.getText();
        const round = { '<': '>', '<=': '>', '>': '<', '>=': '<' }[token];
        put(node.operatorToken, round ?? other, `${token} → ${round ?? other}`);
      }
    }
    if (ts.isNumericLiteral(node) && Number(node.text) > SLACK) {
      const value = Number(node.text);
      // A small whole number is a count or an index, the rest is a measure: 3 % off, where that would hurt.
      const next = Number.isInteger(value) && value < 10 ? value + 1 : Number((value * 1.03).toPrecision(6));
      put(node, String(next), `${node.text} → ${next}`);
    }
    if (ts.isCallExpression(node)) {
      const other = CALLS[node.expression.getText()];
      if (other) put(node.expression, other, `${node.expression.getText()} → ${other}`);
    }
    if (ts.isConditionalExpression(node)) put(node.condition, `!(${node.condition.getText()})`, 'the other branch');
    if (ts.isIfStatement(node)) put(node.expression, `!(${node.expression.getText()})`, 'the other branch of an if');
    if (node.kind === ts.SyntaxKind.TrueKeyword) put(node, 'false', 'true → false');
    if (node.kind === ts.SyntaxKind.FalseKeyword) put(node, 'true', 'false → true');
    ts.forEachChild(node, walk);
  };
  walk(source);
  return changes;
}

/** Mulberry32: the same draws for the same seed on every machine. */
function lots(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const filesOf = (room) =>
  readdirSync(join(ROOT, 'core', room), { recursive: true })
    .filter((name) => name.endsWith('.ts') && !/\.(test|fixture)\.ts$/.test(name))
    .sort()
    .map((name) => `core/${room}/${name}`);

function drawn(room, each, seed) {
  const all = filesOf(room).flatMap(changesOf);
  const lot = lots(seed + ROOMS.indexOf(room));
  return all
    .map((change) => ({ change, at: lot() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, each)
    .map(({ change }, nth) => ({ room, nth, ...change }));
}

/** A copy of the core that can be spoilt. */
function workshop(n) {
  const at = mkdtempSync(join(tmpdir(), `lignum-mutants-${n}-`));
  for (const name of [
    'core',
    'web',
    'docs',
    'scripts',
    'package.json',
    'vitest.config.ts',
    'vitest.setup.ts',
    'tsconfig.base.json',
    'tsconfig.all.json',
    'README.md',
  ])
    if (existsSync(join(ROOT, name)))
      cpSync(join(ROOT, name), join(at, name), {
        recursive: true,
        filter: (path) => !path.includes('/.next') && !path.endsWith('node_modules'),
      });
  rmSync(join(at, 'core/canonical'), { recursive: true, force: true });
  mkdirSync(join(at, 'node_modules'));
  for (const name of readdirSync(join(ROOT, 'node_modules')))
    if (name !== '@lignum' && !name.startsWith('.vite'))
      symlinkSync(join(ROOT, 'node_modules', name), join(at, 'node_modules', name));
  mkdirSync(join(at, 'node_modules/@lignum'));
  for (const name of ['core', 'web']) symlinkSync(join(at, name), join(at, 'node_modules/@lignum', name));
  if (existsSync(join(ROOT, 'web/node_modules')))
    symlinkSync(join(ROOT, 'web/node_modules'), join(at, 'web/node_modules'));
  return at;
}

/** What runs now; it ends with this. */
const running = new Set();
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    for (const child of running) process.kill(-child.pid, 'SIGKILL');
    process.exit(1);
  });

/** Whether the tests named notice: they fail, or never end. */
function notices(at, paths, without) {
  return new Promise((resolve) => {
    const child = spawn(
      join(ROOT, 'node_modules/.bin/vitest'),
      [
        'run',
        ...paths,
        ...without.map((name) => `--exclude=**/${name}.test.ts`),
        '--bail=1',
        '--reporter=dot',
        '--maxWorkers=1',
      ],
      {
        cwd: at,
        stdio: ['ignore', 'pipe', 'pipe'],
        detached: true,
        env: { ...process.env, LIGNUM_SHRINK: 'no', LIGNUM_TIMES: '0.25' },
      },
    );
    running.add(child);
    let told = '';
    child.stdout.on('data', (text) => (told += text));
    child.stderr.on('data', (text) => (told += text));
    const late = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), LONGEST_MS);
    child.on('exit', (code) => {
      clearTimeout(late);
      running.delete(child);
      const by =
        /FAIL\s+(\S+)/.exec(stripVTControlCharacters(told))?.[1] ?? (code === null ? 'never ends' : 'does not load');
      resolve(code === 0 ? null : by);
    });
  });
}

/** The room's own tests first, which are quick; then all that are not slow; then those too. A quarter of the usual cases. */
async function ask(at, change) {
  const path = join(at, change.file);
  const sound = readFileSync(path, 'utf8');
  writeFileSync(path, sound.slice(0, change.from) + change.text + sound.slice(change.to));
  try {
    return (
      (await notices(at, [`core/${change.room}/`], [])) ??
      (await notices(at, ['core'], [...SLOW, ...NOT_ASKED])) ??
      (all
        ? await notices(
            at,
            SLOW.map((name) => `/${name}.test`),
            NOT_ASKED,
          )
        : null)
    );
  } finally {
    writeFileSync(path, sound);
  }
}

const report = argument('report', join(ROOT, '.data/mutants.json'));
const again = process.argv.includes('--again');
const all = process.argv.includes('--all');
const known = again ? JSON.parse(readFileSync(report, 'utf8')) : [];
const todo = again
  ? known.filter((one) => !one.by)
  : argument('rooms', ROOMS.join(','))
      .split(',')
      .flatMap((room) => drawn(room, Number(argument('each', '50')), Number(argument('seed', '22'))))
      // Those before have been asked.
      .filter(({ nth }) => nth >= Number(argument('from', '0')))
      // Room by room in turn: what is stopped halfway has asked of all.
      .sort((a, b) => a.nth - b.nth);
const answers = again ? known.filter((one) => one.by) : [];
// What fails by itself would notice everything.
const first = workshop(0);
const failing = await notices(first, ['core'], [...SLOW, ...NOT_ASKED]);
if (failing) {
  process.stderr.write(`${failing} fails before anything is changed: mend that first.\n`);
  process.exit(1);
}
let next = 0;
await Promise.all(
  Array.from({ length: WORKERS }, async (_, n) => {
    const at = n === 0 ? first : workshop(n);
    while (next < todo.length) {
      const change = todo[next++];
      const by = await ask(at, change);
      answers.push({ ...change, by });
      process.stdout.write(
        `${answers.length}: ${by ? '  ' : 'LIVES'} ${change.file}:${change.line} ${change.what} ${by ?? ''}\n`,
      );
      writeFileSync(report, JSON.stringify([...answers, ...todo.slice(next)], null, 1));
    }
    rmSync(at, { recursive: true, force: true });
  }),
);
writeFileSync(report, JSON.stringify(answers, null, 1));
for (const room of ROOMS) {
  const of = answers.filter((one) => one.room === room);
  if (of.length > 0)
    process.stdout.write(`${room}: ${of.filter((one) => one.by !== null).length} of ${of.length} noticed\n`);
}
