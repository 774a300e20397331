import { spawn } from 'node:child_process';
import { connect, createServer, type AddressInfo, type Socket } from 'node:net';
import { fileURLToPath } from 'node:url';
import { expect } from '@playwright/test';
import { test } from './asking';

const LAUNCHER = fileURLToPath(new URL('../../scripts/lignum.mjs', import.meta.url));

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
/** The database of this run over a line that can be cut. */
async function overALine(): Promise<{ url: string; cut: () => void }> {
  const url = new URL(process.env.LIGNUM_DATABASE_URL ?? '');
  const { port } = url;
  const lines = new Set<Socket>();
  const door = createServer((near) => {
    const far = connect(Number(port), '127.0.0.1');
    for (const [one, other] of [
      [near, far],
      [far, near],
    ] as const) {
      lines.add(one);
      one.on('error', () => other.destroy()).on('close', () => other.destroy());
      one.pipe(other);
    }
  });
  await new Promise<void>((resolve) => door.listen(0, '127.0.0.1', resolve));
  url.port = String((door.address() as AddressInfo).port);
  return {
    url: url.href,
    cut: () => {
      door.close();
      for (const line of lines) line.destroy();
    },
  };
}

const answers = async (port: number): Promise<boolean> =>
  (await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null))?.ok === true;

// One folder is served from once at a time.
test.describe.configure({ mode: 'serial' });

