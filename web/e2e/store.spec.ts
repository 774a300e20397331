import { randomUUID } from 'node:crypto';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { fileURLToPath } from 'node:url';
import { gunzipSync } from 'node:zlib';
import { expect } from '@playwright/test';
import { test } from './asking';
import { aPhoto, SMALL_JPEG } from './photo';
import { fewerBeds, ownGarden, whole, savedPlan } from './garden';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { Client, type PoolClient } from 'pg';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { readPlan } from '@lignum/core/formats/read-plan';
import type { Plan } from '@lignum/core/plan/plan';
import { archiveLines, restoreLines } from '../server/archive';
import { BoundedPool } from '../server/bounded-pool';
import { whyOf } from '../server/failing';
import { binGarden, createGarden, listGardens, loadGarden, saveGarden, thinVersions } from '../server/garden-store';
import { loadRecord } from '../server/record-store';
import * as schema from '../server/schema';
import { inTransaction } from '../server/transaction';

const MIGRATIONS = fileURLToPath(new URL('../server/migrations', import.meta.url));

/** Runs something with an empty database of its own. */
async function inDatabase(work: (client: Client) => Promise<void>): Promise<void> {
  const address = new URL(process.env.LIGNUM_ADMIN_URL ?? '');
  const name = `own_${randomUUID().slice(0, 8)}`;
  const host = new Client({ connectionString: address.href });
  await host.connect();
  await host.query(`create database ${name}`);
  address.pathname = `/${name}`;
  const client = new Client({ connectionString: address.href });
  await client.connect();
  try {
    await work(client);
  } finally {
    await client.end();
    await host.query(`drop database ${name}`);
    await host.end();
  }
}

const renamed = (plan: Plan, name: string, note: string): Plan => ({
  ...plan,
  garden: { ...plan.garden, name, note },
});

/** A migrations folder as it was when it had only so many. */
function firstMigrations(count: number): string {
  const folder = mkdtempSync(join(tmpdir(), 'lignum-migrations-'));
  cpSync(MIGRATIONS, folder, { recursive: true });
  const journal = join(folder, 'meta/_journal.json');
  const all = JSON.parse(readFileSync(journal, 'utf8')) as { entries: object[] };
  writeFileSync(journal, JSON.stringify({ ...all, entries: all.entries.slice(0, count) }));
  return folder;
}

test('a database of version 1 is carried over: the newest of every garden, and each version it was saved in', async () => {
  const old = JSON.parse(
    readFileSync(new URL('../../core/formats/fixtures/plan-1-demo.json', import.meta.url), 'utf8'),
  ) as Record<string, unknown> & { garden: Record<string, unknown>; site: unknown };
  await inDatabase(async (client) => {
    const folder = firstMigrations(2);
    try {
      const db = drizzle(client, { schema });
      await migrate(db, { migrationsFolder: folder });
      const { garden } = old;
      await client.query(
        `insert into gardens (id, revision, name, note, units, locale, currency, reach_mm, site, tax_percent, prices_include_tax, spare_percent)
         values ('g', 2, $1, $2, $3, $4, $5, $6, $7, 20, true, 5)`,
        [
          garden.name,
          garden.note,
          garden.units,
          garden.locale,
          garden.currency,
          garden.reachMm,
          JSON.stringify(old.site),
        ],
      );
      const earlier = { ...old, garden: { ...garden, name: 'Before' }, structures: [] };
      for (const [revision, plan] of [earlier, old].entries())
        await client.query('insert into revisions (garden_id, revision, plan) values ($1, $2, $3)', [
          'g',
          revision + 1,
          JSON.stringify(plan),
        ]);
      const withTicks = firstMigrations(5);
      await migrate(db, { migrationsFolder: withTicks });
      rmSync(withTicks, { recursive: true });
      for (const [person, done, note, paid, at] of [
        ['Odile', true, 'oak', 880, '2026-05-01T09:00:00.125Z'],
        ['Bram', false, '', null, '2026-05-01T08:00:00.000Z'],
      ])
        await client.query(`insert into ticks values ('g', 'bought', 'post 2400', $1, $2, $3, $4, $5)`, [
          person,
          done,
          note,
          paid,
          at,
        ]);
      await migrate(db, { migrationsFolder: MIGRATIONS });
      // Of what two persons had ticked the last was shown.
      const stamp = '001777626000125-00000-before';
      expect(await loadRecord(db, 'g')).toEqual(
        expect.arrayContaining(
          [
            { field: 'done', value: true },
            { field: 'note', value: 'oak' },
            { field: 'paidMinor', value: 880 },
          ].map((said) => ({ about: 'bought', what: 'post 2400', person: 'Odile', stamp, ...said })),
        ),
      );
      const kept = await loadGarden(db, 'g');
      const read = readPlan(old);
      expect(kept?.revision).toBe(2);
      expect(kept?.plan).toEqual(read.ok ? read.plan : read.faults);
      const { rows } = await client.query('select name, beds, structures from gardens');
      expect(rows).toEqual([
        { name: garden.name, beds: (old.beds as []).length, structures: (old.structures as []).length },
      ]);
      const { rows: revisions } = await client.query<{ plan: { garden: { name: string } } }>(
        'select plan from revisions order by revision',
      );
      expect(revisions.map((one) => one.plan.garden.name)).toEqual(['Before', garden.name]);
      const { rows: tables } = await client.query<{ table_name: string }>(
        `select relname as table_name from pg_class
         where relnamespace = 'public'::regnamespace and relkind in ('r', 'p') and not relispartition order by 1`,
      );
      expect(tables.map((one) => one.table_name)).toEqual([
        'feeds',
        'gardens',
        'milestones',
        'people',
        'photos',
        'record',
        'revisions',
        'tries',
      ]);
      // A garden's versions lie in the part of the same number as itself.
      const { rows: parts } = await client.query<{ of: string; version: string }>(
        `select g.tableoid::regclass::text as of, r.tableoid::regclass::text as version
         from gardens g join revisions r on r.garden_id = g.id`,
      );
      expect(parts.length).toBeGreaterThan(1);
      for (const { of, version } of parts) expect(version).toBe(of.replace('gardens', 'revisions'));
    } finally {
      rmSync(folder, { recursive: true });
    }
  });
});

