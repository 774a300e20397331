/**
 * Before and after, as ratios of one run on this machine: `npm run bench:against -- COMMIT`. The benches of an
 * earlier commit are run in a checkout of it beside this one (with this one's packages), in turns with those
 * of today, and their shares compared line by line. Takes about three minutes.
 */
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const TURNS = 3;
const HERE = fileURLToPath(new URL('..', import.meta.url));
const [commit] = process.argv.slice(2);
if (!commit) {
  process.stderr.write('Name the commit to compare with:  npm run bench:against -- COMMIT\n');
  process.exit(2);
}
const run = (command, args, cwd = HERE) => {
  const { status, stdout, stderr, error } = spawnSync(command, args, { cwd, encoding: 'utf8', maxBuffer: 64e6 });
  if (status !== 0) throw new Error(`${command} ${args.join(' ')}: ${error?.message ?? stderr.slice(-600)}`);
  return stdout;
};

/** Shares of a printed table by what stands in their line: '│ 0 │ 'Tomato wall' │ '26 %' │' gives Tomato wall → [26]. */
const sharesIn = (table) =>
  new Map(
    table.split('\n').flatMap((line) => {
      const cells = line
        .split('│')
        .map((cell) => cell.trim().replace(/^'|'$/g, ''))
        .filter((cell) => cell !== '');
      const shares = cells.filter((cell) => /^\d+ %$/.test(cell)).map((cell) => Number(cell.slice(0, -2)));
      const name = cells.find((cell) => /[a-z]{3}/i.test(cell));
      return name && shares.length > 0 ? [[name, shares]] : [];
    }),
  );

const beside = mkdtempSync(join(tmpdir(), 'lignum-before-'));
try {
  run('git', ['worktree', 'add', '--detach', beside, commit]);
  // Everybody's packages are shared; the core is its own.
  mkdirSync(join(beside, 'node_modules/@lignum'), { recursive: true });
  for (const name of readdirSync(join(HERE, 'node_modules')).filter((one) => one !== '@lignum'))
    symlinkSync(join(HERE, 'node_modules', name), join(beside, 'node_modules', name));
  symlinkSync(join(beside, 'core'), join(beside, 'node_modules/@lignum/core'));
  for (const bench of ['recompute', 'sun']) {
    // In turns, and the least of each: what else the machine does only ever adds.
    const [before, after] = [new Map(), new Map()];
    for (let turn = 0; turn < TURNS; turn++)
      for (const [least, cwd] of [
        [before, beside],
        [after, HERE],
      ])
        for (const [name, [share]] of sharesIn(run(process.execPath, ['--import', 'tsx', `bench/${bench}.ts`], cwd)))
          least.set(name, Math.min(share, least.get(name) ?? Infinity));
    console.table(
      Object.fromEntries(
        [...after].flatMap(([name, now]) => {
          const then = before.get(name);
          return then === undefined
            ? []
            : [[name, { 'before, %': then, 'after, %': now, 'after : before': `${(now / then).toFixed(2)} : 1` }]];
        }),
      ),
    );
  }
} finally {
  spawnSync('git', ['worktree', 'remove', '--force', beside], { cwd: HERE });
  rmSync(beside, { recursive: true, force: true });
}
