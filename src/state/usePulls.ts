'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { LoggedPull } from '@/core/documents/pull';
import { answered, fault, useAct } from './ask';
import { keys } from './keys';
import { wireServer } from './server/wire';
import type { PullRecord } from './types';

/** The readings of a rig's pull: as loaded, with what is logged and taken out since. */
export function usePulls(rigId: string, loaded: readonly PullRecord[]) {
  const client = useQueryClient();
  const { data: pulls } = useQuery<readonly PullRecord[]>({
    queryKey: keys.pulls(rigId),
    queryFn: () => answered(wireServer.pulls(rigId)),
    initialData: loaded,
  });
  const take = (all: readonly PullRecord[]) => client.setQueryData(keys.pulls(rigId), all);
  const log = useAct((pull: LoggedPull) => wireServer.logPull(rigId, pull), [keys.log()], take);
  const drop = useAct((id: string) => wireServer.deletePull(rigId, id), [keys.log()], take);
  return { pulls, log: (pull: LoggedPull) => fault(log(pull)), drop: (id: string) => fault(drop(id)) };
}
