import { z } from 'zod';
import { baseSchema } from '@/core/documents/fields';
import { keptMachineSchema } from '@/core/documents/keptMachine';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { machineService } from '@/server/machines';
import { routes } from '@/server/routes';

const bodySchema = z.strictObject({ base: baseSchema, kept: keptMachineSchema });

export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ machine: string }>({
  PUT: async (request, { machine }) => {
    const { base, kept } = await readBody(request, bodySchema, SIZES.rig);
    return machineService.put(machine, base, kept);
  },
  DELETE: (_, { machine }) => machineService.remove(machine),
});
