import type { Metadata, Viewport } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import { LeftEdits } from './LeftEdits';
import { StoreGate } from '@/ui/store/StoreGate';
import './globals.css';

export const metadata: Metadata = {
  title: 'Gilvo',
  description: 'Try the picture before the client arrives, and direct it when they do.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  // every page is rendered per request, because its scripts carry a nonce
  await connection();
  return (
    <html lang="en" data-theme="linen" suppressHydrationWarning>
      <body className="bg-base-100 text-base-content">
        <LeftEdits />
        <StoreGate>{children}</StoreGate>
      </body>
    </html>
  );
}
