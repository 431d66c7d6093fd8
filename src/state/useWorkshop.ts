'use client';
import { useQueryClient } from '@tanstack/react-query';
import { useAct } from './ask';
import { workshopServer } from './server/workshop';

/** What is done with the whole of what is kept: nothing that was answered before holds afterwards. */
export function useWorkshop() {
  const client = useQueryClient();
  const forgetAll = () => void client.resetQueries();
  return {
    restore: useAct(workshopServer.restore, [], forgetAll),
    restoreKept: useAct(workshopServer.restoreKept, [], forgetAll),
    dismissDamage: useAct(workshopServer.dismissDamage, []),
    check: useAct(workshopServer.check, []),
    addSample: useAct(workshopServer.addSample, [], forgetAll),
    removeSample: useAct(workshopServer.removeSample, [], forgetAll),
  };
}
