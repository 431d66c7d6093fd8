'use client';
import type { ReactNode } from 'react';
import { Boundary } from './Boundary';

/** Class names of the three columns, for a stage that comes from another place of the program. */
export interface Columns {
  readonly decide: string;
  readonly follow: string;
  readonly act: string;
  readonly fields: string;
  readonly pair: string;
  readonly says: string;
}

/** A column of a page: a named section whose failure does not take the others along. */
export function Column(p: {
  className: string;
  name: string;
  of: string;
  busy?: boolean;
  children: ReactNode;
}) {
  return (
    <section className={p.className} aria-label={p.name} aria-busy={p.busy}>
      <Boundary of={p.of}>{p.children}</Boundary>
    </section>
  );
}
