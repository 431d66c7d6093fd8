import 'server-only';
import { deletePhoto, getPhoto, insertPhoto, isCutOf, photosOf, type PhotoRecord } from '@/db/photos';
import { PictureFiles, type PictureStore } from '@/db/pictureFiles';
import { PictureRows } from '@/db/pictureRows';
import { getRig } from '@/db/rigs';
import { jpegSize } from '@/formats/picture/jpegSize';
import { dataFolder, database } from './db';
import { readBytes } from './body';
import { refusal, SIZES } from './http';

const LARGEST = 4000;
/** Where the pictures are: files of the data folder, or rows where several programs share a server. */
export const pictures = async (): Promise<PictureStore> =>
  process.env.DATABASE_URL ? new PictureRows(await database()) : new PictureFiles(dataFolder());

export async function listPhotos(rigId: string): Promise<PhotoRecord[]> {
  return photosOf(await database(), rigId);
}

/** Keeps a picture of a rig, or of one of its cuts: JPEG, sized down before it comes; answers with all of the rig's. */
export async function addPhoto(rigId: string, request: Request): Promise<PhotoRecord[]> {
  const db = await database();
  if (!(await getRig(db, rigId))) throw refusal(404, 'not-found', 'There is no such rig.');
  const asked = new URL(request.url).searchParams;
  const cutId = asked.get('cut');
  if (cutId !== null && !(await isCutOf(db, rigId, cutId)))
    throw refusal(422, 'link', 'names a cut that this rig has not');
  const bytes = await readBytes(request, SIZES.photo);
  const size = jpegSize(bytes);
  if (!size) throw refusal(422, 'picture', 'is not a JPEG picture');
  if (Math.max(size.width, size.height) > LARGEST)
    throw refusal(422, 'picture', `is larger than ${LARGEST} pixels on a side`);
  const id = crypto.randomUUID();
  // The file first: a plug pulled between leaves a picture that nothing names, never a name without its picture.
  await (await pictures()).write(id, bytes);
  const name = (asked.get('name') ?? '').slice(0, 200);
  await insertPhoto(db, { id, rigId, cutId, name, ...size, at: new Date().toISOString() });
  return photosOf(db, rigId);
}

/** The picture itself. */
export async function photoFile(id: string): Promise<Response> {
  const bytes = (await getPhoto(await database(), id)) && (await (await pictures()).read(id));
  if (!bytes) throw refusal(404, 'not-found', 'There is no such picture.');
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    },
  });
}

export async function removePhoto(id: string): Promise<{ ok: true }> {
  if (!(await deletePhoto(await database(), id))) throw refusal(404, 'not-found', 'There is no such picture.');
  await (await pictures()).drop(id);
  return { ok: true };
}
