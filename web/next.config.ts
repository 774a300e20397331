import type { NextConfig } from 'next';
import { fileURLToPath } from 'node:url';

/** Of what a device has, pages use that its screen stays awake, and nothing else. */
const NOT_ASKED_FOR = [
  ...['accelerometer', 'camera', 'display-capture', 'geolocation', 'gyroscope', 'magnetometer', 'microphone'],
  ...['midi', 'payment', 'usb', 'serial', 'hid', 'browsing-topics'],
]
  .map((one) => `${one}=()`)
  .join(', ');

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
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
          { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
          { key: 'Permissions-Policy', value: NOT_ASKED_FOR },
        ],
      },
    ]),
};
export default config;
