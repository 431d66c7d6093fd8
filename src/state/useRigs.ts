'use client';
import { useAct } from './ask';
import { keys } from './keys';
import { rigServer } from './server/rigs';

/** What is done with whole rigs, from the shelf and wherever a rig is made. */
export function useRigs() {
  return {
    add: useAct(rigServer.add, [keys.log()]),
    duplicate: useAct(rigServer.duplicate, []),
    archive: useAct(rigServer.archive, []),
    document: useAct(rigServer.document, []),
    deleteCut: useAct(rigServer.deleteCut, [keys.log(), ['rig']]),
  };
}
