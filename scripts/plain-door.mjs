/**
 * What a plain request is told where Lignum speaks TLS only: the way in, and how a phone comes to trust it. Nothing of
 * a garden is here; what is here is no secret.
 */
import { X509Certificate } from 'node:crypto';

const AUTHORITY = '/lignum-authority.crt';

const escaped = (text) => text.replace(/[&<>"]/g, (sign) => `&#${sign.codePointAt(0)};`);

/** A finger print in pairs of pairs, as it is read aloud. */
export const fingerprintOf = (certificate) =>
  new X509Certificate(certificate).fingerprint256.replace(/(\w\w):(\w\w):?/g, '$1$2 ').trim();

function page(host, authority) {
  const address = `https://${escaped(host)}/`;
  const way = authority
    ? `<p>Lignum is reached over an encrypted line only, and the certificate it shows was made on the machine it runs on. Each phone or computer is told once to trust it; after that nothing asks again.</p>
<ol>
<li><a href="${AUTHORITY}">Fetch the certificate</a>. The device asks what it is for: a <em>certificate of an authority</em>.</li>
<li>Compare its fingerprint with the one that stands where Lignum was started. If they differ, stop.<br><code>${fingerprintOf(authority)}</code></li>
<li>Trust it. In the device’s settings look for <em>certificate</em>: some install what was fetched (“certificate authority”), some ask in two places, once to install the profile and once to trust it for websites. A computer’s browser has it under <em>security</em>, <em>authorities</em>.</li>
<li><a href="${address}">Open Lignum</a>.</li>
</ol>
<p>Without that the browser warns each time: what is sent is encrypted all the same, but the browser cannot tell whether it speaks to the right machine.</p>`
    : `<p>Lignum is reached over an encrypted line only.</p><p><a href="${address}">Open Lignum</a></p>`;
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>The way in · Lignum</title>
<style>
:root{color-scheme:light dark}
body{margin:0;background:#f1efe7;color:#1d2529;font:1.0625rem/1.55 system-ui,sans-serif}
main{max-width:36rem;margin:0 auto;padding:2.5rem 1.25rem 4rem}
h1{font:700 2rem/1.15 Georgia,serif;margin:0 0 1.25rem;padding-bottom:.5rem;border-bottom:2px solid currentColor}
li{margin:.75rem 0}a{display:inline-block;min-height:2.75rem;line-height:2.75rem;font-weight:600;color:#0b4f6c}
code{display:inline-block;margin-top:.4rem;padding:.5rem .7rem;background:#fff;overflow-wrap:anywhere;font-variant-numeric:tabular-nums}
@media (prefers-color-scheme:dark){body{background:#14191c;color:#e8e6de}a{color:#8fd0ee}code{background:#22292d}}
</style></head><body><main><h1>The way in</h1>${way}</main></body></html>`;
}

const HEADERS = {
  'Cache-Control': 'no-store',
  'Content-Security-Policy': "default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'; frame-ancestors 'none'",
  'Referrer-Policy': 'no-referrer',
  'X-Content-Type-Options': 'nosniff',
};

/** Answers plain requests: the authority's certificate (PEM) as a file, the page of the way in, and for all else the same address over TLS. */
export const plainAnswer = (authority) => (request, response) => {
  const host = /^[\w.:[\]-]+$/.test(request.headers.host ?? '') ? request.headers.host : 'localhost';
  const reads = request.method === 'GET' || request.method === 'HEAD';
  if (reads && authority && request.url === AUTHORITY)
    return response
      .writeHead(200, {
        ...HEADERS,
        'Content-Type': 'application/x-x509-ca-cert',
        'Content-Disposition': 'attachment; filename="lignum-authority.crt"',
      })
      .end(authority);
  if (reads && request.url === '/')
    return response
      .writeHead(200, { ...HEADERS, 'Content-Type': 'text/html; charset=utf-8' })
      .end(page(host, authority));
  if (!reads) return response.writeHead(403, HEADERS).end();
  response.writeHead(308, { ...HEADERS, Location: `https://${host}${request.url}` }).end();
};
