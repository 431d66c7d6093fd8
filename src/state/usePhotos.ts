'use client';
import { useCallback, useEffect, useState } from 'react';
import type { PictureAnswer, PictureRequest } from '@/workers/protocol';
import { askOnce } from '@/workers/run';
import { inWords } from './api';
import { server } from './server';
import type { PhotoRecord } from './types';
import { asPort } from './useWorker';

const DEADLINE_MS = 20000;
/** A picture larger than this is not even tried. */
const MOST_BYTES = 60_000_000;

const make = () =>
  asPort<PictureRequest, PictureAnswer>(
    new Worker(new URL('../workers/picture.worker.ts', import.meta.url), { type: 'module' }),
  );

/** Sizes a picture down in a worker; null where it is none that the browser knows. */
async function sized(file: Blob): Promise<Blob | null> {
  const answer = await askOnce<PictureRequest, PictureAnswer>({ file }, { make, deadlineMs: DEADLINE_MS });
  return typeof answer === 'object' && answer.ok ? answer.jpeg : null;
}

/** The pictures of a rig, or of one of its cuts: shown, added, taken out. Each act answers with a fault, or null. */
export function usePhotos(rigId: string, cutId: string | null) {
  const [photos, setPhotos] = useState<readonly PhotoRecord[]>([]);
  useEffect(() => {
    let left = false;
    void server.photos(rigId).then((a) => {
      if (!left && a.kind === 'done') setPhotos(a.data);
    });
    return () => {
      left = true;
    };
  }, [rigId]);
  const add = useCallback(
    async (file: File): Promise<string | null> => {
      if (file.size > MOST_BYTES) return 'That picture is larger than 60 MB.';
      const jpeg = await sized(file);
      if (!jpeg) return `${file.name} is no picture that this browser can open.`;
      const of = { name: file.name.slice(0, 200), ...(cutId ? { cut: cutId } : {}) };
      const answer = await server.addPhoto(rigId, of, jpeg);
      if (answer.kind !== 'done') return `The picture was not kept. ${inWords(answer)}`;
      setPhotos(answer.data);
      return null;
    },
    [rigId, cutId],
  );
  const drop = useCallback(async (id: string): Promise<string | null> => {
    const answer = await server.deletePhoto(id);
    if (answer.kind !== 'done') return inWords(answer);
    setPhotos((all) => all.filter((p) => p.id !== id));
    return null;
  }, []);
  return { photos: photos.filter((p) => p.cutId === cutId), add, drop };
}
