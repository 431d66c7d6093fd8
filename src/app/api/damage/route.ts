import { dismissDamage } from '@/server/backup';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** A database that would not open is known of: the page says it no more. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({ DELETE: dismissDamage });
