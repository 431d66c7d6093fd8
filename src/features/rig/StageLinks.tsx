'use client';
import { memo } from 'react';
import { useRig } from '@/state/RigContext';
import css from './power.module.css';
import { downloads, places } from '@/state/places';
import { Link } from '@/ui/Link';

/** Where the tension stage leads: setting it step by step, by ear, over days. */
export const TensionLinks = memo(function TensionLinks() {
  const id = useRig((s) => s.id);
  return (
    <p className={css.links}>
      <Link href={places.rigPage(id, 'tension')}>Set it, step by step</Link>
      <Link href={places.rigPage(id, 'tension', 'pluck')}>Pluck it</Link>
      <Link href={places.rigPage(id, 'tension', 'ends')}>Ends and wire</Link>
    </p>
  );
});

/** Where trying leads: the recipe that came of it. */
export const TryLinks = memo(function TryLinks() {
  const id = useRig((s) => s.id);
  return (
    <p className={css.links}>
      <Link href={places.rigPage(id, 'practice')}>Practise</Link>
      <Link href={places.rigPage(id, 'recipe')}>Recipe card</Link>
      <Link href={places.log(id)}>Logbook</Link>
      <a href={downloads.sheet(id)} download>
        Sheet, A4
      </a>
    </p>
  );
});
