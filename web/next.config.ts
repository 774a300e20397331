import type { NextConfig } from 'next';
import { fileURLToPath } from 'node:url';

const config: NextConfig = {
  // Reads its own tables from beside itself.
  serverExternalPackages: ['pdfkit'],
  transpilePackages: ['@lignum/core'],
  poweredByHeader: false,
  // `./lignum test` checks the types of everything; the build need not do it again.
  typescript: { ignoreBuildErrors: true },
  outputFileTracingRoot: fileURLToPath(new URL('..', import.meta.url)),
  turbopack: { root: fileURLToPath(new URL('..', import.meta.url)) },
  headers: () =>
    Promise.resolve([
      { source: '/:path*', headers: [{ key: 'X-Content-Type-Options', value: 'nosniff' }] },
      {
        // Pages and answers; scripts are neither framed nor do they refer.
        source: '/((?!_next/static).*)',
        headers: [
          { key: 'Referrer-Policy', value: 'same-origin' },
          { key: 'X-Frame-Options', value: 'DENY' },
        ],
      },
    ]),
};
export default config;