/** Starts the program on a port of its own, over the database of this test run. */
function launch(port: number, env: Record<string, string> = {}) {
  const child = spawn(process.execPath, [LAUNCHER, 'start'], {
    env: { ...process.env, PORT: String(port), ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece: Buffer) => (said += piece.toString()));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  return { child, ended, said: () => said };
}

test('a start that is stopped at any moment leaves nobody on its port, nor does one that is killed outright; a page whose database is gone says so by its status', async () => {
  test.setTimeout(180_000);
  for (const afterMs of [150, 1500, 3500]) {
    const port = await freePort();
    const { child, ended, said } = launch(port);
    await new Promise((resolve) => setTimeout(resolve, afterMs));
    child.kill('SIGTERM');
    // Before it could listen to anything a signal simply ends it; after that it says goodbye.
    if ((await ended) !== null) expect([child.exitCode, said()]).toEqual([0, expect.stringContaining('Stopped.')]);
    expect(await answers(port)).toBe(false);
  }
  const port = await freePort();
  const line = await overALine();
  const { child, ended } = launch(port, { LIGNUM_DATABASE_URL: line.url });
  await expect.poll(() => answers(port), { timeout: 60_000 }).toBe(true);
  const page = () => fetch(`http://127.0.0.1:${port}/g/ferry-house/list`);
  expect((await page()).status).toBe(200);
  line.cut();
  const without = await page();
  expect([without.status, without.headers.get('retry-after')]).toEqual([503, '3']);
  // Nobody is left to stop it, nor to read what it says.
  child.stdout.destroy();
  child.stderr.destroy();
  child.kill('SIGKILL');
  await ended;
  await expect.poll(() => answers(port), { timeout: 10_000 }).toBe(false);
});

test('reached from elsewhere it is refused without a passphrase; with one it answers over TLS alone, and only who has said it', async ({
  playwright,
}) => {
  test.setTimeout(180_000);
  const port = await freePort();
  const everywhere = { HOST: '0.0.0.0' };
  const none = launch(port, everywhere);
  expect([await none.ended, none.said()]).toEqual([1, expect.stringContaining('LIGNUM_PASSPHRASE_FILE')]);
  const short = launch(port, { ...everywhere, LIGNUM_PASSPHRASE: 'too short' });
  expect([await short.ended, short.said()]).toEqual([1, expect.stringContaining('9 signs; 12 are the least')]);
  const { child, ended, said } = launch(port, { ...everywhere, LIGNUM_PASSPHRASE: 'beans on the long wall' });
  const asks = await playwright.request.newContext({
    baseURL: `https://127.0.0.1:${port}`,
    ignoreHTTPSErrors: true,
    maxRedirects: 0,
    extraHTTPHeaders: { Origin: `https://127.0.0.1:${port}` },
  });
  try {
    await expect.poll(said, { timeout: 90_000 }).toContain('is ready at https://');
    const status = async (path: string, method = 'GET', data?: object) =>
      (await asks.fetch(path, { method, ...(data ? { data } : {}) })).status();
    const enter = (passphrase: string) => status('/api/enter', 'POST', { passphrase });
    // Whoever is not in sees nothing and changes nothing.
    for (const [path, method, expected] of [
      ['/', 'GET', 303],
      ['/g/ferry-house', 'GET', 303],
      ['/api/gardens', 'GET', 401],
      ['/api/gardens/ferry-house', 'GET', 401],
      ['/api/gardens/ferry-house', 'DELETE', 401],
      ['/api/backup', 'GET', 401],
      ['/api/leave?all=1', 'POST', 401],
      ['/api/health', 'GET', 200],
      ['/api/gardens/ferry-house/feed', 'POST', 401],
      [`/api/feed/${'0'.repeat(40)}.ics`, 'GET', 404],
      ['/enter', 'GET', 200],
    ] as const)
      expect(await status(path, method), `${method} ${path}`).toBe(expected);
    expect(await enter('beans on the short wall')).toBe(401);
    expect(await status('/')).toBe(303);
    // Plain, one is shown the way in and the authority, whose fingerprint the launcher has told; all else is led over.
    const plain = `http://127.0.0.1:${port}`;
    const way = await asks.get(`${plain}/`);
    const fingerprint = /Fingerprint[^:]*: ([0-9A-F ]+)/.exec(said())?.[1] ?? 'none';
    expect([way.status(), await way.text()]).toEqual([200, expect.stringContaining(fingerprint)]);
    expect((await asks.get(`${plain}/lignum-authority.crt`)).headers()['content-type']).toBe(
      'application/x-x509-ca-cert',
    );
    expect((await asks.get(`${plain}/api/gardens`)).headers().location).toBe(`https://127.0.0.1:${port}/api/gardens`);
    expect((await asks.post(`${plain}/api/enter`, { data: { passphrase: 'beans on the long wall' } })).status()).toBe(
      403,
    );
    // In, and out again wherever one was let in.
    const inside = await asks.post('/api/enter', { data: { passphrase: 'beans on the long wall' } });
    expect(inside.headers()['set-cookie']).toMatch(/^__Host-lignum=.*; Path=\/;.*; Secure; HttpOnly; SameSite=Lax$/);
    expect(await status('/api/gardens')).toBe(200);
    expect(await status('/g/ferry-house')).toBe(200);
    // A calendar cannot sign in: it follows a secret of its own, from anywhere, until that is ended.
    const feed = (await (await asks.post('/api/gardens/ferry-house/feed')).json()) as { secret: string };
    const calendar = await playwright.request.newContext({ ignoreHTTPSErrors: true });
    const followed = `https://127.0.0.1:${port}/api/feed/${feed.secret}.ics`;
    expect(await (await calendar.get(followed)).text()).toContain('BEGIN:VCALENDAR');
    expect(await status('/api/gardens/ferry-house/feed', 'DELETE')).toBe(200);
    expect((await calendar.get(followed)).status()).toBe(404);
    await calendar.dispose();
    const ticket = await asks.storageState();
    const elsewhere = await playwright.request.newContext({ ignoreHTTPSErrors: true, storageState: ticket });
    expect((await elsewhere.get(`https://127.0.0.1:${port}/api/gardens`)).status()).toBe(200);
    expect(await status('/api/leave?all=1', 'POST')).toBe(200);
    expect((await elsewhere.get(`https://127.0.0.1:${port}/api/gardens`)).status()).toBe(401);
    await elsewhere.dispose();
    // Nobody finds it by trying.
    for (let i = 0; i < 10; i++) expect(await enter(`beans on wall ${i}`)).toBe(401);
    expect(await enter('beans on the long wall')).toBe(429);
  } finally {
    await asks.dispose();
    child.kill('SIGTERM');
    await ended;
  }
});
