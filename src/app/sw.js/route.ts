import { serviceWorker } from '@/server/offline';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** The service worker, by which pages that were opened before open without a network. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({ GET: () => serviceWorker() });
