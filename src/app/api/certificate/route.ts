import { certificateFile } from '@/server/offline';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** The certificate of this program's own, for a device that shall trust it; 404 where it is reached without one. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({ GET: () => certificateFile() });
