import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebian, ensurePackages } from './install.mjs';
import { dropCluster, ensurePostgres, freePort, startCluster } from './postgres.mjs';
import { ensureData, has, MADE, ROOT, runBeside, tell } from './run.mjs';
import { prepareDatabase, serve } from './serve.mjs';

const bin = (name) => join(ROOT, 'node_modules/.bin', name);

/** Everything that is checked, on a machine that has nothing yet. Prints "N passed, N failed" last; gives the exit code. */
export async function test() {
  ensureData();
  // What comes from Debian and what comes from the registry need not wait for each other.
  const debian = ensurePostgres().then(() =>
    ensureDebian(
      () => has('chromium-headless-shell') && has('pdftotext'),
      ['chromium-headless-shell', 'poppler-utils'],
    ),
  );
  await Promise.all([ensurePackages(), debian]);
  const sum = { passed: 0, failed: 0, flaky: 0 };
  const count = (passed, failed) => {
    sum.passed += passed;
    sum.failed += failed;
  };
  const step = (name, code) => {
    tell(`${code === 0 ? '✓' : '✗'} ${name}`);
    count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  };
  // What reads the code goes on beside the build, and then beside the unit tests: no core waits for another.
  const reading = readCode(step);
  const built = await runBeside(process.execPath, [
    '--input-type=module',
    '-e',
    `import { ensureBuilt } from ${JSON.stringify(join(ROOT, 'scripts/serve.mjs'))}; process.exit(await ensureBuilt());`,
  ]);
  step('build', built);

  const reports = join(MADE, 'reports');
  mkdirSync(reports, { recursive: true });
  const unit = join(reports, 'unit.json');
  rmSync(unit, { force: true });
  await runBeside(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unit}`], {
    asItComes: true,
  });
  await reading;
  const units = readReport(unit);
  count(
    units?.numPassedTests ?? 0,
    units ? units.numFailedTests + (units.success || units.numFailedTests > 0 ? 0 : 1) : 1,
  );

  if (built === 0) {
    const faces = await testInterface(reports);
    count(faces.passed, faces.failed);
    sum.flaky += faces.flaky;
  }
  // What passed only when it was run again is neither: none is the aim.
  if (sum.flaky > 0) tell(`${sum.flaky} flaky: passed only when run again`);
  tell(`${sum.passed} passed, ${sum.failed} failed`);
  return sum.failed > 0 || sum.passed === 0 ? 1 : 0;
}

/** Rounds of the thorough test, each from a seed of its own, and how many times the usual cases each tries. */
const ROUNDS = 30;
const TIMES = 1;

/** What is suggested, mended and kept out, tried over many seeds; a failure names its seed. */
export async function testThoroughly() {
  ensureData();
  await ensurePackages();
  const first = Math.floor(Date.now() / 1000);
  for (let round = 0; round < ROUNDS; round++) {
    const seed = String(first + round);
    tell(`Round ${round + 1} of ${ROUNDS}: LIGNUM_SEED=${seed} LIGNUM_TIMES=${TIMES}`);
    const code = await runBeside(
      bin('vitest'),
      [
        'run',
        'core/structures',
        'core/joinery',
        'core/choosing',
        'core/plan',
        // Of what is fixed all is tried once.
        ...(round === 0 ? ['core/canonical', 'web/sheets'] : []),
        '--testTimeout=3600000',
      ],
      { asItComes: true, env: { LIGNUM_SEED: seed, LIGNUM_TIMES: String(TIMES) } },
    );
    if (code !== 0) return code;
  }
  return 0;
}

/** Types, form, lint, layers, dead code, one after the other; what has not changed since the last time is not read again. */
async function readCode(step) {
  const check = async (name, command, ...args) => step(name, await runBeside(bin(command), args));
  // The compiler that is a program of its own, a fourth of the time; what lints and builds knows the one before it.
  const types = async (name, project, mark) =>
    step(
      name,
      await runBeside(process.execPath, [
        join(ROOT, 'node_modules/typescript-7/bin/tsc'),
        '-p',
        project,
        '--incremental',
        '--tsBuildInfoFile',
        join(MADE, `types-${mark}.json`),
      ]),
    );
  const cache = (name) => ['--cache', '--cache-strategy', 'content', '--cache-location', join(MADE, name)];
  await types('types of the core', 'core', 'core');
  await types('types of everything', 'tsconfig.all.json', 'all');
  await check('form', 'prettier', '--check', '.', '--log-level', 'warn', ...cache('prettier'));
  await check('lint', 'eslint', '.', '--max-warnings', '0', ...cache('eslint'));
  await check('promises and types', 'oxlint', '--tsconfig', 'tsconfig.all.json');
  await check('layers', 'depcruise', 'core', 'web', '--config', '.dependency-cruiser.cjs');
  await check('nothing dead', 'knip', '--no-progress');
}

/** The real pages against a database of their own, in headless Chromium. */
async function testInterface(reports) {
  const at = join(MADE, 'test-pg');
  const cluster = await startCluster(at, `test_${process.pid}`);
  let server = null;
  try {
    await prepareDatabase(cluster.url);
    server = await serve({ url: cluster.url, host: '127.0.0.1', port: await freePort(), quiet: true });
    const report = join(reports, 'interface.json');
    rmSync(report, { force: true });
    await runBeside(bin('playwright'), ['test', '-c', 'web/e2e'], {
      asItComes: true,
      env: {
        LIGNUM_ADDRESS: server.address,
        LIGNUM_DATABASE_URL: cluster.url,
        LIGNUM_ADMIN_URL: cluster.adminUrl,
        PLAYWRIGHT_JSON_OUTPUT_NAME: report,
      },
    });
    const stats = readReport(report)?.stats;
    return stats
      ? { passed: stats.expected, failed: stats.unexpected, flaky: stats.flaky }
      : { passed: 0, failed: 1, flaky: 0 };
  } finally {
    await server?.stop();
    cluster.stop();
    dropCluster(at);
  }
}

function readReport(path) {
  try {
    return JSON.parse(readFileSync(path, 'utf8'));
  } catch {
    return null;
  }
}
