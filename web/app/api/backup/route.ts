import { Readable } from 'node:stream';
import { createGzip } from 'node:zlib';
import { Client } from 'pg';
import { archiveLines } from '../../../server/archive';
import { withDatabase } from '../../../server/door';

export const dynamic = 'force-dynamic';

/** All gardens with every version, note and what lies in the bin, as one file that `./lignum restore` puts back. */
export const GET = (): Promise<Response> =>
  withDatabase(async () => {
    // A connection of its own: a large archive takes longer than a page may.
    const client = new Client({
      connectionString: process.env.LIGNUM_DATABASE_URL ?? '',
      connectionTimeoutMillis: 4000,
    });
    await client.connect();
    const now = new Date();
    const lines = Readable.from(archiveLines(client, now));
    const packed = createGzip();
    lines.on('error', (error) => packed.destroy(error));
    packed.on('close', () => {
      lines.destroy();
      void client.end().catch(() => undefined);
    });
    return new Response(Readable.toWeb(lines.pipe(packed)) as ReadableStream<Uint8Array>, {
      headers: {
        'Content-Type': 'application/gzip',
        'Content-Disposition': `attachment; filename="lignum-${now.toISOString().slice(0, 10)}.backup"`,
        'Cache-Control': 'no-store',
      },
    });
  });
