/**
 * The page server: Node's own HTTP in front of the pages, so that what they would stumble over is answered in words
 * before it reaches them, and nobody holds a line open by sending slowly. With a certificate it speaks TLS, and on the
 * same port tells a plain request how to come in.
 */
import { AsyncLocalStorage } from 'node:async_hooks';
import cluster from 'node:cluster';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { createServer as createDoor } from 'node:net';
import { availableParallelism, totalmem } from 'node:os';
import { fileURLToPath } from 'node:url';
import next from 'next';
import { plainAnswer } from '../scripts/plain-door.mjs';

/** A request is told whole within this; its head sooner. A line is kept longer than any caller keeps one: one closed as it is taken up again is a save that fails. ms. */
const LIMITS = { headersTimeout: 15_000, requestTimeout: 60_000, keepAliveTimeout: 75_000, maxHeaderSize: 16_384 };
/** What comes over TLS begins with a record of a handshake (RFC 8446, 5.1). */
const HANDSHAKE = 0x16;
/** So long may a caller keep silent before it says which it speaks. ms. */
const SILENT_MS = 10_000;
/** As long a body as the door takes (`web/server/door.ts`); one whose length is not told is looked at so often, and has this much more with its head and its pieces' lengths. One that says it is too long, and is no longer than the third, is let run out. Bytes, ms. */
const MOST_BODY = 4_000_000;
const AROUND_IT = 200_000;
const MOST_DRAINED = 10 * MOST_BODY;
const LOOK_MS = 100;
/** One process for each processor as far as there is memory for it (a gigabyte each, from memory), four at most; LIGNUM_PROCESSES says otherwise. */
const PROCESSES =
  Number(process.env.LIGNUM_PROCESSES) ||
  Math.max(1, Math.min(4, availableParallelism(), Math.floor(totalmem() / 2 ** 30)));
/** So many lines to the database all of them have together. */
const MOST_CONNECTIONS = 16;
/** After how long a process that has fallen over is begun again. ms. */
const AGAIN_MS = 250;
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE'];

/** What a page says of its answer while it is made; it alone knows why it cannot be had (`web/server/tell-why.ts`). */
const asked = (globalThis[Symbol.for('lignum asked')] = new AsyncLocalStorage());

/** What answers whatever is sound. */
let pages = null;
const { LIGNUM_LISTENS: host = '127.0.0.1', LIGNUM_PORT, LIGNUM_TLS } = process.env;
const port = Number(LIGNUM_PORT);
// The key is in the memory of these processes alone from here on.
delete process.env.LIGNUM_TLS;

