import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { get as ask } from 'node:http';
import { get as askSecurely } from 'node:https';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { copiesFolder, lastCopyAt } from './copies.mjs';
import { nodeFor, pageUser, servedFrom } from './page-user.mjs';
import { Fault, faultIn, MADE, ROOT, runLong, spawn, Stopped, tell } from './run.mjs';
import { stopping } from './stopping.mjs';

const BUILT_FROM = /\.(tsx?|css|mjs|json)$/;
const LEFT_OUT = /^(node_modules|\.next|e2e|test-results)$/;

function* sources(dir) {
  for (const name of readdirSync(dir).sort()) {
    if (LEFT_OUT.test(name)) continue;
    const path = join(dir, name);
    if (statSync(path).isDirectory()) yield* sources(path);
    else if (BUILT_FROM.test(name) && !/\.test\.tsx?$/.test(name) && name !== 'next-env.d.ts') yield path;
  }
}

/** Builds the pages when a source has changed since, or when the last build was cut short. */
export async function ensureBuilt() {
  const hash = createHash('sha256');
  for (const dir of ['core', 'web'])
    for (const path of sources(join(ROOT, dir))) hash.update(path.slice(ROOT.length)).update(readFileSync(path));
  hash.update(readFileSync(join(ROOT, 'package-lock.json')));
  const wanted = hash.digest('hex');
  const mark = join(MADE, 'built-from');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted && existsSync(join(ROOT, 'web/.next/BUILD_ID')))
    return 0;
  tell('Building the pages (once for each change)…');
  const { code, out, err } = await runLong(process.execPath, [join(ROOT, 'node_modules/next/dist/bin/next'), 'build'], {
    cwd: join(ROOT, 'web'),
    env: { NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  if (code !== 0) {
    tell(`${out}\n${err}`);
    return code;
  }
  // What runs in threads of its own, as one file beside the pages. (Packages are there from here on, not before.)
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(ROOT, 'web/server/computing/computing.worker.ts')],
    outfile: join(ROOT, 'web/.next/computing.cjs'),
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    external: ['pdfkit'],
    logLevel: 'error',
  });
  writeFileSync(mark, wanted);
  return 0;
}

/** Brings the tables up to date and loads the demo garden into an empty database. */
export async function prepareDatabase(url) {
  const { code, err } = await runLong(process.execPath, ['--import', 'tsx', join(ROOT, 'web/server/prepare.ts')], {
    env: { LIGNUM_DATABASE_URL: url },
  });
  if (code !== 0)
    throw new Fault(
      faultIn(err) ?? `The database could not be prepared: ${err.trim().split('\n').slice(-4).join(' ')}`,
    );
}

export function portIsFree(port, host) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

/** Whether the pages answer at an address, over TLS with a certificate of this authority where there is one. */
const isReady = (address, ca) =>
  new Promise((resolve) => {
    const asked = (ca ? askSecurely : ask)(
      `${address}/api/health`,
      { ...(ca ? { ca } : {}), agent: false },
      (reply) => {
        reply.resume();
        resolve(reply.statusCode === 200);
      },
    );
    asked.on('error', () => resolve(false));
  });

/** Serves the built pages; resolves once they answer. `guard` is what stands before them, as `guardOf` gives it. */
export async function serve({ url, host, port, guard = { env: {}, ca: null }, quiet = false }) {
  if (!(await portIsFree(port, host)))
    throw new Fault(
      `Port ${port} on ${host} is taken: stop what uses it, or choose another with  PORT=${port + 1} ./lignum start`,
    );
  const user = pageUser();
  if (user && port < 1024)
    throw new Fault(
      `PORT is ${port}: ports under 1024 are kept for root, and the pages are not served by root. Choose one from 1024 on, and let a proxy or the router lead to it.`,
    );
  const from = servedFrom(user);
  const child = spawn(
    nodeFor(user),
    ['--import', pathToFileURL(join(from, 'scripts/with-parent.mjs')).href, join(from, 'web/listen.mjs')],
    {
      ...user,
      cwd: join(from, 'web'),
      // Its standard input is held open for as long as this process lives.
      stdio: ['pipe', quiet ? 'ignore' : 'pipe', 'pipe'],
      env: {
        ...process.env,
        LIGNUM_PASSPHRASE: '',
        ...(user ? { HOME: '/nonexistent' } : {}),
        LIGNUM_DATABASE_URL: url,
        LIGNUM_LISTENS: host,
        LIGNUM_PORT: String(port),
        LIGNUM_COMPUTING: join(from, 'web/.next/computing.cjs'),
        LIGNUM_COPIES_IN: copiesFolder() ?? '',
        LIGNUM_COPIED_AT: lastCopyAt() ?? '',
        ...guard.env,
        NEXT_TELEMETRY_DISABLED: '1',
        NODE_ENV: 'production',
      },
    },
  );
  /** Tells the pages what has become of something that stood in their environment. */
  const note = (changed) => child.stdin.write(`${JSON.stringify(changed)}\n`);
  child.stdin.on('error', () => undefined);
  let said = '';
  let ended = false;
  child.stdout?.on('data', () => undefined);
  child.stderr.on('data', (chunk) => {
    said = (said + chunk).slice(-4000);
    if (!quiet) process.stderr.write(chunk);
  });
  const ending = new Promise((resolve) =>
    child.on('exit', (code, signal) => {
      ended = true;
      resolve(code ?? signal ?? 0);
    }),
  );
  const stop = async () => {
    if (!ended) child.kill('SIGTERM');
    const timer = setTimeout(() => child.kill('SIGKILL'), 5000);
    await ending;
    clearTimeout(timer);
  };
  const reachable = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host;
  const address = `${guard.ca ? 'https' : 'http'}://${reachable.includes(':') ? `[${reachable}]` : reachable}:${port}`;
  for (let tries = 0; tries < 240; tries++) {
    if (stopping.aborted) {
      await stop();
      throw new Stopped();
    }
    if (ended) throw new Fault(`The pages could not be served: ${said.trim().split('\n').at(-1)}`);
    if (await isReady(address, guard.ca)) return { address, stop, ending, note };
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  await stop();
  throw new Fault('The pages did not answer within a minute: stop other heavy work on this machine and start again.');
}
