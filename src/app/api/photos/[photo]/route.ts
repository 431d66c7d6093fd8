import { photoFile, removePhoto } from '@/server/photos';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ photo: string }>({
  GET: (_, { photo }) => photoFile(photo),
  DELETE: (_, { photo }) => removePhoto(photo),
});
