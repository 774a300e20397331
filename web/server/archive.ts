import { createHash } from 'node:crypto';
import type { ClientBase } from 'pg';

/** Everything a database of Lignum holds, as text, line by line; docs/backup-format.md says how. */
export const ARCHIVE_FORMAT = 'lignum-backup';
export const ARCHIVE_VERSION = 2;

/** What is in an archive, each table in the order in which its rows may be put back, and by which columns they are told apart. */
const TABLES = {
  gardens: 'id',
  revisions: 'garden_id, revision',
  record: 'garden_id, about, what, field',
  photos: 'garden_id, id',
  milestones: 'name',
} as const;
type Table = keyof typeof TABLES;
const NAMES = Object.keys(TABLES) as Table[];

/** How many rows of each table. */
export type Counts = Record<Table, number>;
const NONE: Counts = { gardens: 0, revisions: 0, record: 0, photos: 0, milestones: 0 };

/** What the person who restores can mend, or has to know. */
export class ArchiveFault extends Error {}

/** So many rows are fetched at once; of photos, which are a megabyte each as they are written, a few. */
const atOnce = (table: Table): number => (table === 'photos' ? 4 : 50);

/**
 * The lines of an archive: what it is, every row as the database writes it, and last how many there are and their
 * SHA-256. All of one moment, whatever is saved meanwhile; a row at a time in memory.
 */
export async function* archiveLines(client: ClientBase, now: Date): AsyncGenerator<string> {
  const digest = createHash('sha256');
  const counts = { ...NONE };
  await client.query('begin isolation level repeatable read read only');
  try {
    await client.query(`set local time zone 'UTC'`);
    yield `${JSON.stringify({ format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, at: now.toISOString() })}\n`;
    for (const table of NAMES) {
      await client.query(
        `declare rows no scroll cursor for select to_jsonb(t)::text as row from ${table} t order by ${TABLES[table]}`,
      );
      for (;;) {
        const { rows } = await client.query<{ row: string }>(`fetch ${atOnce(table)} from rows`);
        for (const { row } of rows) {
          const line = `{"table":"${table}","row":${row}}\n`;
          digest.update(line);
          counts[table]++;
          yield line;
        }
        if (rows.length < atOnce(table)) break;
      }
      await client.query('close rows');
    }
    yield `${JSON.stringify({ rows: counts, sha256: digest.digest('hex') })}\n`;
  } finally {
    await client.query('rollback');
  }
}

/** A row of an archive by its table, as it was written. */
const ROW = new RegExp(`^\\{"table":"(${NAMES.join('|')})","row":(\\{.*\\})\\}$`, 's');

function header(line: string): void {
  let read: { format?: unknown; version?: unknown };
  try {
    read = JSON.parse(line) as typeof read;
  } catch {
    throw new ArchiveFault('this is no backup of Lignum: its first line is no JSON.');
  }
  if (read.format !== ARCHIVE_FORMAT)
    throw new ArchiveFault(`this is no backup of Lignum: its format is ${JSON.stringify(read.format ?? null)}.`);
  if (typeof read.version !== 'number' || read.version > ARCHIVE_VERSION)
    throw new ArchiveFault(
      `it was written by a newer Lignum (version ${String(read.version)} of the archive; this one reads up to ${ARCHIVE_VERSION}): restore it with that.`,
    );
}

/**
 * Puts the rows of an archive into a database that holds no garden: all of them, or, whatever goes wrong, none. `replace`
 * names the one garden that may stand there, as it came and with nothing said of it, and gives way.
 */
export async function restoreLines(
  client: ClientBase,
  lines: AsyncIterable<string>,
  replace: { id: string; revision: number },
): Promise<Counts> {
  const digest = createHash('sha256');
  const counts = { ...NONE };
  let [first, said] = [true, null as { rows: Counts; sha256: string } | null];
  await client.query('begin');
  try {
    await client.query('lock table gardens in exclusive mode');
    const { rows: there } = await client.query<{ id: string; revision: number; name: string }>(
      `select id, revision, name from gardens
       where not (id = $1 and revision = $2 and not exists (select 1 from record where garden_id = id)
         and not exists (select 1 from photos where garden_id = id))`,
      [replace.id, replace.revision],
    );
    if (there.length > 0)
      throw new ArchiveFault(
        `the database holds ${there.length === 1 ? `the garden “${there[0]?.name}”` : `${there.length} gardens`} already: restore into an empty one, so that nothing is mixed.`,
      );
    await client.query('delete from gardens');
    await client.query('delete from milestones');
    for await (const line of lines) {
      if (first) {
        header(line);
        first = false;
        continue;
      }
      if (said) throw new ArchiveFault('it goes on after its end: it has been changed since it was written.');
      const [, table, row] = ROW.exec(line) ?? [];
      if (!table || !row) {
        try {
          said = JSON.parse(line) as typeof said;
        } catch {
          throw new ArchiveFault(`it is cut short, or has been changed: line ${total(counts) + 2} is no row of it.`);
        }
        continue;
      }
      digest.update(`${line}\n`);
      await client
        // Named with its schema: a bare `record` is a type of PostgreSQL's own.
        .query(`insert into ${table} select * from jsonb_populate_record(null::public.${table}, $1::jsonb)`, [row])
        .catch((error: unknown) => {
          // A row that is no row, or whose garden is missing (classes 22 and 23 of PostgreSQL, appendix A).
          if (!/^2[23]/.test((error as { code?: string }).code ?? '')) throw error;
          throw new ArchiveFault(
            `it has been changed since it was written: row ${total(counts) + 1} cannot stand (${(error as Error).message}).`,
          );
        });
      counts[table as Table]++;
    }
    if (!said?.sha256)
      throw new ArchiveFault(`it is cut short: it ends after ${total(counts)} rows, without saying that it is whole.`);
    if (digest.digest('hex') !== said.sha256 || NAMES.some((name) => counts[name] !== (said?.rows[name] ?? 0)))
      throw new ArchiveFault('it has been changed since it was written: its rows are not those that were counted.');
    await client.query('commit');
    return counts;
  } catch (error) {
    await client.query('rollback').catch(() => undefined);
    throw error;
  }
}

const total = (counts: Counts): number => NAMES.reduce((sum, name) => sum + counts[name], 0);
