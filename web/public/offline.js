/**
 * Keeps the pages of gardens that were opened on this device, so that they open again without a network. A page comes
 * from the network while there is one, as lists of photos do; of the program's answers nothing is kept but those and the
 * photos themselves, which never change. What was kept goes when somebody signs out.
 */
const PAGES = 'lignum-pages-1';
const PARTS = 'lignum-parts-1';
const PHOTOS = 'lignum-photos-1';
/** So many pages are kept, those that were opened last. */
const MOST_PAGES = 60;
/** And so many photos that were looked at, large and small. */
const MOST_PHOTOS = 500;
/** A network that has said nothing for so long is none. ms. */
const SILENT_MS = 6000;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

const isPage = (url) => /^\/g\/[^/]+(\/(?!plot).*)?$/.test(url.pathname);
const isPhoto = (url) => /^\/api\/gardens\/[^/]+\/photos\/[^/]+$/.test(url.pathname);
const isPhotos = (url) => /^\/api\/gardens\/[^/]+\/photos$/.test(url.pathname);
const isPart = (url) => url.pathname.startsWith('/_next/static/') || url.pathname === '/icon.svg';

/** Puts an answer where the others are, the newest last, and lets go of the oldest. */
async function keep(name, request, answer, most = Infinity) {
  const kept = await caches.open(name);
  await kept.delete(request);
  await kept.put(request, answer);
  const all = await kept.keys();
  for (const one of all.slice(0, Math.max(0, all.length - most))) await kept.delete(one);
}

/** From the network; where that is silent, as it came last. */
async function newest(name, request, most) {
  const silent = new AbortController();
  const timer = setTimeout(() => silent.abort(), SILENT_MS);
  try {
    const answer = await fetch(request, { signal: silent.signal });
    if (answer.ok && !answer.redirected) await keep(name, request.url, answer.clone(), most);
    return answer;
  } catch (error) {
    const kept = await (await caches.open(name)).match(request.url);
    if (kept) return kept;
    throw error;
  } finally {
    clearTimeout(timer);
  }
}

/**
 * What never changes under its name: what pages are drawn with, and photos. What was kept is handed on without the address
 * it came from: workers share one script and are told apart by what stands behind the # of theirs, which would be another's.
 */
async function once(name, request, most) {
  const kept = await (await caches.open(name)).match(request);
  if (kept) return new Response(kept.body, { status: kept.status, headers: kept.headers });
  const answer = await fetch(request);
  if (answer.ok) await keep(name, request, answer.clone(), most);
  return answer;
}
const part = (request) => once(PARTS, request, 600);

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (isPart(url)) event.respondWith(part(request));
  else if (isPhoto(url)) event.respondWith(once(PHOTOS, request, MOST_PHOTOS));
  else if (isPhotos(url)) event.respondWith(newest(PHOTOS, request, MOST_PHOTOS));
  else if (request.mode === 'navigate' && isPage(url)) event.respondWith(newest(PAGES, request, MOST_PAGES));
});

/** Everything that a page names to be drawn with: come to by a link, it was drawn with other parts than it is when it is loaded. */
async function keepPartsOf(answer) {
  const named = (await answer.text()).match(/\/_next\/static\/[\w./~-]+\.(?:js|css|woff2)/g) ?? [];
  await Promise.all([...new Set(named)].map((one) => part(new Request(one)).catch(() => null)));
}

/** Pages of a garden that was saved are fetched anew, one after another, so that none says what was before. */
async function renew(garden) {
  const kept = await caches.open(PAGES);
  for (const { url } of await kept.keys()) {
    const { pathname } = new URL(url);
    if (pathname !== `/g/${garden}` && !pathname.startsWith(`/g/${garden}/`)) continue;
    const answer = await fetch(url).catch(() => null);
    if (answer?.ok && !answer.redirected) await Promise.all([keepPartsOf(answer.clone()), kept.put(url, answer)]);
    else if (answer) await kept.delete(url);
  }
}

/** The page that is open, kept at once: it came before there was anybody to keep it. */
async function keepPage(url) {
  const kept = await caches.open(PAGES);
  if (await kept.match(url)) return;
  const answer = await fetch(url).catch(() => null);
  if (answer?.ok && !answer.redirected)
    await Promise.all([keepPartsOf(answer.clone()), keep(PAGES, url, answer, MOST_PAGES)]);
}

self.addEventListener('message', (event) => {
  const { says, garden, url, parts } = event.data ?? {};
  if (says === 'saved') event.waitUntil(renew(garden));
  if (says === 'opened')
    event.waitUntil(
      Promise.all([keepPage(url), ...(parts ?? []).map((one) => part(new Request(one)).catch(() => null))]),
    );
});
