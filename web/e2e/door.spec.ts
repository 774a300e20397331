import { chromium, expect, request as playwrightRequest } from '@playwright/test';
import { test } from './asking';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { cropIn } from '@lignum/core/crops/book';
import { ownGarden, whole, savedPlan } from './garden';

const renamed = (name: string) => ({ ...DEMO_PLAN, garden: { ...DEMO_PLAN.garden, name } });

test('of two saves over one revision only one wins, whole; every version is kept and can be had again', async ({
  request,
}) => {
  const id = await ownGarden(request, whole);
  const save = (name: string, base: number) =>
    request.put(`/api/gardens/${id}`, { data: { base, plan: renamed(name) } });
  const both = await Promise.all(['A', 'B', 'C', 'D'].map((name) => save(name, 1)));
  expect(both.map((reply) => reply.status()).sort()).toEqual([200, 409, 409, 409]);
  const { name } = (await savedPlan(request, id)).garden;
  expect(['A', 'B', 'C', 'D']).toContain(name);
  expect((await save('E', 2)).status()).toBe(200);
  const versions = (await (await request.get(`/api/gardens/${id}/versions`)).json()) as { revision: number }[];
  expect(versions.map((one) => one.revision)).toEqual([3, 2, 1]);
  expect(((await (await request.get(`/api/gardens/${id}/versions/2`)).json()) as typeof DEMO_PLAN).garden.name).toBe(
    name,
  );
  expect((await request.get(`/api/gardens/${id}/versions/99`)).status()).toBe(404);
});

test('everything a plan can hold comes back from the database as it went in', async ({ request }) => {
  const plan = {
    ...DEMO_PLAN,
    garden: { ...DEMO_PLAN.garden, saw: { kerfMm: 2.4, shoeOffsetMm: 112.7125 } },
    crops: [{ ...cropIn([], 'pepper'), name: 'Long pepper', wetKg: 3.25 }],
    shed: [...DEMO_PLAN.shed, { stock: 'twine-natural', size: 12_345.678, count: 3, note: 'ünïcode ½″' }],
  };
  expect(await savedPlan(request, await ownGarden(request, () => plan))).toEqual(plan);
});

test('the door refuses with a reason what it should, and nothing saved is lost by it', async ({ request }) => {
  const id = await ownGarden(request, whole);
  const url = `/api/gardens/${id}`;
  const bad = await request.put(url, {
    data: { base: 1, plan: { ...DEMO_PLAN, beds: [{ ...DEMO_PLAN.beds[0], lengthMm: 1e9 }] } },
  });
  expect(bad.status()).toBe(422);
  expect(((await bad.json()) as { faults: unknown[] }).faults).toContainEqual({
    path: '/beds/0/lengthMm',
    message: 'is 1000000000; the most is 60000',
  });
  expect((await request.put(url, { data: { plan: DEMO_PLAN } })).status()).toBe(422);
  expect(
    (
      await request.put(url, { data: Buffer.from('{not json'), headers: { 'Content-Type': 'application/json' } })
    ).status(),
  ).toBe(400);
  expect((await request.put(url, { data: Buffer.from('x'), headers: { 'Content-Type': 'text/plain' } })).status()).toBe(
    415,
  );
  expect((await request.post('/api/gardens', { data: { note: 'x'.repeat(4_100_000) } })).status()).toBe(413);
  for (const method of ['put', 'delete'] as const)
    expect(
      (
        await request[method](url, { data: { base: 1, plan: DEMO_PLAN }, headers: { 'Sec-Fetch-Site': 'cross-site' } })
      ).status(),
    ).toBe(403);
  expect((await request.put('/api/gardens/nowhere', { data: { base: 1, plan: DEMO_PLAN } })).status()).toBe(404);
  for (const path of [`bill?structure=none`, `drawing?structure=none`, `drawing?structure=tomato-wall&view=inside`])
    expect((await request.get(`${url}/${path}`)).status()).toBe(404);
  expect(
    (await (await request.get(`${url}/drawing?structure=tomato-wall&view=plan`)).text()).startsWith('<svg xmlns'),
  ).toBe(true);
  expect(await savedPlan(request, id)).toEqual(DEMO_PLAN);
  // What is not answered says so: methods, addresses, gardens that are not there, texts that cannot be kept.
  for (const [method, path, status] of [
    ['PATCH', url, 405],
    ['POST', `/g/${id}`, 405],
    ['DELETE', '/', 405],
    ['TRACE', '/', 405],
    ['GET', '/api/gardens/%00', 400],
    ['GET', '/%', 400],
    ['GET', '/nowhere', 404],
    ['GET', `/g/${id}/s/nothing`, 404],
    ['GET', `/g/${id}/s/nothing/sheet`, 404],
    ['GET', '/api/gardens/nowhere/versions', 404],
    ['GET', '/api/gardens/nowhere/versions/1', 404],
  ] as const)
    expect((await request.fetch(path, { method })).status(), `${method} ${path}`).toBe(status);
  const nul = { ...DEMO_PLAN, garden: { ...DEMO_PLAN.garden, note: 'a\0b' } };
  expect((await request.put(url, { data: { base: 1, plan: nul } })).status()).toBe(422);
  expect(await savedPlan(request, id)).toEqual(DEMO_PLAN);
  expect((await request.delete(url)).status()).toBe(200);
  expect((await request.get(url)).status()).toBe(404);
});

