import { logImportSchema } from '@/core/documents/logImport';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { importLog } from '@/server/logbook';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  POST: async (request) => importLog(await readBody(request, logImportSchema, SIZES.log)),
});
