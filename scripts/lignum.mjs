import { stopping } from './stopping.mjs';
import { join, resolve } from 'node:path';
import { archive, keepCopies } from './copies.mjs';
import { ensurePackages } from './install.mjs';
import { choosePassphrase, guardOf } from './guard.mjs';
import { keepUp } from './keep.mjs';
import { ensurePostgres, startCluster } from './postgres.mjs';
import { forgetRunning, noteRunning, runningHere } from './running.mjs';
import { DATA, ensureData, Fault, ROOT, runBeside, Stopped, tell } from './run.mjs';
import { ensureBuilt, portIsFree, prepareDatabase, serve } from './serve.mjs';
import { test, testThoroughly } from './test.mjs';

const USAGE = `./lignum start             serve Lignum on this machine (PORT, HOST and LIGNUM_DATABASE_URL are heeded)
./lignum test              types, lint, unit tests, build and the interface in a real browser
./lignum test --thorough   what is said of every kind as suggested, over many more seeds; minutes to an hour
./lignum backup FILE       everything the database holds, in one file
./lignum restore FILE      puts that back, into a database that holds no garden yet
./lignum passphrase        choose the household's passphrase anew; every device is asked for it again
./lignum compute [file]    the complete result of a plan as JSON; reads standard input without a file;
                           --units=imperial or --units=metric says how its sentences write lengths`;

async function start() {
  const host = process.env.HOST || '127.0.0.1';
  const port = Number(process.env.PORT || 4600);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Fault(`PORT is "${process.env.PORT}": it must be a whole number from 1 to 65535.`);
  ensureData();
  const here = runningHere();
  if (here)
    throw new Fault(
      `Lignum runs from this folder already, at ${here.address} (process ${here.pid}): open that, or stop it first. A second one for itself wants a folder of its own.`,
    );
  if (!(await portIsFree(port, host)))
    throw new Fault(
      `Port ${port} on ${host} is taken: stop what uses it, or choose another with  PORT=${port + 1} ./lignum start`,
    );
  await ensurePackages();
  const given = process.env.LIGNUM_DATABASE_URL;
  if (!given) await ensurePostgres();
  if ((await ensureBuilt()) !== 0) throw new Fault('The pages could not be built; what went wrong stands above.');
  const cluster = given
    ? { url: given, stop: () => undefined }
    : await startCluster(join(DATA, 'pg'), 'lignum', { kept: true });
  try {
    // Locks of a session do not pass a pool of transactions.
    await prepareDatabase(process.env.LIGNUM_DIRECT_URL || cluster.url);
    const guard = await guardOf(host, cluster.url);
    let server = await serve({ url: cluster.url, host, port, guard });
    stopping.addEventListener('abort', () => void server?.stop());
    noteRunning(server.address);
    keepCopies(cluster.url, (at) => server?.note({ LIGNUM_COPIED_AT: at }));
    for (const line of guard.says) tell(line);
    tell(`Lignum is ready at ${server.address}  (Ctrl-C stops it)`);
    await Promise.all([
      keepUp(async () => {
        server ??= await serve({ url: cluster.url, host, port, guard });
        const code = await server.ending;
        server = null;
        return `The page server ended by itself (${code}); it is started again.`;
      }),
      !given &&
        keepUp(async () => {
          await cluster.fallen();
          if (stopping.aborted) return '';
          cluster.again();
          return 'The database had ended by itself; it runs again.';
        }),
    ]);
  } finally {
    forgetRunning();
    cluster.stop();
  }
  throw new Stopped();
}

/** Does something with the database that is served, or the program's own. */
async function withDatabase(work) {
  ensureData();
  await ensurePackages();
  const given = process.env.LIGNUM_DATABASE_URL;
  if (!given) await ensurePostgres();
  const cluster = given ? { url: given, stop: () => undefined } : await startCluster(join(DATA, 'pg'), 'lignum');
  try {
    await work(cluster.url);
  } finally {
    cluster.stop();
  }
}

/** Writes everything into a file, or puts it back. */
async function archiveTo(command, [named]) {
  if (!named) throw new Fault(`Say which file:  ./lignum ${command} lignum.backup`);
  await withDatabase(async (url) => {
    const { code, out, err } = await archive(command, resolve(named), url);
    if (code !== 0) throw new Fault(err.trim().replace(/^Fault: /, ''));
    tell(out.trim());
  });
}

const passphrase = () =>
  withDatabase(async (url) => {
    await prepareDatabase(url);
    tell(
      (await choosePassphrase(url)) === 'same'
        ? 'That is the passphrase already.'
        : 'Chosen. Every device is asked for it.',
    );
  });

async function compute(args) {
  ensureData();
  await ensurePackages();
  // The file is named relative to where the command was given.
  const told = args.map((arg) => (arg.startsWith('--') ? arg : resolve(arg)));
  const command = ['--import', 'tsx', join(ROOT, 'scripts/compute.ts'), ...told];
  try {
    process.exitCode = await runBeside(process.execPath, command, { asItComes: true });
  } catch (error) {
    if (!(error instanceof Stopped)) throw error;
    process.exitCode = 130;
  }
}

try {
  const [command, ...args] = process.argv.slice(2);
  if (command === 'start') await start();
  else if (command === 'test' && args[0] === '--thorough') process.exitCode = await testThoroughly();
  else if (command === 'test') process.exitCode = await test();
  else if (command === 'backup' || command === 'restore') await archiveTo(command, args);
  else if (command === 'passphrase') await passphrase();
  else if (command === 'compute') await compute(args);
  else {
    tell(USAGE);
    process.exitCode = command === undefined || command === 'help' || command === '--help' ? 0 : 2;
  }
} catch (error) {
  if (error instanceof Stopped) tell('\nStopped. Everything is saved.');
  else if (error instanceof Fault) {
    process.stderr.write(`${error.message}\n`);
    process.exitCode = 1;
  } else throw error;
}
