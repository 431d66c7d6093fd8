'use client';
import { memo } from 'react';
import { useRig } from '@/state/RigContext';
import css from './power.module.css';
import { places } from '@/state/places';
import { Link } from '@/ui/Link';

/** Where the power stage leads: the wiring sheet, heat along and over time, everything else that would work. */
export const PowerLinks = memo(function PowerLinks() {
  const id = useRig((s) => s.id);
  return (
    <p className={css.links}>
      <Link href={places.rigPage(id, 'first-heat')}>First heat, step by step</Link>
      <Link href={places.rigPage(id, 'wiring')}>Wiring list and drawing</Link>
      <Link href={places.rigPage(id, 'heat')}>Heat along the wire and over time</Link>
      <Link href={places.match(id)}>What else works</Link>
      <Link href={places.drawer('supply')}>What supply is this?</Link>
    </p>
  );
});