test('the pages own their tables and nothing more: no programs run, no files read, no databases made, nobody else’s looked into', async () => {
  const client = new Client({ connectionString: process.env.LIGNUM_DATABASE_URL ?? '' });
  const admin = new Client({ connectionString: process.env.LIGNUM_ADMIN_URL ?? '' });
  await client.connect();
  await admin.connect();
  try {
    for (const [sql, why] of [
      ["copy milestones from program 'id'", /program/],
      ["copy milestones from '/etc/passwd'", /file/],
      ["select pg_read_file('postgresql.conf')", /permission denied/],
      ['create database elsewhere', /permission denied/],
      ['create role somebody', /permission denied/],
      ['alter role lignum_pages superuser', /superuser|permission denied/],
      ['select rolpassword from pg_authid', /permission denied/],
    ] as const)
      await expect(client.query(sql), sql).rejects.toThrow(why);
    const url = new URL(process.env.LIGNUM_DATABASE_URL ?? '');
    url.pathname = '/postgres';
    const other = new Client({ connectionString: url.href });
    await expect(other.connect()).rejects.toThrow(/permission denied for database/);
    const { rows } = await client.query('select tableowner, count(*) from pg_tables where tablename = $1 group by 1', [
      'gardens',
    ]);
    expect(rows).toEqual([{ tableowner: 'lignum_pages', count: '1' }]);
    expect((await admin.query('show data_checksums')).rows).toEqual([{ data_checksums: 'on' }]);
  } finally {
    await client.end();
    await admin.end();
  }
});

test('a connection that is lost before its transaction begins is given back: the next ones find the database well', async () => {
  const host = new Client({ connectionString: process.env.LIGNUM_DATABASE_URL ?? '' });
  await host.connect();
  const pool = new BoundedPool({
    connectionString: process.env.LIGNUM_DATABASE_URL ?? '',
    max: 2,
    connectionTimeoutMillis: 3000,
  });
  pool.on('error', () => undefined);
  const db = drizzle(pool, { schema });
  // As the server would close it, between being lent and `begin`.
  const lend = pool.connect.bind(pool) as () => Promise<PoolClient>;
  const losing = async () => {
    const client = await lend();
    client.on('error', () => undefined);
    const { rows } = await client.query<{ pid: number }>('select pg_backend_pid() as pid');
    const gone = new Promise((resolve) => client.once('end', resolve));
    await host.query('select pg_terminate_backend($1)', [rows[0]?.pid]);
    await gone;
    return client;
  };
  try {
    Object.assign(pool, { connect: losing });
    for (let i = 0; i < 9; i++)
      await expect(inTransaction(db, (tx) => tx.select().from(schema.milestones))).rejects.toThrow();
    Object.assign(pool, { connect: lend });
    expect(await inTransaction(db, (tx) => tx.select().from(schema.milestones))).not.toEqual([]);
    // What fails inside is taken back, and its connection is not lent again half done.
    await expect(
      inTransaction(db, async (tx) => {
        await tx.insert(schema.milestones).values({ name: 'half' });
        throw new Error('no');
      }),
    ).rejects.toThrow('no');
    const names = await inTransaction(db, (tx) => tx.select().from(schema.milestones));
    expect(names.map((one) => one.name)).not.toContain('half');
    expect(pool.totalCount).toBeLessThanOrEqual(2);
  } finally {
    await pool.end();
    await host.end();
  }
});

