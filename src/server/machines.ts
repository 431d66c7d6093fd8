import 'server-only';
import type { KeptMachine } from '@/core/documents/keptMachine';
import * as machines from '@/db/machines';
import type { MachineRecord } from '@/db/machines';
import { database } from './db';
import { Refusal, refusal } from './http';
import { sameSave } from './sameSave';

const gone = () => refusal(404, 'not-found', 'There is no such machine.');

/** What the routes and pages do with the machines of the workshop. */
export const machineService = {
  list: async (): Promise<MachineRecord[]> => machines.listMachines(await database()),
  get: async (id: string): Promise<MachineRecord | null> => machines.getMachine(await database(), id),
  add: async (kept: KeptMachine): Promise<MachineRecord> => machines.insertMachine(await database(), kept),
  /** Saves a machine; where another save came first, answers 409 with that one. */
  async put(id: string, base: number, kept: KeptMachine): Promise<{ record: MachineRecord }> {
    const db = await database();
    const saved = await machines.saveMachine(db, id, base, kept);
    if (saved) return { record: saved };
    const there = await machines.getMachine(db, id);
    if (!there) throw gone();
    if (there.revision > base && sameSave(kept, there.kept)) return { record: there };
    throw new Refusal(409, [{ path: '(document)', rule: 'revision', message: 'was saved elsewhere first' }], {
      theirs: { record: there },
    });
  },
  async remove(id: string): Promise<{ ok: true }> {
    if (!(await machines.removeMachine(await database(), id))) throw gone();
    return { ok: true };
  },
};
