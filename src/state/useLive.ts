'use client';
import { useQueryClient } from '@tanstack/react-query';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useRef, useState, useTransition } from 'react';
import { drawnAnew } from './address';
import { tellChanges } from './changes';
import { hear } from './hear';
import { places, rigOf } from './places';
import type { LookingOn } from './server/live';

/**
 * Hears what other windows and devices save, for the whole page, which the server made at a time (by its own clock, ms): what is shown is asked for
 * again, edits under way are left alone. Answers with who else has a page open, the rig that this page is about, and whether the server is heard.
 */
export function useLive(made: number) {
  const client = useQueryClient();
  const router = useRouter();
  const path = usePathname();
  const [rig, setRig] = useState<string | null>(null);
  const [others, setOthers] = useState<readonly LookingOn[]>([]);
  const [heard, setHeard] = useState(false);
  const [drawing, draw] = useTransition();
  // When the page was loaded whole; what it is drawn anew from comes fresh.
  const first = useRef(made);
  const shown = useRef(path);
  useEffect(() => {
    shown.current = path;
    setRig(rigOf(path, window.location.search));
  }, [path]);
  useEffect(() => {
    if (!drawing) drawnAnew('done');
  }, [drawing]);
  useEffect(
    () =>
      hear({
        client,
        rig,
        made: first.current,
        follows: () => rig !== null && shown.current === places.rig(rig),
        refresh: () => {
          drawnAnew('begins');
          draw(() => router.refresh());
        },
        onChanges: tellChanges,
        onHere: setOthers,
        onHeard: setHeard,
      }),
    [client, router, rig, draw],
  );
  return { others, rig, heard };
}
