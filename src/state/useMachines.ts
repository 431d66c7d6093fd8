'use client';
import { useQuery } from '@tanstack/react-query';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { machineServer } from './server/machines';

/** The machines of the workshop, asked for where a job may take one. */
export function useMachines() {
  const { data, error } = useQuery({ queryKey: keys.machines(), queryFn: () => answered(machineServer.all()) });
  return { machines: data ?? null, fault: error?.message ?? null };
}

/** What is done with a machine. */
export function useMachineActs() {
  return {
    add: useAct(machineServer.add, [keys.machines()]),
    drop: useAct(machineServer.drop, [keys.machines()]),
  };
}
