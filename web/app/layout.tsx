import type { Metadata, Viewport } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { faces } from './fonts';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Lignum', template: '%s · Lignum' },
  description: 'Plan trellises, fences and frames for the garden: sized to the crop, drawn, listed, cut and costed.',
};
export const viewport: Viewport = {
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#f1efe7' },
    { media: '(prefers-color-scheme: dark)', color: '#14191c' },
  ],
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Every page is made for who asks: its scripts carry the nonce of that one answer.
  await connection();
  return (
    <html lang="en" className={faces}>
      <body>{children}</body>
    </html>
  );
}
