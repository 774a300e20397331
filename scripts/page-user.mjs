import { createHash } from 'node:crypto';
import {
  chmodSync,
  copyFileSync,
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { join } from 'node:path';
import { Fault, isRoot, ROOT, run, tell } from './run.mjs';

/** Who serves the pages where Lignum is started as root: a user who owns nothing. */
const USER = 'lignum';
const KEPT = '/var/lib/lignum';
/** What the page server reads while it runs; what only builds or checks it stays where it is. */
const READ = [
  'package.json',
  'scripts',
  'web/package.json',
  'web/listen.mjs',
  'web/next.config.ts',
  'web/public',
  'web/.next',
  'node_modules',
];
const LEFT_OUT = [join(ROOT, 'web/.next/cache'), join(ROOT, 'web/.next/dev')];

const idOf = (which) => {
  const { code, out } = run('id', [which, USER], { quiet: true });
  return code === 0 ? Number(out) : null;
};

/** The user for the page server, made where there is none yet; null where Lignum was started by an ordinary user anyway. */
export function pageUser() {
  if (!isRoot) return null;
  if (idOf('-u') === null) {
    const made = run(
      'useradd',
      ['--system', '--no-create-home', '--home-dir', '/nonexistent', '--shell', '/usr/sbin/nologin', USER],
      { quiet: true },
    );
    if (made.code !== 0)
      throw new Fault(
        `The pages are served by a user of their own, and "${USER}" could not be made (${made.err.trim().split('\n').at(-1)}): make it with  useradd --system ${USER}  or start Lignum as an ordinary user.`,
      );
  }
  return { uid: idOf('-u'), gid: idOf('-g') };
}

/** Whether the page user may read these; of a folder, look through it. */
const mayRead = (paths) =>
  paths.every((path) => run('runuser', ['-u', USER, '--', 'test', '-r', path], { quiet: true, cwd: '/' }).code === 0);

/** A Node the page user may run: this one, or a copy where it was installed in root's own folder. */
export function nodeFor(user) {
  if (!user || mayRead([process.execPath])) return process.execPath;
  const at = join(KEPT, `node-${process.version}`);
  if (!existsSync(at)) {
    mkdirSync(KEPT, { recursive: true, mode: 0o755 });
    copyFileSync(process.execPath, `${at}.half`);
    chmodSync(`${at}.half`, 0o755);
    renameSync(`${at}.half`, at);
  }
  return at;
}

/**
 * The folder the page server runs from: this one, or, where its user may not read it (a checkout under /root), a copy of
 * what it reads. Packages are linked where the disk is the same, so that the copy costs no room and a second.
 */
export function servedFrom(user) {
  if (!user || mayRead(READ.map((path) => join(ROOT, path)))) return ROOT;
  const built = createHash('sha256')
    .update(ROOT)
    .update(readFileSync(join(ROOT, 'web/.next/BUILD_ID')))
    .update(readFileSync(join(ROOT, 'package-lock.json')));
  const of = createHash('sha256').update(ROOT).digest('hex').slice(0, 8);
  const at = join(KEPT, `pages-${of}-${built.digest('hex').slice(0, 8)}`);
  if (existsSync(at)) return at;
  tell(`(The pages are served from ${KEPT}, because their user may not read ${ROOT}.)`);
  mkdirSync(KEPT, { recursive: true, mode: 0o755 });
  for (const name of readdirSync(KEPT).filter((one) => one.startsWith(`pages-${of}-`)))
    rmSync(join(KEPT, name), { recursive: true, force: true });
  const half = `${at}.half`;
  mkdirSync(join(half, 'web'), { recursive: true, mode: 0o755 });
  for (const path of READ) {
    const [from, to] = [join(ROOT, path), join(half, path)];
    if (path === 'node_modules') {
      if (run('cp', ['-al', from, to], { quiet: true }).code === 0) continue;
      rmSync(to, { recursive: true, force: true });
    }
    cpSync(from, to, { recursive: true, verbatimSymlinks: true, filter: (one) => !LEFT_OUT.includes(one) });
  }
  // Linked files are the packages' own: others may read those already, as npm leaves them.
  for (const path of READ.filter((one) => one !== 'node_modules'))
    run('chmod', ['-R', 'go=rX', join(half, path)], { quiet: true });
  renameSync(half, at);
  return at;
}
