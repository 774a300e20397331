import { createHmac, randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';

/** Fewer signs are found by trying (OWASP ASVS 4.0.3, 2.1.1); more help nobody. */
export const PASSPHRASE = { least: 12, most: 128 };

/** What one try costs: 128 MiB and a good tenth of a second (OWASP Password Storage Cheat Sheet, scrypt; from memory). */
const COST = { N: 2 ** 17, r: 8, p: 1 };
const BYTES = 32;

const derive = (passphrase: string, salt: Buffer, { N, r, p }: typeof COST): Promise<Buffer> =>
  new Promise((done, fail) => {
    const options: ScryptOptions = { N, r, p, maxmem: 256 * N * r };
    // One way of writing an accent, however the keyboard at hand writes it (ASVS 2.1.4).
    scrypt(passphrase.normalize('NFKC'), salt, BYTES, options, (error, key) => (error ? fail(error) : done(key)));
  });

/** Why a passphrase will not do; null where it will. @example faultOf('short') // 'It has 5 signs; 12 are the least.' */
export function faultOf(passphrase: string): string | null {
  const signs = [...passphrase.normalize('NFKC')].length;
  if (signs < PASSPHRASE.least) return `It has ${signs} signs; ${PASSPHRASE.least} are the least.`;
  if (signs > PASSPHRASE.most) return `It has ${signs} signs; ${PASSPHRASE.most} are the most.`;
  if (new Set(passphrase).size < 5) return 'It has fewer than five different signs.';
  return null;
}

/** A passphrase as it is kept: how it was made, its salt and what came of it, from which it cannot be had back. */
export async function hashOf(passphrase: string, cost = COST): Promise<string> {
  const salt = randomBytes(16);
  const key = await derive(passphrase, salt, cost);
  return ['scrypt', cost.N, cost.r, cost.p, salt.toString('base64url'), key.toString('base64url')].join('$');
}

/** Whether a passphrase is the one that was kept so. */
export async function isPassphrase(said: string, kept: string): Promise<boolean> {
  const [name, N, r, p, salt = '', key = ''] = kept.split('$');
  if (name !== 'scrypt' || said.length > 4 * PASSPHRASE.most) return false;
  const found = await derive(said, Buffer.from(salt, 'base64url'), { N: Number(N), r: Number(r), p: Number(p) });
  const wanted = Buffer.from(key, 'base64url');
  return found.length === wanted.length && timingSafeEqual(found, wanted);
}

/** A device stays in so long without being asked again (ASVS 3.3.2, level 1). ms. */
export const TICKET_MS = 30 * 24 * 3_600_000;

const macOf = (said: string, key: string): Buffer =>
  createHmac('sha256', Buffer.from(key, 'hex')).update(said).digest();

/** What a device carries once it has been let in: who, since when (ms), and the signature of both. */
export const ticketOf = (person: string, nowMs: number, key: string): string => {
  const said = `${person}.${nowMs}`;
  return `${said}.${macOf(said, key).toString('base64url')}`;
};

/** Whether a device carries a ticket that was signed with this key and is not too old. */
export function isTicket(ticket: string, nowMs: number, key: string): boolean {
  const [, said = '', at = '', mac = ''] = /^([a-z]+\.(\d{1,15}))\.([\w-]{43})$/.exec(ticket) ?? [];
  const age = nowMs - Number(at);
  return said !== '' && timingSafeEqual(Buffer.from(mac, 'base64url'), macOf(said, key)) && age >= 0 && age < TICKET_MS;
}

export const newKey = (): string => randomBytes(32).toString('hex');
