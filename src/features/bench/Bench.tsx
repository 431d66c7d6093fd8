'use client';
import type { ShelfRig } from '@/state/types';
import css from './bench.module.css';
import { Browser } from './Browser';
import { Devices } from './Devices';
import { Sheet } from './Sheet';
import { places } from '@/state/places';
import { Link } from '@/ui/Link';

/** At the bench: one rig in figures that read from two metres; how to reach this page from a phone. */
export function Bench({
  rigs,
  chosen,
  open,
}: {
  rigs: readonly ShelfRig[];
  chosen: ShelfRig | null;
  /** Whether other devices may come at all. */
  open: boolean;
}) {
  return (
    <div className={css.page}>
      {chosen ? <Sheet rig={chosen} /> : <Pick rigs={rigs} />}
      <section className={css.phone} aria-label="Phone and browser">
        {open ? (
          <Devices rig={chosen?.id ?? null} />
        ) : (
          <>
            <h2>From a phone</h2>
            <p>
              This program answers only to this machine. To reach it from a phone on the same network, start it
              with <code>HOST=0.0.0.0 npm start</code>; the phone is then let in here by a code.
            </p>
          </>
        )}
        <Browser />
      </section>
    </div>
  );
}

function Pick({ rigs }: { rigs: readonly ShelfRig[] }) {
  return (
    <section className={css.pick}>
      <h1>At the bench</h1>
      {rigs.length === 0 ? (
        <p>
          No rig yet: <Link href={places.newRig}>start one</Link>.
        </p>
      ) : (
        <ul>
          {rigs.map((r) => (
            <li key={r.id}>
              <Link href={places.bench(r.id)}>{r.name}</Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
