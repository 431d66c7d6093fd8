'use client';
import { ThemeProvider } from '@mui/material/styles';
import { usePathname } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import type { Profile } from '@/core/units/profile';
import { Keys } from '@/ui/Keys';
import { Answers } from '@/state/Answers';
import { setLooksOnly } from '@/state/right';
import { places } from '@/state/places';
import { Link } from '@/ui/Link';
import { ModeSwitch } from '@/ui/ModeSwitch';
import { theme } from '@/ui/theme/theme';
import { UnitsProvider } from '@/ui/Units';
import { UnitsSwitch } from '@/ui/UnitsSwitch';
import { later } from '@/ui/later';
import css from './shell.module.css';

const Others = later(() => import('./Others').then((m) => m.Others), { fails: 'quietly' });
/** What hears the server, and stands in the bar now and then, is fetched after the page stands; what is changed in between is told then, ms. */
const LATER_MS = 1_500;

const at = (start: string) => (path: string) => path.startsWith(start);
const PLACES = [
  {
    href: places.shelf,
    name: 'Rigs',
    owns: (p: string) =>
      p === places.shelf || [places.rigs, places.newRig, places.compare()].some((s) => p.startsWith(s)),
  },
  { href: places.drawer(), name: 'Drawer', owns: at(places.drawer()) },
  { href: places.match(), name: 'What works', owns: at(places.match()) },
  { href: places.log(), name: 'Logbook', owns: at(places.log()) },
  { href: places.bench(), name: 'At the bench', owns: at(places.bench()) },
  { href: places.practice, name: 'Practice', owns: at(places.practice) },
  { href: places.glossary, name: 'Glossary', owns: at(places.glossary) },
  { href: places.about, name: 'About', owns: at(places.about) },
];

/** What stands around every page: the bar with the places, units and light; the shortcut sheet. */
export function Shell(p: { units: Profile; looksOnly: boolean; made: number; children: ReactNode }) {
  const { looksOnly } = p;
  useEffect(() => setLooksOnly(looksOnly), [looksOnly]);
  useEffect(() => window.upwindAwake?.(), []);
  const path = usePathname();
  const [late, setLate] = useState(false);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    // Some browsers do not say when they are idle.
    const idle = window.requestIdleCallback ?? ((then: () => void) => setTimeout(then, LATER_MS));
    idle(() => (timer = setTimeout(() => setLate(true), LATER_MS)));
    return () => clearTimeout(timer);
  }, []);
  return (
    <ThemeProvider theme={theme}>
      <Answers>
        <UnitsProvider first={p.units}>
          <a className={css.skip} href="#main">
            To the page
          </a>
          <header className={css.bar}>
            <Link href={places.shelf} className={css.name}>
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
              {late && <Others made={p.made} />}
              <UnitsSwitch />
              <ModeSwitch />
              <Keys />
            </div>
          </header>
          {looksOnly && (
            <p className={css.looks} role="note">
              This device may look only: nothing is changed from here. The right to work is given at the desk.
            </p>
          )}
          <main id="main" className={css.main}>
            {p.children}
          </main>
        </UnitsProvider>
      </Answers>
    </ThemeProvider>
  );
}
