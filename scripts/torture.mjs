/**
 * What is done to a running Lignum that nobody should do, and what becomes of it: kills of everything that runs amid
 * saves, races, a database that stands still, full disks, documents of nonsense, bodies that never end. Each ends in a row
 * of a table; docs/promises.md has the last one. In a folder of its own that is thrown away (LIGNUM_DATA); as root, because
 * it mounts small disks; bounded to some five minutes.
 *
 *   node scripts/torture.mjs [seed] [part …]      parts: kills races frozen full nonsense slow
 */
import { Buffer } from 'node:buffer';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { ask, newWriter } from './callers.mjs';
import { pause } from './keep.mjs';
import { freePort } from './postgres.mjs';
import { Fault, isRoot, ROOT, run, spawn, tell } from './run.mjs';

const [seedSaid, ...partsSaid] = process.argv.slice(2);
const SEED = Number(seedSaid ?? 1);
const KILLS = 5;
const DOCUMENTS = 2000;

/** Numbers from a seed, 0 to 1 (mulberry32, from memory). */
function numbersFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
const random = numbersFrom(SEED);
const oneOf = (some) => some[Math.floor(random() * some.length)];

const rows = [];
const row = (what, tried, held, figures) => {
  rows.push({ 'what is done': what, tried, held, figures });
  tell(`${held === tried ? '✓' : '✗'} ${what}: ${held} of ${tried}${figures ? ` (${figures})` : ''}`);
};

/** A Lignum with a folder of its own. */
async function start(data, { port, env = {} } = {}) {
  const own = port ?? (await freePort());
  const child = spawn(process.execPath, [join(ROOT, 'scripts/lignum.mjs'), 'start'], {
    env: { ...process.env, PORT: String(own), LIGNUM_DATA: data, LIGNUM_COPIES: 'off', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece) => (said = (said + piece).slice(-8000)));
  const ended = new Promise((resolve) => child.on('exit', resolve));
  const address = `http://127.0.0.1:${own}`;
  for (let i = 0; i < 1200 && !said.includes('is ready at'); i++) {
    if (child.exitCode !== null) throw new Fault(`Lignum did not start: ${said}`);
    await pause(100);
  }
  const stop = async () => {
    child.kill('SIGTERM');
    await ended;
  };
  return { child, address, port: own, ended, stop, said: () => said };
}

const isReady = async (address) => (await ask(address, 'GET', '/api/health'))?.status === 200;
/** How long until something is so; null where it is not within half a minute. ms. */
async function until(isSo, mostMs = 30_000) {
  const began = performance.now();
  while (performance.now() - began < mostMs) {
    if (await isSo()) return Math.round(performance.now() - began);
    await pause(50);
  }
  return null;
}

/** Processes by a word of what they were started with, or by the folder they work in. */
const processes = (isOne) =>
  readdirSync('/proc')
    .map(Number)
    .filter((pid) => pid > 0)
    .filter((pid) => {
      try {
        return isOne(
          readFileSync(`/proc/${pid}/cmdline`, 'utf8').replace(/\0/g, ' '),
          readlinkSync(`/proc/${pid}/cwd`),
          pid,
        );
      } catch {
        return false;
      }
    });
const ofPages = (launcher) =>
  processes((command, _cwd, pid) => command.includes('web/listen.mjs') && parentOf(pid) === launcher);
const parentOf = (pid) =>
  Number(
    readFileSync(`/proc/${pid}/stat`, 'utf8')
      .replace(/^.*\) /s, '')
      .split(' ')[1],
  );
const inCluster = (data) => processes((_command, cwd) => cwd === join(data, 'pg'));
const postmasterOf = (data) => Number(readFileSync(join(data, 'pg/postmaster.pid'), 'utf8').split('\n')[0]);

