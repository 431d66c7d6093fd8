'use client';
import { ThemeProvider } from '@mui/material/styles';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import type { Profile } from '@/core/units/profile';
import { Keys } from '@/ui/Keys';
import { ModeSwitch } from '@/ui/ModeSwitch';
import { theme } from '@/ui/theme/theme';
import { UnitsProvider } from '@/ui/Units';
import { UnitsSwitch } from '@/ui/UnitsSwitch';
import css from './shell.module.css';

const PLACES = [
  {
    href: '/',
    name: 'Rigs',
    owns: (p: string) => p === '/' || p.startsWith('/rig') || p.startsWith('/new') || p.startsWith('/compare'),
  },
  { href: '/drawer', name: 'Drawer', owns: (p: string) => p.startsWith('/drawer') },
  { href: '/match', name: 'What works', owns: (p: string) => p.startsWith('/match') },
  { href: '/log', name: 'Logbook', owns: (p: string) => p.startsWith('/log') },
  { href: '/bench', name: 'At the bench', owns: (p: string) => p.startsWith('/bench') },
  { href: '/glossary', name: 'Glossary', owns: (p: string) => p.startsWith('/glossary') },
  { href: '/about', name: 'About', owns: (p: string) => p.startsWith('/about') },
];

/** What stands around every page: the bar with the places, units and light; the shortcut sheet. */
export function Shell({ units, children }: { units: Profile; children: ReactNode }) {
  const path = usePathname();
  return (
    <ThemeProvider theme={theme}>
      <UnitsProvider first={units}>
        <a className={css.skip} href="#main">
          To the page
        </a>
        <header className={css.bar}>
          <Link href="/" className={css.name}>
            Upwind Rod
          </Link>
          <nav aria-label="Places" className={css.places}>
            {PLACES.map((p) => (
              <Link key={p.href} href={p.href} aria-current={p.owns(path) ? 'page' : undefined}>
                {p.name}
              </Link>
            ))}
          </nav>
          <div className={css.tools}>
            <UnitsSwitch />
            <ModeSwitch />
            <Keys />
          </div>
        </header>
        <main id="main" className={css.main}>
          {children}
        </main>
      </UnitsProvider>
    </ThemeProvider>
  );
}
