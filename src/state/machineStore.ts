'use client';
import { faultsOf } from '@/core/documents/faults';
import { keptMachineSchema, type KeptMachine } from '@/core/documents/keptMachine';
import { createDocumentStore, type Point } from './documentStore';
import { machineServer, savedMachineAnswer } from './server/machines';
import type { MachineRecord } from './types';

interface SavedMachine {
  readonly record: MachineRecord;
}
interface MachineOwn {
  /** Takes the machine changed, as one step of undo; answers with the rule that refuses it, or null. */
  readonly edit: (label: string, next: KeptMachine) => string | null;
}

/** The store of one machine: its document with its calibration, edits with undo, saving. */
export function createMachineStore(record: MachineRecord) {
  return createDocumentStore<Point<KeptMachine>, SavedMachine, MachineOwn>(
    {
      first: { doc: record.kept },
      revision: record.revision,
      answer: savedMachineAnswer,
      send: (base, { doc }) => machineServer.save(record.id, { base, kept: doc }),
      pointOf: (theirs) => ({ doc: theirs.record.kept }),
      stands: ({ doc }) => keptMachineSchema.safeParse(doc).success,
    },
    (get) => ({
      edit: (label, next) => {
        const parsed = keptMachineSchema.safeParse(next);
        if (!parsed.success) return faultsOf(parsed.error)[0]!.message;
        get().take(label, { doc: parsed.data });
        return null;
      },
    }),
  );
}
export type MachineStore = ReturnType<typeof createMachineStore>;