/** What a garden says now, against what was acknowledged of it. */
async function isKept(address, { id, acknowledged }) {
  const reply = await ask(address, 'GET', `/api/gardens/${id}`);
  if (reply?.status !== 200) return false;
  const { revision, plan } = JSON.parse(reply.said);
  // One that was not acknowledged may have come all the same, after it.
  return (
    revision > acknowledged.revision || (revision === acknowledged.revision && plan.garden.note === acknowledged.note)
  );
}
const demoOf = async (address) => JSON.parse((await ask(address, 'GET', '/api/gardens/ferry-house')).said).plan;
const small = (plan) => ({ ...plan, beds: plan.beds.slice(0, 1), plantings: [], structures: [] });

async function kills(data) {
  let lignum = await start(data);
  const writers = await Promise.all(
    Array.from({ length: 4 }, async () => newWriter(lignum.address, small(await demoOf(lignum.address)))),
  );
  let going = true;
  const saving = Promise.all(
    writers.map(async (writer) => {
      while (going) if ((await writer.saveOnce()) !== 200) await pause(50);
    }),
  );
  for (const [what, pidsOf] of [
    ['the page server', () => ofPages(lignum.child.pid)],
    ['the postmaster', () => [postmasterOf(data)]],
    ['a backend of the database', () => [oneOf(inCluster(data).filter((pid) => pid !== postmasterOf(data)))]],
  ]) {
    const took = [];
    let held = 0;
    for (let i = 0; i < KILLS; i++) {
      await until(() => isReady(lignum.address));
      await pause(200 + random() * 800);
      const saved = writers.reduce((sum, one) => sum + one.acknowledged.revision, 0);
      for (const pid of pidsOf()) process.kill(pid, 'SIGKILL');
      const back = await until(
        async () => writers.reduce((sum, one) => sum + one.acknowledged.revision, 0) > saved + 8,
      );
      if (back !== null) took.push(back);
      const kept = await Promise.all(
        writers.map((writer) => isKept(lignum.address, { id: writer.id, acknowledged: { ...writer.acknowledged } })),
      );
      if (back !== null && kept.every(Boolean)) held++;
    }
    row(
      `kill -9 of ${what} amid saves: back, and every acknowledged save there`,
      KILLS,
      held,
      `back in ${Math.max(...took)} ms at most`,
    );
  }
  let held = 0;
  for (let i = 0; i < KILLS; i++) {
    await pause(300 + random() * 700);
    const pids = [...ofPages(lignum.child.pid), ...inCluster(data)];
    lignum.child.kill('SIGKILL');
    await lignum.ended;
    const gone = await until(() => Promise.resolve(pids.every((pid) => !existsSync(`/proc/${pid}`))));
    lignum = await start(data, { port: lignum.port });
    const kept = await Promise.all(
      writers.map((writer) => isKept(lignum.address, { id: writer.id, acknowledged: { ...writer.acknowledged } })),
    );
    if (gone !== null && kept.every(Boolean)) held++;
  }
  row('kill -9 of the launcher amid saves: it leaves nobody, and every acknowledged save is there', KILLS, held);
  going = false;
  await saving;
  row(
    'saves acknowledged meanwhile, and there in the end',
    writers.length,
    (await Promise.all(writers.map((one) => isKept(lignum.address, one)))).filter(Boolean).length,
    `${writers.reduce((sum, one) => sum + one.acknowledged.revision - 1, 0)} saves`,
  );
  return lignum;
}

async function races(lignum) {
  const url = await databaseOf(lignum);
  const second = await start(mkdtempSync(join(tmpdir(), 'lignum-second-')), { env: { LIGNUM_DATABASE_URL: url } });
  const plan = small(await demoOf(lignum.address));
  for (const [what, addresses] of [
    ['one instance', [lignum.address]],
    ['two instances', [lignum.address, second.address]],
  ]) {
    let held = 0;
    const tries = 20;
    const { id } = JSON.parse((await ask(lignum.address, 'POST', '/api/gardens', plan)).said);
    for (let base = 1; base <= tries; base++) {
      const replies = await Promise.all(
        Array.from({ length: 8 }, (_, n) =>
          ask(addresses[n % addresses.length], 'PUT', `/api/gardens/${id}`, {
            base,
            plan: { ...plan, garden: { ...plan.garden, note: `${base} ${n}` } },
          }),
        ),
      );
      const won = replies.flatMap((reply, n) => (reply?.status === 200 ? [n] : []));
      const now = JSON.parse((await ask(lignum.address, 'GET', `/api/gardens/${id}`)).said);
      if (
        won.length === 1 &&
        replies.filter((reply) => reply?.status === 409).length === 7 &&
        now.plan.garden.note === `${base} ${won[0]}`
      )
        held++;
    }
    row(`eight saves over one revision at once, over ${what}: one wins, whole`, tries, held);
  }
  await second.stop();
}
/** The database a running Lignum has given its pages. */
async function databaseOf(lignum) {
  const [pid] = ofPages(lignum.child.pid);
  const found = readFileSync(`/proc/${pid}/environ`, 'utf8')
    .split('\0')
    .find((one) => one.startsWith('LIGNUM_DATABASE_URL='));
  return found.slice('LIGNUM_DATABASE_URL='.length);
}

