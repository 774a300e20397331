import {
  createReadStream,
  createWriteStream,
  existsSync,
  fsyncSync,
  openSync,
  closeSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { fileURLToPath } from 'node:url';
import { Client } from 'pg';
import { ArchiveFault, archiveLines, restoreLines, type Counts } from './archive';
import * as schema from './schema';

/**
 * `./lignum backup FILE` and `./lignum restore FILE`: everything the database holds, written to a file and put back.
 * A fault the person can mend is printed as "Fault: …".
 */
const [command, file = ''] = process.argv.slice(2);

const said = ({ gardens, revisions, record }: Counts): string =>
  `${gardens} ${gardens === 1 ? 'garden' : 'gardens'}, ${revisions} saved ${revisions === 1 ? 'version' : 'versions'}, ${record} ${record === 1 ? 'note' : 'notes'} beside them`;

async function backup(client: Client): Promise<void> {
  if (existsSync(file)) throw new ArchiveFault(`${file} is there already: nothing is written over it.`);
  const half = `${file}.half`;
  let last = '';
  async function* lines() {
    for await (const line of archiveLines(client, new Date())) {
      last = line;
      yield line;
    }
  }
  try {
    await pipeline(Readable.from(lines()), createGzip(), createWriteStream(half, { mode: 0o600, flags: 'w' }));
    const written = openSync(half, 'r+');
    fsyncSync(written);
    closeSync(written);
    renameSync(half, file);
  } catch (error) {
    rmSync(half, { force: true });
    throw error;
  }
  process.stdout.write(`${file}: ${said((JSON.parse(last) as { rows: Counts }).rows)}.\n`);
}

/** The lines of a stream of text, however it is cut up. */
async function* linesOf(text: AsyncIterable<Buffer>): AsyncGenerator<string> {
  const decoder = new TextDecoder();
  let rest = '';
  for await (const piece of text) {
    const lines = (rest + decoder.decode(piece, { stream: true })).split('\n');
    rest = lines.pop() ?? '';
    yield* lines;
  }
  rest += decoder.decode();
  if (rest !== '') yield rest;
}

async function restore(client: Client): Promise<void> {
  await migrate(drizzle(client, { schema }), {
    migrationsFolder: fileURLToPath(new URL('./migrations', import.meta.url)),
  });
  const text = createGunzip();
  const read = pipeline(createReadStream(file), text);
  // What cannot be read is told where its lines are asked for.
  read.catch((error: unknown) => text.destroy(error as Error));
  const counts = await restoreLines(client, linesOf(text), {
    id: 'ferry-house',
    revision: 1,
  });
  process.stdout.write(`${said(counts)} are back.\n`);
}

async function main(): Promise<void> {
  const client = new Client({ connectionString: process.env.LIGNUM_DATABASE_URL ?? '', connectionTimeoutMillis: 5000 });
  await client.connect();
  try {
    await (command === 'backup' ? backup(client) : restore(client));
  } finally {
    await client.end();
  }
}

main().catch((error: unknown) => {
  const { message, code } = error as NodeJS.ErrnoException;
  const why =
    error instanceof ArchiveFault
      ? message
      : code === 'Z_DATA_ERROR' || code === 'Z_BUF_ERROR'
        ? 'it is no backup of Lignum, or is cut short: it does not unpack.'
        : code === '42P01'
          ? 'there is nothing to back up yet: start Lignum once.'
          : code === 'ENOENT'
            ? 'there is no such file or folder.'
            : message || String(code);
  process.stderr.write(`Fault: ${file}: ${why}\n`);
  process.exit(1);
});
