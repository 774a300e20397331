import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebian, ensurePackages } from './install.mjs';
import { dropCluster, ensurePostgres, freePort, startCluster } from './postgres.mjs';
import { DATA, ensureData, has, ROOT, runBeside, tell } from './run.mjs';
import { prepareDatabase, serve } from './serve.mjs';

const bin = (name) => join(ROOT, 'node_modules/.bin', name);

/** Everything that is checked, on a machine that has nothing yet. Prints "N passed, N failed" last; gives the exit code. */
export async function test() {
  ensureData();
  await ensurePackages();
  await ensurePostgres();
  await ensureDebian(() => has('chromium'), ['chromium']);
  const sum = { passed: 0, failed: 0 };
  const count = (passed, failed) => {
    sum.passed += passed;
    sum.failed += failed;
  };
  const step = (name, code) => {
    tell(`${code === 0 ? '✓' : '✗'} ${name}`);
    count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  };
  // The build keeps one core busy; what reads the code has the other.
  const building = runBeside(process.execPath, [
    '--input-type=module',
    '-e',
    `import { ensureBuilt } from ${JSON.stringify(join(ROOT, 'scripts/serve.mjs'))}; process.exit(await ensureBuilt());`,
  ]);
  step('types of the core', await runBeside(bin('tsc'), ['-p', 'core']));
  step('types of everything', await runBeside(bin('tsc'), ['-p', 'tsconfig.all.json']));
  step(
    'form',
    await runBeside(bin('prettier'), [
      '--check',
      '.',
      '--log-level',
      'warn',
      '--cache',
      '--cache-location',
      join(DATA, 'prettier'),
    ]),
  );
  step('lint', await runBeside(bin('eslint'), ['.', '--max-warnings', '0']));
  step('layers', await runBeside(bin('depcruise'), ['core', 'web', '--config', '.dependency-cruiser.cjs']));
  step('nothing dead', await runBeside(bin('knip'), ['--no-progress']));
  const built = await building;
  step('build', built);

  const reports = join(DATA, 'reports');
  mkdirSync(reports, { recursive: true });
  const unit = join(reports, 'unit.json');
  rmSync(unit, { force: true });
  await runBeside(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unit}`], {
    asItComes: true,
  });
  const units = readReport(unit);
  count(
    units?.numPassedTests ?? 0,
    units ? units.numFailedTests + (units.success || units.numFailedTests > 0 ? 0 : 1) : 1,
  );

  if (built === 0) {
    const faces = await testInterface(reports);
    count(faces.passed, faces.failed);
  }
  tell(`${sum.passed} passed, ${sum.failed} failed`);
  return sum.failed > 0 || sum.passed === 0 ? 1 : 0;
}

/** The real pages against a database of their own, in headless Chromium. */
async function testInterface(reports) {
  const at = join(DATA, 'test-pg');
  const cluster = await startCluster(at, `test_${process.pid}`);
  let server = null;
  try {
    await prepareDatabase(cluster.url);
    server = await serve({ url: cluster.url, host: '127.0.0.1', port: await freePort(), quiet: true });
    const report = join(reports, 'interface.json');
    rmSync(report, { force: true });
    await runBeside(bin('playwright'), ['test', '-c', 'web/e2e'], {
      asItComes: true,
      env: { LIGNUM_ADDRESS: server.address, LIGNUM_DATABASE_URL: cluster.url, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
    });
    const stats = readReport(report)?.stats;
    return stats ? { passed: stats.expected + stats.flaky, failed: stats.unexpected } : { passed: 0, failed: 1 };
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
