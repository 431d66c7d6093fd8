import { keptMachineSchema } from '@/core/documents/keptMachine';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { machineService } from '@/server/machines';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: () => machineService.list(),
  POST: async (request) => machineService.add(await readBody(request, keptMachineSchema, SIZES.rig)),
});