test('a page of elsewhere whose name is turned to this address reads and writes nothing; one of another port writes nothing', async ({
  request,
  baseURL,
}) => {
  const id = await ownGarden(request, whole);
  const { port } = new URL(baseURL ?? '');
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--host-resolver-rules=MAP elsewhere.example 127.0.0.1'],
  });
  try {
    const page = await browser.newPage();
    const turned = `http://elsewhere.example:${port}`;
    for (const path of ['/', `/g/${id}`, '/api/gardens', `/api/gardens/${id}`, '/api/health'])
      expect((await page.goto(`${turned}${path}`))?.status(), path).toBe(421);
    expect(await page.content()).toContain('LIGNUM_HOSTS');
    // From the turned page itself, as its script would.
    const done = await page.evaluate(
      async (url) => [(await fetch(url)).status, (await fetch(url, { method: 'DELETE' })).status],
      `${turned}/api/gardens/${id}`,
    );
    expect(done).toEqual([421, 421]);
  } finally {
    await browser.close();
  }
  const url = `/api/gardens/${id}`;
  const bare = await playwrightRequest.newContext({ baseURL: baseURL ?? '' });
  const statuses = async (headers: Record<string, string>) => [
    (await bare.put(url, { data: { base: 1, plan: DEMO_PLAN }, headers })).status(),
    (await bare.delete(url, { headers })).status(),
    (await bare.post('/api/gardens', { data: DEMO_PLAN, headers })).status(),
  ];
  expect(await statuses({})).toEqual([403, 403, 403]);
  expect(await statuses({ Origin: 'http://127.0.0.1:1' })).toEqual([403, 403, 403]);
  expect(await statuses({ Host: 'elsewhere.example', Origin: 'http://elsewhere.example' })).toEqual([421, 421, 421]);
  await bare.dispose();
  expect(await savedPlan(request, id)).toEqual(DEMO_PLAN);
});

test('a body made to keep the server busy is refused while others are answered', async ({ request }) => {
  const id = await ownGarden(request, whole);
  const send = (body: string) =>
    request.post('/api/gardens', { data: Buffer.from(body), headers: { 'Content-Type': 'application/json' } });
  const begun = JSON.stringify(DEMO_PLAN).slice(1);
  const beds = send(`{"beds":[${Array(300_000).fill('{}').join(',')}],${begun.replace('"beds"', '"other"')}`);
  const deep = send('['.repeat(200_000) + ']'.repeat(200_000));
  const fields = send(`{${Array.from({ length: 60_000 }, (_, i) => `"f${i}":0`).join(',')}}`);
  // Asked after them, answered with them.
  expect((await request.get(`/api/gardens/${id}/revision`)).status()).toBe(200);
  for (const [reply, says] of [
    [await beds, 'has 300000 entries; the most is 100'],
    [await deep, 'lies 17 deep; the most is 16'],
    [await fields, 'has 60000 fields; the most is 200'],
  ] as const) {
    const { faults } = (await reply.json()) as { faults: { message: string }[] };
    expect([reply.status(), faults.map((one) => one.message)]).toEqual([422, [says]]);
  }
  // Many small faults are told as the first of them, and how many there are.
  const wrong = await request.post('/api/gardens', { data: { ...DEMO_PLAN, beds: Array(100).fill({}) } });
  const told = (await wrong.json()) as { message: string; faults: unknown[] };
  expect([wrong.status(), told.faults.length]).toEqual([422, 40]);
  expect(told.message).toMatch(/The first 40 of \d{3,} faults/);
});
