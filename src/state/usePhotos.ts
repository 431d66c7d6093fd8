'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { PictureAnswer, PictureRequest } from '@/workers/protocol';
import { askOnce } from '@/workers/run';
import { answered, fault, useAct } from './ask';
import { keys } from './keys';
import { wireServer } from './server/wire';
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
  const client = useQueryClient();
  const key = keys.photos(rigId);
  const { data: photos = [] } = useQuery<readonly PhotoRecord[]>({
    queryKey: key,
    queryFn: () => answered(wireServer.photos(rigId)),
  });
  const send = useAct(
    (of: { name: string; cut?: string }, jpeg: Blob) => wireServer.addPhoto(rigId, of, jpeg),
    [keys.log()],
    (all) => client.setQueryData(key, all),
  );
  const take = useAct((id: string) => wireServer.deletePhoto(id), [key, keys.log()]);
  const add = async (file: File): Promise<string | null> => {
    if (file.size > MOST_BYTES) return 'That picture is larger than 60 MB.';
    const jpeg = await sized(file);
    if (!jpeg) return `${file.name} is no picture that this browser can open.`;
    const of = { name: file.name.slice(0, 200), ...(cutId ? { cut: cutId } : {}) };
    const said = await fault(send(of, jpeg));
    return said && `The picture was not kept. ${said}`;
  };
  return { photos: photos.filter((p) => p.cutId === cutId), add, drop: (id: string) => fault(take(id)) };
}
