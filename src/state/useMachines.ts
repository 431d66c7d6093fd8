'use client';
import { useQuery } from '@tanstack/react-query';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { useChanges } from './changes';
import type { MachineStore } from './machineStore';
import { machineServer } from './server/machines';

/** The machines of the workshop, asked for where a job may take one. */
export function useMachines() {
  const { data, error } = useQuery({ queryKey: keys.machines(), queryFn: () => answered(machineServer.all()) });
  return { machines: data ?? null, fault: error?.message ?? null };
}

/** Takes what another device saved of a machine into its open page. */
export function useMachineNews(id: string, store: Pick<MachineStore, 'follow'>): void {
  useChanges(
    (c) => c.part === 'machines',
    () =>
      void machineServer.all().then((answer) => {
        const record = answer.kind === 'done' ? answer.data.find((m) => m.id === id) : undefined;
        if (record) void store.follow({ record });
      }),
  );
}

/** What is done with a machine. */
export function useMachineActs() {
  return {
    add: useAct(machineServer.add, [keys.machines()]),
    drop: useAct(machineServer.drop, [keys.machines()]),
  };
}
