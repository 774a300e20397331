import { createInterface } from 'node:readline';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Writable } from 'node:stream';
import { fingerprintOf } from './plain-door.mjs';
import { Fault, faultIn, ROOT, runLong, Stopped } from './run.mjs';
import { stopping } from './stopping.mjs';
import { certificateOf, ownNames } from './tls.mjs';

const isLoopback = (host) => host === 'localhost' || host === '::1' || /^127(\.\d{1,3}){3}$/.test(host);

const ask = (url, command, input) =>
  runLong(process.execPath, ['--import', 'tsx', join(ROOT, 'web/server/choose-passphrase.ts'), command], {
    env: { LIGNUM_DATABASE_URL: url },
    input,
  });
const told = ({ code, out, err }) => {
  if (code !== 0) throw new Fault(faultIn(err) ?? err.trim());
  return out.trim();
};

/** Asks at the terminal; what is typed is not shown. */
async function typed(question) {
  process.stdout.write(question);
  const nowhere = new Writable({ write: (_piece, _encoding, done) => done() });
  const lines = createInterface({ input: process.stdin, output: nowhere, terminal: true });
  lines.on('SIGINT', () => process.kill(process.pid, 'SIGINT'));
  const line = await new Promise((done, fail) => {
    lines.once('line', done).once('close', () => done(''));
    stopping.addEventListener('abort', () => fail(new Stopped()), { once: true });
  });
  lines.close();
  process.stdout.write('\n');
  return line;
}

/** A passphrase that stands in a file or a variable, for where nobody sits at a terminal; null where there is none. */
function given() {
  const { LIGNUM_PASSPHRASE: said, LIGNUM_PASSPHRASE_FILE: file } = process.env;
  if (!file) return said || null;
  try {
    return readFileSync(file, 'utf8').replace(/\r?\n$/, '');
  } catch (error) {
    throw new Fault(`LIGNUM_PASSPHRASE_FILE cannot be read: ${error.message}`);
  }
}

/** Chooses the household's passphrase: the one that is given, else one that is typed twice. */
export async function choosePassphrase(url) {
  let passphrase = given();
  if (passphrase === null) {
    if (!process.stdin.isTTY)
      throw new Fault(
        'Reached from elsewhere, Lignum asks for a passphrase, and none was chosen yet: start it once at a terminal, or put one in LIGNUM_PASSPHRASE_FILE (a file) or LIGNUM_PASSPHRASE.',
      );
    passphrase = await typed('Choose a passphrase for the household, four or five words say (12 signs at least): ');
    if ((await typed('Once more: ')) !== passphrase)
      throw new Fault('The two are not the same: nothing was chosen. Try again.');
  }
  return told(await ask(url, 'choose', passphrase));
}

/**
 * What stands before pages that are served at an address: nothing on loopback or where a proxy sees to all of it
 * (LIGNUM_BEHIND_PROXY), else a passphrase and TLS. What the page server is told of that, and the certificate it is known by.
 */
export async function guardOf(host, url) {
  if (isLoopback(host) || process.env.LIGNUM_BEHIND_PROXY === '1') return { env: {}, ca: null, says: [] };
  if (given() !== null || told(await ask(url, 'known')) === 'no') await choosePassphrase(url);
  const more = (process.env.LIGNUM_HOSTS ?? '')
    .split(',')
    .map((one) => one.trim().toLowerCase())
    .filter(Boolean);
  const names = ownNames(host, more);
  const tls = await certificateOf(names);
  return {
    env: {
      LIGNUM_GUARDED: '1',
      LIGNUM_TLS: JSON.stringify(tls),
      LIGNUM_HOSTS: names.map((name) => (name.includes(':') ? `[${name}]` : name)).join(','),
    },
    ca: tls.authority ?? tls.certificate,
    says: tls.authority
      ? [
          'Phones and computers reach it by any of these names; told the address without https, a browser shows how to trust it:',
          `  ${names.filter((name) => name !== 'localhost' && !name.startsWith('127.') && name !== '::1').join('  ')}`,
          `Fingerprint of its certificate: ${fingerprintOf(tls.authority)}`,
        ]
      : [],
  };
}