async function frozen(lignum, data) {
  const { address } = lignum;
  const plan = small(await demoOf(address));
  const { id } = JSON.parse((await ask(address, 'POST', '/api/gardens', plan)).said);
  const pids = inCluster(data);
  await pause(2500);
  for (const pid of pids) process.kill(pid, 'SIGSTOP');
  let [held, longest] = [0, 0];
  const asked = [
    ['GET', '/'],
    ['GET', `/g/${id}`],
    ['GET', `/g/${id}/list`],
    ['GET', '/api/gardens'],
    ['GET', `/api/gardens/${id}`],
    ['GET', `/api/gardens/${id}/bill`],
    ['GET', '/api/health'],
    ['GET', '/api/backup'],
    ['PUT', `/api/gardens/${id}`, { base: 1, plan }],
    ['POST', '/api/gardens', plan],
  ];
  try {
    for (const [method, path, body] of asked) {
      const began = performance.now();
      const reply = await ask(address, method, path, body);
      const took = performance.now() - began;
      longest = Math.max(longest, took);
      const says = path.startsWith('/api/')
        ? /does not answer/.test(reply?.said ?? '') && reply.status === 503
        : (reply?.status ?? 0) >= 500 && /digest: 'lignum (silent|busy)/.test(lignum.said().slice(-1500));
      if (took < 5000 && says) held++;
      else tell(`  ${method} ${path}: ${reply?.status} after ${Math.round(took)} ms: ${reply?.said.slice(0, 160)}`);
    }
  } finally {
    for (const pid of pids) process.kill(pid, 'SIGCONT');
  }
  row(
    'a database that stands still: a sentence within five seconds, of pages and answers',
    asked.length,
    held,
    `${Math.round(longest)} ms at most`,
  );
  row('and once it goes on, it is asked again', 1, (await until(() => isReady(address))) === null ? 0 : 1);
}