test('one who waits too long for the database is told whether it answers others or nobody; it is asked again as soon as it can be', async () => {
  const config = { connectionString: process.env.LIGNUM_DATABASE_URL ?? '', max: 2, query_timeout: 3000 };
  const pool = new BoundedPool(config, 1000);
  pool.on('error', () => undefined);
  const why = (asked: Promise<unknown>) => asked.then(() => 'answered', whyOf);
  const pidOf = async (client: PoolClient) => {
    const { rows } = await client.query<{ pid: number }>('select pg_backend_pid() as pid');
    return rows[0]?.pid ?? 0;
  };
  const slow = () => pool.lend((client) => client.query('select pg_sleep(3)'));
  try {
    const db = drizzle(pool, { schema });
    // Both are taken for long, and not long ago they were not.
    expect(await why(pool.query('select 1'))).toBe('answered');
    expect(await Promise.all([why(slow()), why(slow()), why(pool.query('select 1'))])).toEqual(Array(3).fill('busy'));
    expect(await why(pool.query('select 1'))).toBe('answered');
    // So many do not wait at all.
    const many = await Promise.all(Array.from({ length: 200 }, () => why(pool.query('select pg_sleep(0.02)'))));
    expect(new Set(many)).toEqual(new Set(['answered', 'busy']));
    // A database that stands still, as one whose disk hangs: nobody is answered, a transaction neither.
    const pids = await Promise.all([pool.lend(pidOf), pool.lend(pidOf)]);
    expect(new Set(pids).size).toBe(2);
    await new Promise((resolve) => setTimeout(resolve, 2100));
    for (const pid of pids) process.kill(pid, 'SIGSTOP');
    try {
      const reading = inTransaction(db, (tx) => tx.select().from(schema.milestones));
      expect(await Promise.all([why(pool.query('select 1')), why(reading)])).toEqual(['silent', 'silent']);
    } finally {
      for (const pid of pids) process.kill(pid, 'SIGCONT');
    }
    await expect.poll(() => why(pool.query('select 1')), { timeout: 10_000 }).toBe('answered');
    expect(pool.totalCount).toBeLessThanOrEqual(2);
  } finally {
    await pool.end();
  }
});

test('a save that is said again after its answer was lost is saved once; one after it follows; another tab’s is told', async ({
  request,
}) => {
  const id = await ownGarden(request);
  const plan = await savedPlan(request, id);
  const named = (name: string) => ({ ...plan, garden: { ...plan.garden, name } });
  const save = async (base: number, as: string, name: string, unanswered: string[] = []) => {
    const reply = await request.put(`/api/gardens/${id}`, { data: { base, as, unanswered, plan: named(name) } });
    return [reply.status(), ((await reply.json()) as { revision: number }).revision];
  };
  expect(await save(1, 'a', 'First')).toEqual([200, 2]);
  expect(await save(1, 'a', 'First')).toEqual([200, 2]);
  expect(await save(1, 'b', 'Second', ['a'])).toEqual([200, 3]);
  expect(await save(1, 'c', 'Of another')).toEqual([409, 3]);
  expect((await savedPlan(request, id)).garden.name).toBe('Second');
});

