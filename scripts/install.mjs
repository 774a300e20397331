import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Fault, has, isRoot, MADE, ROOT, runLong, tell } from './run.mjs';

const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex')
    .slice(0, 16);

/** npm packages exactly as the lock file has them; done again only when the lock file changes or an install was cut short. */
export async function ensurePackages() {
  const mark = join(MADE, 'packages-installed');
  const wanted = lockHash();
  if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted && existsSync(join(ROOT, 'node_modules', 'next')))
    return;
  tell('Installing npm packages from the lock file (once)…');
  const { code, err } = await runLong('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error']);
  if (code !== 0)
    throw new Fault(
      `npm could not install the packages; is the registry reachable? It said: ${err.trim().split('\n').slice(-3).join(' ')}`,
    );
  writeFileSync(mark, wanted);
}

/** Debian packages, installed when we may; otherwise the one command that does it is told. */
export async function ensureDebian(found, packages, { before, after } = {}) {
  if (found()) return;
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  if (!isRoot || !has('apt-get'))
    throw new Fault(`Lignum needs ${packages.join(' and ')}: install with  sudo ${command}  and start again.`);
  tell(`Installing ${packages.join(', ')} from Debian (once)…`);
  before?.();
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  const apt = async () => {
    const updated = await runLong('apt-get', ['update', '-qq'], { env });
    const done = await runLong('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { env });
    return done.err || updated.err;
  };
  const said = await apt().finally(() => after?.());
  if (!found())
    throw new Fault(
      `Debian's packages could not be installed; try  ${command}  yourself. It said: ${said.trim().split('\n').slice(-2).join(' ')}`,
    );
}

/** Debian would make and start a server of its own on installing PostgreSQL; we make ours under .data/. */
const CONF = '/etc/postgresql-common/createcluster.d/lignum-install.conf';
export const withoutMainCluster = {
  before: () => {
    mkdirSync('/etc/postgresql-common/createcluster.d', { recursive: true });
    writeFileSync(CONF, 'create_main_cluster = false\n');
  },
  after: () => rmSync(CONF, { force: true }),
};