const mount = (at, megabytes) => {
  mkdirSync(at, { recursive: true });
  return run('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m,mode=0755`, 'tmpfs', at], { quiet: true }).code === 0;
};
const fill = (at) => {
  const file = join(at, 'filling');
  // To the last page of it.
  for (const block of ['1M', '4k', '512'])
    run('dd', ['if=/dev/zero', `of=${file}-${block}`, `bs=${block}`], { quiet: true });
  return () => ['1M', '4k', '512'].forEach((block) => rmSync(`${file}-${block}`, { force: true }));
};

async function full() {
  for (const [what, small_] of [
    ['its tables', 'data'],
    ['its write-ahead log', 'wal'],
  ]) {
    const data = mkdtempSync(join(tmpdir(), 'lignum-full-'));
    run('chmod', ['755', data], { quiet: true });
    const disk = small_ === 'data' ? data : join(data, 'wal-disk');
    if (!mount(disk, small_ === 'data' ? 260 : 120)) {
      tell(`- a full disk under ${what}: skipped, a small file system cannot be mounted here`);
      continue;
    }
    let lignum;
    try {
      lignum = await start(data);
      if (small_ === 'wal') {
        // The log moved to the small disk while nobody writes it.
        await lignum.stop();
        const [log, moved] = [join(data, 'pg/pg_wal'), join(disk, 'pg_wal')];
        run('sh', ['-c', `mv ${log} ${moved} && ln -s ${moved} ${log} && chown -h postgres: ${log}`], { quiet: true });
        lignum = await start(data);
      }
      const { address } = lignum;
      const plan = await demoOf(address);
      const writer = await newWriter(address, plan);
      await writer.save(performance.now() + 5000);
      const free = fill(disk);
      let told = null;
      // What was set aside of the log before is written first.
      for (let i = 0; i < 8000 && told === null; i++) {
        const status = await writer.saveOnce();
        if (status !== 200) told = status;
      }
      const reads = await ask(address, 'GET', `/api/gardens/${writer.id}`);
      const kept = { ...writer.acknowledged };
      free();
      const back = await until(async () => (await writer.saveOnce()) === 200, 90_000);
      const isThere = await isKept(address, { id: writer.id, acknowledged: writer.acknowledged });
      row(
        `a full disk under ${what}: refused, nothing acknowledged lost, and saved again once there is room`,
        1,
        told !== null && told >= 500 && back !== null && isThere && writer.acknowledged.revision > kept.revision
          ? 1
          : 0,
        `answered ${told}, reading meanwhile ${reads?.status ?? 'nothing'}, saved again after ${back} ms`,
      );
    } finally {
      await lignum?.stop();
      run('umount', ['-l', disk], { quiet: true });
      rmSync(data, { recursive: true, force: true });
    }
  }
}

/** A document with something in it that does not belong there. */
function nonsense(plan) {
  const document = JSON.parse(JSON.stringify(plan));
  const spots = [];
  const walk = (one) => {
    if (typeof one !== 'object' || one === null) return;
    for (const field of Object.keys(one)) {
      spots.push([one, field]);
      walk(one[field]);
    }
  };
  walk(document);
  for (let i = 0; i < 1 + Math.floor(random() * 3); i++) {
    const [holder, field] = oneOf(spots);
    const values = [
      null,
      -1,
      0,
      1e308,
      -1e-308,
      2 ** 53,
      'x'.repeat(5000),
      '',
      '\u202e<script>',
      '0000-13-45',
      '2026-02-30',
      [],
      {},
      true,
      [[[]]],
      { is: 'nothing' },
      'NaN',
      1.5,
      [null],
      oneOf(spots)[0],
    ];
    const value = oneOf(values);
    // Never itself within itself: that is no document.
    holder[field] = typeof value === 'object' && value !== null ? JSON.parse(JSON.stringify(value)) : value;
    if (random() < 0.1) delete holder[field];
    if (random() < 0.05) holder[`${field}${Math.floor(random() * 9)}`] = 1;
  }
  return document;
}

async function nonsenseOf(lignum) {
  const plan = await demoOf(lignum.address);
  const few = { ...plan, beds: plan.beds.slice(0, 12) };
  const ids = new Set(few.beds.map(({ id }) => id));
  const within = ({ stand }) => stand.on === 'bed' && ids.has(stand.bed);
  few.structures = plan.structures.filter(within);
  few.plantings = plan.plantings.filter(({ bed }) => ids.has(bed));
  const statuses = {};
  let held = 0;
  for (let at = 0; at < DOCUMENTS; at += 20)
    await Promise.all(
      Array.from({ length: 20 }, async () => {
        const document = nonsense(few);
        const reply = await ask(lignum.address, 'POST', '/api/gardens', document);
        statuses[reply?.status] = (statuses[reply?.status] ?? 0) + 1;
        if (reply?.status === 422 && reply.said.includes('"path"')) held++;
        else if (reply?.status === 201) {
          // What is taken can be shown: as a list, with all that is worked out of it.
          const { id } = JSON.parse(reply.said);
          const shown = random() < 0.15 ? await ask(lignum.address, 'GET', `/api/gardens/${id}/bill`) : { status: 200 };
          if (shown?.status === 200) held++;
          else
            tell(
              `  taken, and not shown (${shown?.status}): ${JSON.stringify(document).length} signs, garden ${id}: ${shown?.said.slice(0, 200)}`,
            );
          await ask(lignum.address, 'DELETE', `/api/gardens/${id}`);
        } else tell(`  ${reply?.status}: ${reply?.said.slice(0, 200)}`);
      }),
    );
  row(
    'documents of nonsense: refused with where and why, or taken and shown',
    DOCUMENTS,
    held,
    Object.entries(statuses)
      .map(([status, n]) => `${n} × ${status}`)
      .join(', '),
  );
}

async function slow(lignum) {
  const { port, address } = lignum;
  const head = (more) =>
    `POST /api/gardens HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nOrigin: ${address}\r\nContent-Type: application/json\r\n${more}\r\n`;
  /** Speaks bit by bit; what was answered, and after how long the line was closed. */
  const speak = (pieces, everyMs) =>
    new Promise((resolve) => {
      const began = performance.now();
      let said = '';
      const socket = connect(port, '127.0.0.1');
      const timer = setInterval(() => {
        const next = pieces.next();
        if (!next.done && socket.writable) socket.write(next.value);
      }, everyMs);
      socket.on('data', (piece) => (said += piece));
      socket.on('error', () => undefined);
      socket.on('close', () => {
        clearInterval(timer);
        resolve({ said, ms: Math.round(performance.now() - began) });
      });
    });
  function* drip() {
    yield head('Content-Length: 100000\r\n');
    for (;;) yield ' ';
  }
  function* halfHead() {
    yield 'POST /api/gardens HTTP/1.1\r\n';
    for (;;) yield 'X-More: 1\r\n';
  }
  function* flood() {
    yield head('Transfer-Encoding: chunked\r\n');
    const block = Buffer.alloc(256_000, 32);
    for (let i = 0; i < 400; i++)
      yield Buffer.concat([Buffer.from(`${block.length.toString(16)}\r\n`), block, Buffer.from('\r\n')]);
  }
  const lines = [
    ...Array.from({ length: 100 }, () => speak(halfHead(), 1000)),
    ...Array.from({ length: 100 }, () => speak(drip(), 1000)),
  ];
  await pause(1000);
  const others = [];
  for (let i = 0; i < 20; i++) {
    const began = performance.now();
    if (await isReady(address)) others.push(performance.now() - began);
    await pause(50);
  }
  row(
    'others asked while 200 lines speak a byte a second',
    20,
    others.length,
    `${Math.round(Math.max(...others))} ms at most`,
  );
  const big = await speak(flood(), 5);
  row(
    'a body of 100 MB is refused before its end',
    1,
    /^HTTP\/1.1 413/.test(big.said) ? 1 : 0,
    big.said.split('\r\n')[0],
  );
  const closed = await Promise.all(lines);
  row(
    'lines that speak a byte a second are closed',
    closed.length,
    closed.filter(({ ms }) => ms < 100_000).length,
    `after ${Math.round(Math.max(...closed.map(({ ms }) => ms)) / 1000)} s at most`,
  );
}

const wanted = (part) => partsSaid.length === 0 || partsSaid.includes(part);
const data = mkdtempSync(join(tmpdir(), 'lignum-torture-'));
let lignum = null;
try {
  if (!isRoot) throw new Fault('It kills, stops and mounts: run it as root.');
  run('chmod', ['755', data], { quiet: true });
  tell(`Seed ${SEED}; the folder is ${data}.`);
  if (wanted('kills')) lignum = await kills(data);
  lignum ??= await start(data);
  if (wanted('races')) await races(lignum);
  if (wanted('frozen')) await frozen(lignum, data);
  if (wanted('nonsense')) await nonsenseOf(lignum);
  if (wanted('slow')) await slow(lignum);
  if (wanted('full')) await full();
} catch (error) {
  process.stderr.write(`${error instanceof Fault ? error.message : error.stack}\n`);
  process.exitCode = 1;
} finally {
  await lignum?.stop();
  rmSync(data, { recursive: true, force: true });
}
console.table(rows);
writeFileSync(join(ROOT, '.data/torture.json'), JSON.stringify({ seed: SEED, rows }, null, 2));
process.exit(process.exitCode ?? (rows.every(({ tried, held }) => tried === held) ? 0 : 1));