test('a backup holds everything, and restored into an empty database it is the same row for row; what is cut short, changed or not empty restores nothing', async ({
  request,
}) => {
  const id = await ownGarden(request, whole);
  const plan = await savedPlan(request, id);
  const saved = await request.put(`/api/gardens/${id}`, {
    data: { base: 1, plan: { ...plan, garden: { ...plan.garden, note: 'ü “quoted” \n two lines' } } },
  });
  expect(saved.status()).toBe(200);
  const stamp = `${String(Date.now() - 3_600_000).padStart(15, '0')}-00000-k3f9`;
  const tick = { about: 'bought', what: 'steel-post 2133.6', field: 'done', value: true, stamp, person: 'Odile' };
  expect((await request.post(`/api/gardens/${id}/record`, { data: { entries: [tick] } })).ok()).toBe(true);
  expect((await request.post(`/api/gardens/${id}/photos`, { data: aPhoto() })).ok()).toBe(true);
  const binned = await ownGarden(request);
  expect((await request.delete(`/api/gardens/${binned}`)).ok()).toBe(true);
  const file = Buffer.from(await (await request.get('/api/backup')).body());
  const lines = gunzipSync(file).toString('utf8').trimEnd().split('\n');
  await inDatabase(async (client) => {
    const demo = { id: 'ferry-house', revision: 1 };
    const from = (some: readonly string[]): AsyncIterable<string> => Readable.from(some);
    const count = async (): Promise<number> =>
      Number((await client.query<{ n: string }>('select count(*) n from gardens')).rows[0]?.n);
    await migrate(drizzle(client, { schema }), { migrationsFolder: MIGRATIONS });
    const bad: [readonly string[], RegExp][] = [
      [lines.slice(0, -1), /cut short/],
      [[...lines.slice(0, 1), ...lines.slice(2)], /changed since/],
      [lines.map((line, i) => (i === 1 ? line.replace('"note": "', '"note": "x') : line)), /changed since/],
      [['{"format":"other"}', ...lines.slice(1)], /no backup of Lignum/],
      [[`{"format":"lignum-backup","version":3}`, ...lines.slice(1)], /newer Lignum/],
      [[...lines.slice(0, 3), 'half a row', ...lines.slice(4)], /no row of it/],
      [[...lines, lines[1] as string], /goes on after its end/],
    ];
    for (const [some, why] of bad) {
      await expect(restoreLines(client, from(some), demo)).rejects.toThrow(why);
      expect(await count()).toBe(0);
    }
    const counts = await restoreLines(client, from(lines), demo);
    expect([counts.gardens >= 2, counts.record >= 1, counts.photos >= 1]).toEqual([true, true, true]);
    const again: string[] = [];
    for await (const line of archiveLines(client, new Date())) again.push(line.trimEnd());
    expect(again.slice(1)).toEqual(lines.slice(1));
    const { rows } = await client.query<{ binned: boolean; note: string }>(
      'select binned_at is not null as binned, note from gardens where id in ($1, $2) order by 1',
      [id, binned],
    );
    expect(rows).toEqual([
      { binned: false, note: 'ü “quoted” \n two lines' },
      expect.objectContaining({ binned: true }),
    ]);
    await expect(restoreLines(client, from(lines), demo)).rejects.toThrow(/already: restore into an empty one/);
    const kept = await client.query<{ picture: Buffer }>('select picture from photos where garden_id = $1', [id]);
    expect(kept.rows.map(({ picture }) => picture.toString('base64'))).toEqual([SMALL_JPEG]);
  });
});

test('a garden that is asked for again after its answer was lost is made once', async ({ page, request }) => {
  await page.goto('/');
  let lost = 0;
  await page.route('**/api/gardens', async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.continue();
    lost++;
    // It comes to the server, and its answer to nobody.
    await route.fetch();
    return route.abort();
  });
  const name = `Made once ${randomUUID().slice(0, 8)}`;
  await page.getByRole('button', { name: 'New garden' }).click();
  await page.getByLabel('What is it called?').fill(name);
  await page.getByRole('button', { name: 'Make the garden' }).click();
  await expect(page).toHaveURL(/\/g\/[0-9a-f-]{36}$/);
  expect(lost).toBe(1);
  const seek = name.toUpperCase();
  expect(await (await request.get('/api/gardens', { params: { seek } })).json()).toMatchObject({
    found: 1,
    gardens: [{ name }],
  });
});

