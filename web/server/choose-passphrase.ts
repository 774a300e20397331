import { text } from 'node:stream/consumers';
import { drizzle } from 'drizzle-orm/node-postgres';
import { Client } from 'pg';
import { choosePassphrase, hasPassphrase, isTheOne } from './household';
import { faultOf } from './passphrase';
import * as schema from './schema';

/**
 * `known` says whether a passphrase was chosen ("yes", "no"); `choose` reads one from standard input and makes it the
 * household's, which signs every device out unless it is the same. A fault the person can mend is printed as "Fault: …".
 */
async function run(command: string): Promise<string> {
  const client = new Client({ connectionString: process.env.LIGNUM_DATABASE_URL ?? '' });
  await client.connect();
  try {
    const db = drizzle(client, { schema });
    if (command === 'known') return (await hasPassphrase(db)) ? 'yes' : 'no';
    const passphrase = (await text(process.stdin)).replace(/\r?\n$/, '');
    const fault = faultOf(passphrase);
    if (fault) throw new Error(`Fault: The passphrase will not do. ${fault}`);
    if (await isTheOne(db, passphrase)) return 'same';
    await choosePassphrase(db, passphrase);
    return 'chosen';
  } finally {
    await client.end();
  }
}

run(process.argv[2] ?? '').then(
  (said) => process.stdout.write(`${said}\n`),
  (error: unknown) => {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
    process.exit(1);
  },
);
