/**
 * Lignum past one machine, tried on this one: several instances behind haproxy, over pgbouncer (transactions pooled) and
 * PostgreSQL with a standby that has everything before a save is acknowledged. Measures one, two and four instances,
 * kills the primary amid saves, promotes the standby, and looks whether any acknowledged save is missing. Needs root (it
 * installs Debian's haproxy and pgbouncer); everything lies in .data/cluster and is thrown away at the end. Bounded:
 * about two minutes. docs/large.md says what it showed last.
 *
 *   node scripts/cluster.mjs [seconds of load for each measurement, 8]
 */
import { chownSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { ask, newWriter } from './callers.mjs';
import { ensureDebian, ensurePackages } from './install.mjs';
import { dropCluster, ensurePostgres, freePort, serverUser, startCluster } from './postgres.mjs';
import { pause } from './keep.mjs';
import { DATA, ensureData, Fault, has, isRoot, run, spawn, tell } from './run.mjs';
import { ensureBuilt, prepareDatabase, serve } from './serve.mjs';

const SECONDS = Number(process.argv[2] ?? 8);
const WRITERS = 16;
const AT = join(DATA, 'cluster');
const [PRIMARY, STANDBY] = [join(AT, 'primary'), join(AT, 'standby')];

/** What has been started, to be stopped in the end, the last first. */
const started = [];

/** A program of the database's user: Debian's PostgreSQL and pgbouncer do not run as root. */
function asUser(command, args, { env = {}, cwd = '/' } = {}) {
  const child = spawn(command, args, {
    ...serverUser(),
    cwd,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (piece) => (said = (said + piece).slice(-2000)));
  const ended = new Promise((resolve) => child.on('exit', resolve));
  return { child, ended, said: () => said };
}

function fileFor(name, text) {
  const path = join(AT, name);
  writeFileSync(path, text, { mode: 0o600 });
  const { uid, gid } = serverUser();
  chownSync(path, uid, gid);
  return path;
}

/** Says something to a database as its superuser. */
function psql(url, sql) {
  const { code, out, err } = run('psql', [url, '-qtA', '-v', 'ON_ERROR_STOP=1', '-f', '-'], {
    quiet: true,
    input: sql,
  });
  if (code !== 0) throw new Fault(`psql: ${err.trim()}`);
  return out.trim();
}

/** A copy of the primary that follows it, and that a save waits for. */
async function startStandby(primary, bin) {
  const { port, username, password } = new URL(primary.adminUrl);
  const secret = { PGPASSWORD: password };
  const copied = asUser(
    join(bin, 'pg_basebackup'),
    [
      '-d',
      `host=127.0.0.1 port=${port} user=${username} application_name=standby`,
      '-D',
      STANDBY,
      '-R',
      '-X',
      'stream',
      '-c',
      'fast',
    ],
    { env: secret },
  );
  if ((await copied.ended) !== 0) throw new Fault(`The standby could not be made: ${copied.said()}`);
  const own = await freePort();
  const server = asUser(join(bin, 'postgres'), [
    '-D',
    STANDBY,
    '-p',
    String(own),
    '-c',
    'listen_addresses=127.0.0.1',
    '-c',
    'unix_socket_directories=',
    '-c',
    'max_connections=40',
  ]);
  started.push(() => server.child.kill('SIGINT'));
  for (let i = 0; i < 100; i++) {
    await pause(200);
    if (
      psql(
        primary.adminUrl,
        `select count(*) from pg_stat_replication where application_name = 'standby' and state = 'streaming'`,
      ) === '1'
    )
      break;
  }
  psql(primary.adminUrl, `alter system set synchronous_standby_names = 'standby'; select pg_reload_conf()`);
  const at = (url) => {
    const there = new URL(url);
    there.port = String(own);
    return there.href;
  };
  return {
    port: own,
    adminUrl: at(primary.adminUrl),
    promote: () =>
      run('runuser', ['-u', 'postgres', '--', join(bin, 'pg_ctl'), '-D', STANDBY, '-w', 'promote'], {
        quiet: true,
        cwd: '/',
      }),
  };
}

/** Pools transactions; where the database is can be changed while it runs. */
async function startPooler(url, port) {
  const { username, password, pathname } = new URL(url);
  const own = await freePort();
  const users = fileFor('users.txt', `"${username}" "${password}"\n`);
  const settings = (databasePort) => `[databases]
${pathname.slice(1)} = host=127.0.0.1 port=${databasePort}
[pgbouncer]
listen_addr = 127.0.0.1
listen_port = ${own}
unix_socket_dir =
auth_type = scram-sha-256
auth_file = ${users}
pool_mode = transaction
default_pool_size = 16
max_client_conn = 200
server_login_retry = 1
server_connect_timeout = 2
; What is set for each session elsewhere is set for the role here: sessions are shared.
ignore_startup_parameters = statement_timeout,lock_timeout,idle_in_transaction_session_timeout,extra_float_digits
logfile = ${join(AT, 'pgbouncer.log')}
pidfile = ${join(AT, 'pgbouncer.pid')}
`;
  const file = fileFor('pgbouncer.ini', settings(port));
  const pooler = asUser('pgbouncer', [file]);
  started.push(() => pooler.child.kill('SIGINT'));
  const there = new URL(url);
  there.port = String(own);
  return {
    url: there.href,
    turnTo(databasePort) {
      fileFor('pgbouncer.ini', settings(databasePort));
      pooler.child.kill('SIGHUP');
    },
  };
}

/** One address before several instances; who does not answer that it is well is left out. */
async function startProxy(ports) {
  const own = await freePort();
  const file = fileFor(
    'haproxy.cfg',
    `global
  maxconn 500
defaults
  mode http
  timeout connect 2s
  timeout client 60s
  timeout server 60s
  option httpchk GET /api/health
  http-check send hdr Host 127.0.0.1
frontend pages
  bind 127.0.0.1:${own}
  default_backend instances
backend instances
  balance roundrobin
${ports.map((port, i) => `  server instance${i + 1} 127.0.0.1:${port} check inter 500ms`).join('\n')}
`,
  );
  const proxy = asUser('haproxy', ['-db', '-f', file]);
  const stop = () => proxy.child.kill('SIGTERM');
  started.push(stop);
  return { address: `http://127.0.0.1:${own}`, stop };
}

/** Saves from all writers for a while; how many were acknowledged a second, and the longest that any waited. */
async function load(writers, seconds) {
  const began = performance.now();
  const until = began + seconds * 1000;
  let [saves, longest] = [0, 0];
  await Promise.all(
    writers.map(async (writer) => {
      while (performance.now() < until) {
        const before = performance.now();
        if (await writer.save(until + 30_000)) saves++;
        longest = Math.max(longest, performance.now() - before);
      }
    }),
  );
  return {
    perSecond: saves / ((performance.now() - began) / 1000),
    longestMs: Math.round(longest),
  };
}

/** Processor time the whole machine has used so far: in all, and idle. Ticks. */
function ticks() {
  const [, ...all] = readFileSync('/proc/stat', 'utf8').split('\n')[0].split(/\s+/);
  const numbers = all.map(Number);
  return { all: numbers.slice(0, 8).reduce((sum, one) => sum + one, 0), idle: numbers[3] + numbers[4] };
}

async function main() {
  if (!isRoot) throw new Fault('This sets up programs as users of their own: run it as root.');
  ensureData();
  await ensurePackages();
  await ensurePostgres();
  await ensureDebian(() => has('haproxy') && has('pgbouncer'), ['haproxy', 'pgbouncer']);
  if ((await ensureBuilt()) !== 0) throw new Fault('The pages could not be built.');
  dropCluster(PRIMARY);
  rmSync(AT, { recursive: true, force: true });
  mkdirSync(AT, { recursive: true, mode: 0o755 });
  const { uid, gid } = serverUser();
  chownSync(AT, uid, gid);
  const primary = await startCluster(PRIMARY, 'lignum', { kept: true });
  started.push(primary.stop);
  // Migrations speak to the database itself: locks of a session do not pass a pool of transactions.
  await prepareDatabase(primary.url);
  psql(
    primary.adminUrl,
    `alter role lignum_pages set statement_timeout = '8s'; alter role lignum_pages set lock_timeout = '4s'; alter role lignum_pages set idle_in_transaction_session_timeout = '15s'`,
  );
  const bin = join('/usr/lib/postgresql', readFileSync(join(PRIMARY, 'PG_VERSION'), 'utf8').trim(), 'bin');
  const standby = await startStandby(primary, bin);
  tell('A primary, and a standby that every save waits for.');
  const pooler = await startPooler(primary.url, new URL(primary.url).port);
  await pause(500);
  const instances = [];
  for (let i = 0; i < 4; i++) {
    const instance = await serve({ url: pooler.url, host: '127.0.0.1', port: await freePort(), quiet: true });
    instances.push(instance);
    started.push(instance.stop);
  }
  const plan = JSON.parse((await ask(instances[0].address, 'GET', '/api/gardens/ferry-house')).said).plan;
  const ports = instances.map(({ address }) => Number(new URL(address).port));
  let writers = [];
  const rows = {};
  for (const count of [1, 2, 4]) {
    const proxy = await startProxy(ports.slice(0, count));
    await pause(1500);
    writers = await Promise.all(Array.from({ length: WRITERS }, () => newWriter(proxy.address, plan)));
    await load(writers, 3);
    const before = ticks();
    const { perSecond, longestMs } = await load(writers, SECONDS);
    const after = ticks();
    const busy = 1 - (after.idle - before.idle) / (after.all - before.all);
    rows[`${count} ${count === 1 ? 'instance' : 'instances'}`] = {
      'saves a second': perSecond.toFixed(1),
      'longest wait, ms': longestMs,
      'processors used': `${Math.round(busy * 100)} %`,
    };
    if (count < 4) proxy.stop();
  }
  console.table(rows);

  // As when the standby is gone: a save is not acknowledged, and whoever made it is told within five seconds; said again
  // under its name once a standby is there, it is acknowledged as the save it was.
  const waitsFor = (name) =>
    psql(primary.adminUrl, `alter system set synchronous_standby_names = '${name}'; select pg_reload_conf()`);
  waitsFor('nobody');
  await pause(500);
  const [writer] = writers;
  const began = performance.now();
  const alone = await writer.saveOnce();
  const toldMs = Math.round(performance.now() - began);
  waitsFor('standby');
  const before = writer.acknowledged.revision;
  const again = await writer.save(performance.now() + 30_000);
  tell(
    `With no standby left a save is answered ${alone} after ${toldMs} ms; with one again it is ${again && writer.acknowledged.revision === before + 1 ? 'acknowledged, once' : 'LOST'}.`,
  );
  if (alone === 200 || !again || writer.acknowledged.revision !== before + 1)
    throw new Fault('That is not as promised.');

  tell(`The primary is killed amid the saves of ${WRITERS} gardens, and the standby promoted.`);
  const going = load(writers, SECONDS);
  await pause((SECONDS * 1000) / 2);
  const leader = Number(readFileSync(join(PRIMARY, 'postmaster.pid'), 'utf8').split('\n')[0]);
  const killedAt = performance.now();
  process.kill(leader, 'SIGKILL');
  standby.promote();
  // Nobody follows it yet: what waited for a standby would wait for ever.
  psql(standby.adminUrl, `alter system set synchronous_standby_names = ''; select pg_reload_conf()`);
  pooler.turnTo(standby.port);
  const turnedMs = Math.round(performance.now() - killedAt);
  const { longestMs } = await going;
  const lost = [];
  for (const { id, acknowledged } of writers) {
    const [revision, note] = psql(
      standby.adminUrl,
      `select revision || '|' || note from gardens where id = '${id}'`,
    ).split('|');
    const kept = psql(
      standby.adminUrl,
      `select plan->'garden'->>'note' from revisions where garden_id = '${id}' and revision = ${acknowledged.revision}`,
    );
    if (Number(revision) < acknowledged.revision || kept !== acknowledged.note)
      lost.push({ id, acknowledged, there: { revision, note } });
  }
  const acknowledged = writers.reduce((sum, one) => sum + one.acknowledged.revision - 1, 0);
  tell(
    `Promoted and turned to after ${turnedMs} ms; the longest a save waited: ${longestMs} ms. Tries that were refused meanwhile: ${writers.reduce((sum, one) => sum + one.refused, 0)}.`,
  );
  tell(`Of ${acknowledged} acknowledged saves ${lost.length === 0 ? 'none is' : `${lost.length} are`} missing.`);
  if (lost.length > 0) throw new Fault(JSON.stringify(lost, null, 2));
}

try {
  await main();
} catch (error) {
  process.stderr.write(`${error instanceof Fault ? error.message : error.stack}\n`);
  process.exitCode = 1;
} finally {
  for (const stop of started.reverse()) await stop();
  await pause(1500);
  dropCluster(PRIMARY);
  rmSync(AT, { recursive: true, force: true });
}
process.exit();
