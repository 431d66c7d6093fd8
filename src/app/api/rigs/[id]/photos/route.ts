import { addPhoto, listPhotos } from '@/server/photos';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: (_, { id }) => listPhotos(id),
  POST: (request, { id }) => addPhoto(id, request),
});