/** Several processes take turns at one port; this one only looks after them, and they go when it has gone. */
function beginSeveral() {
  // Its standard input is this one's alone: what comes in there is handed on.
  cluster.setupPrimary({ execArgv: [], stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
  const connections = String(Math.max(4, Math.floor(MOST_CONNECTIONS / PROCESSES)));
  const begin = () => cluster.fork({ LIGNUM_CONNECTIONS: connections, ...(LIGNUM_TLS ? { LIGNUM_TLS } : {}) });
  let listening = false;
  cluster.on('listening', () => (listening = true));
  cluster.on('exit', (_worker, code) => {
    // One that cannot even begin would never come to listen: whoever started this is told by its end.
    if (!listening) process.exit(code || 1);
    setTimeout(begin, AGAIN_MS);
  });
  process.on('lignum told', (changed) => {
    for (const worker of Object.values(cluster.workers)) worker.send(changed);
  });
  for (let i = 0; i < PROCESSES; i++) begin();
}

async function servePages() {
  process.on('message', (changed) => Object.assign(process.env, changed));
  pages = await handlerOf();
  listen();
}

async function handlerOf() {
  const app = next({ dev: false, dir: fileURLToPath(new URL('.', import.meta.url)), hostname: host, port });
  await app.prepare();
  return app.getRequestHandler();
}

const refuse = (response, status, message, headers = {}) =>
  response
    .writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store', ...headers })
    .end(JSON.stringify({ message, faults: [] }));

const isAddress = (url) => {
  try {
    decodeURIComponent(url.split('?', 1)[0]);
    return url.startsWith('/');
  } catch {
    return false;
  }
};

const tooLong = (response, headers = {}) =>
  refuse(response, 413, `The document is longer than ${MOST_BODY} bytes, which is the most.`, headers);

/** A body that says it is too long is refused at once; one that is not endless is let run out, or its sender would find the line cut and not read why. */
function refuseTold(request, response) {
  if (Number(request.headers['content-length']) > MOST_DRAINED) return tooLong(response, { Connection: 'close' });
  request.resume();
  return tooLong(response);
}

/** Whether a body is longer than it may be by what its head says; one that does not say is watched as it comes. */
function isTooLong(request, response) {
  const told = request.headers['content-length'];
  if (told !== undefined) return Number(told) > MOST_BODY;
  if (request.headers['transfer-encoding'] === undefined) return false;
  const { socket } = request;
  const began = socket.bytesRead;
  const look = setInterval(() => {
    if (socket.bytesRead - began <= MOST_BODY + AROUND_IT) return;
    clearInterval(look);
    if (!response.headersSent) tooLong(response, { Connection: 'close' });
    socket.destroySoon();
  }, LOOK_MS);
  response.on('close', () => clearInterval(look));
  return false;
}

function answer(request, response) {
  if (!METHODS.includes(request.method))
    return refuse(response, 405, `${request.method} is not answered here; ${METHODS.join(', ')} are.`, {
      Allow: METHODS.join(', '),
    });
  if (!isAddress(request.url))
    return refuse(response, 400, 'This address cannot be read: a % in it stands before two hexadecimal digits.');
  if (isTooLong(request, response)) return refuseTold(request, response);
  // Who asks, by the line it came over: what a request says of that itself is not believed.
  request.headers['x-lignum-from'] = request.socket.remoteAddress ?? '';
  const told = {};
  const head = response.writeHead.bind(response);
  // A page that fails is a fault to what draws it: that it is only busy is said by its status too.
  response.writeHead = (status, ...more) => {
    if (status !== 500 || !told.status) return head(status, ...more);
    if (told.afterS) response.setHeader('Retry-After', told.afterS);
    return head(told.status, ...more);
  };
  asked.run(told, () => void pages(request, response));
}

/** What is no HTTP, or too much of it, is refused in one line of it. */
function misspoken(error, socket) {
  if (!socket.writable) return socket.destroy();
  const [status, why] =
    error.code === 'HPE_HEADER_OVERFLOW'
      ? ['431 Request Header Fields Too Large', `The head of a request has ${LIMITS.maxHeaderSize} bytes at most.`]
      : error.code === 'ERR_HTTP_REQUEST_TIMEOUT'
        ? ['408 Request Timeout', 'The request did not arrive in time.']
        : ['400 Bad Request', 'This is not HTTP.'];
  socket.end(
    `HTTP/1.1 ${status}\r\nConnection: close\r\nContent-Type: text/plain\r\nContent-Length: ${why.length}\r\n\r\n${why}`,
  );
}

function served(server) {
  server.keepAliveTimeout = LIMITS.keepAliveTimeout;
  return server.on('clientError', misspoken);
}

/** One port for both: by the first byte of a line the one who speaks TLS is told from the one who does not know yet. */
function bothBehind(secure, plain) {
  return createDoor((socket) => {
    socket.on('error', () => socket.destroy());
    socket.setTimeout(SILENT_MS, () => socket.destroy());
    socket.once('data', (first) => {
      socket.pause();
      socket.setTimeout(0);
      socket.unshift(first);
      (first[0] === HANDSHAKE ? secure : plain).emit('connection', socket);
      process.nextTick(() => socket.resume());
    });
  });
}

function listen() {
  let door = served(createServer(LIMITS, answer));
  if (LIGNUM_TLS) {
    const { key, certificate, authority } = JSON.parse(LIGNUM_TLS);
    const secure = served(createSecureServer({ ...LIMITS, key, cert: certificate }, answer));
    const plain = served(createServer(LIMITS, plainAnswer(authority)));
    door = bothBehind(secure, plain);
  }
  door.on('error', (error) => {
    process.stderr.write(`${error.message}\n`);
    process.exit(1);
  });
  door.listen(port, host);
}

if (cluster.isPrimary && PROCESSES > 1) beginSeveral();
else await servePages();
process.on('SIGTERM', () => process.exit(0));
