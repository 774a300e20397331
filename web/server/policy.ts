/**
 * What a page may fetch and run (Content Security Policy, level 3): scripts that carry the answer's own nonce and what
 * these load, else only what comes from this program. Styles may stand in the page: drawings and lists set sizes so.
 */
export const policyOf = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'nonce-${nonce}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** A nonce: 128 bits that nobody guesses, as CSP3 asks (7.1). */
export const newNonce = (): string => Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
