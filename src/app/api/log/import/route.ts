import { logImportSchema } from '@/core/documents/logImport';
import { importLog } from '@/server/logbook';
import { readBody, route, SIZES } from '@/server/http';

export const POST = route(async (request: Request) =>
  importLog(await readBody(request, logImportSchema, SIZES.log)),
);
