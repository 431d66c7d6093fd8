import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource/barlow-semi-condensed/latin-400.css';
import '@fontsource/barlow-semi-condensed/latin-600.css';
import '@fontsource-variable/inter/wght.css';
import './globals.css';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { deviceOf } from '@/server/device';
import { KEEP_PRESS } from './earlyPress';
import { reader } from './reader';
import { Shell } from './Shell';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = {
  title: { default: 'Upwind Rod', template: '%s · Upwind Rod' },
  description: 'Design and tune a hot-wire foam cutter.',
  icons: { icon: '/icon.svg' },
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const asked = await headers();
  const nonce = asked.get('x-nonce') ?? undefined;
  const { profile: units, now } = await reader();
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: KEEP_PRESS }} />
        <InitColorSchemeScript attribute="data-color-scheme" defaultMode="system" nonce={nonce} />
        <AppRouterCacheProvider options={{ enableCssLayer: true, nonce }}>
          <Shell units={units} looksOnly={deviceOf(asked).right === 'look'} made={now}>
            {children}
          </Shell>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