test('many gardens are sought, put in order and paged by the database; no plan is read for it but where its outline is missing', async ({
  page,
  request,
}) => {
  await inDatabase(async (client) => {
    const db = drizzle(client, { schema });
    await migrate(db, { migrationsFolder: MIGRATIONS });
    const plan = (n: number) =>
      renamed(fewerBeds(DEMO_PLAN), `Garden ${String(n).padStart(2, '0')}`, n === 7 ? '50 % shade, by_the_path' : '');
    for (let n = 1; n <= 30; n++) await createGarden(db, `g-${n}`, plan(n));
    await saveGarden(db, 'g-3', { base: 1, plan: plan(3) });
    await binGarden(db, 'g-30');
    const asked = async (seek: string, by: 'saved' | 'name' | 'made', at: number) => {
      const told = await listGardens(db, { seek, by, page: at });
      return { ...told, gardens: told.gardens.map((one) => Number(one.id.slice(2))) };
    };
    const upTo = (first: number, last: number) => Array.from({ length: last - first + 1 }, (_, i) => first + i);
    expect(await asked('', 'name', 1)).toEqual({
      asked: { seek: '', by: 'name', page: 1 },
      gardens: upTo(1, 12),
      found: 29,
      all: 29,
    });
    expect(await asked('', 'made', 3)).toMatchObject({ gardens: upTo(25, 29) });
    expect((await asked('', 'saved', 1)).gardens.slice(0, 3)).toEqual([3, 29, 28]);
    // A page that is no more is the last one; signs that have a meaning in patterns are meant as they stand.
    expect(await asked('', 'made', 99)).toMatchObject({ asked: { page: 3 }, gardens: upTo(25, 29) });
    expect(await asked('GARDEN 0', 'name', 1)).toMatchObject({ gardens: upTo(1, 9), found: 9, all: 29 });
    for (const seek of ['50 %', 'by_the', '% shade'])
      expect(await asked(seek, 'saved', 1)).toMatchObject({ gardens: [7] });
    for (const seek of ['%%', '_', '\\']) expect((await asked(seek, 'saved', 1)).found).toBe(seek === '_' ? 1 : 0);
    // As it was stored before there were outlines: it is made of the plan, and is the same.
    const before = await listGardens(db, { seek: 'Garden 05', by: 'name', page: 1 });
    await client.query(`update gardens set outline = null where id = 'g-5'`);
    expect(await listGardens(db, { seek: 'Garden 05', by: 'name', page: 1 })).toEqual(before);
    expect(before.gardens[0]?.plan?.beds).toMatch(/^M[\d.]+ [\d.]+l/);
  });
  // As somebody does it, in the list of all of them.
  for (let n = 0; n < 13; n++) await ownGarden(request, fewerBeds);
  const mine = `Sought ${randomUUID().slice(0, 8)}`;
  await ownGarden(request, (all) => renamed(fewerBeds(all), mine, ''));
  await page.goto('/');
  await expect(page.getByRole('navigation', { name: 'Pages of gardens' })).toContainText(/^1 to 12 of/);
  await page.getByRole('link', { name: 'Next page' }).click();
  await expect(page).toHaveURL(/page=2/);
  await page.getByRole('searchbox', { name: 'Find a garden' }).fill(mine.toLowerCase());
  await expect(page.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('searchbox', { name: 'Find a garden' }).fill('no such garden');
  await expect(page.getByRole('status').filter({ hasText: 'No garden is called' })).toBeVisible();
});

test('versions are thinned with age: a day all, a week one an hour, two months one a day, then one a week, the first and the newest always', async ({
  request,
}) => {
  const id = await ownGarden(request);
  const client = new Client({ connectionString: process.env.LIGNUM_DATABASE_URL ?? '' });
  await client.connect();
  const now = new Date('2026-11-30T12:00:00Z');
  const ago = (hours: number): Date => new Date(now.getTime() - hours * 3_600_000);
  try {
    await client.query('delete from revisions where garden_id = $1', [id]);
    // Every half hour of three months, the oldest first.
    const hours = Array.from({ length: 90 * 24 * 2 }, (_, i) => (90 * 24 * 2 - i) / 2);
    await client.query(
      `insert into revisions (garden_id, revision, plan, saved_at)
       select $1, n, '{}', at from unnest($2::timestamptz[]) with ordinality as t (at, n)`,
      [id, hours.map((one) => ago(one).toISOString())],
    );
    const db = drizzle(client, { schema });
    await thinVersions(db, id, now);
    const left = async () =>
      (
        await client.query<{ revision: number; at: Date }>(
          'select revision, saved_at as at from revisions where garden_id = $1 order by revision',
          [id],
        )
      ).rows;
    const rows = await left();
    const between = (from: number, to: number): number =>
      rows.filter(({ at }) => at > ago(from) && at <= ago(to)).length;
    expect(between(24, 0)).toBe(24 * 2 - 1);
    // An hour begun is one more.
    expect(Math.abs(between(168, 24) - 144)).toBeLessThanOrEqual(2);
    expect(Math.abs(between(60 * 24, 168) - 53)).toBeLessThanOrEqual(2);
    expect(Math.abs(between(91 * 24, 60 * 24) - 6)).toBeLessThanOrEqual(2);
    expect([rows[0]?.revision, rows.at(-1)?.revision]).toEqual([1, hours.length]);
    // Thinned again nothing goes.
    await thinVersions(db, id, now);
    expect(await left()).toEqual(rows);
  } finally {
    await client.end();
  }
});
