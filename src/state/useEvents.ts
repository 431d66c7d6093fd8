'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { RigEvent } from '@/core/documents/event';
import { answered, fault, useAct } from './ask';
import { keys } from './keys';
import { wireServer } from './server/wire';
import type { EventRecord } from './types';

/** What happened to a rig: as loaded, with what is noted, changed and taken out since. Each answers with a fault, or null. */
export function useEvents(rigId: string, loaded: readonly EventRecord[]) {
  const client = useQueryClient();
  const { data: events } = useQuery<readonly EventRecord[]>({
    queryKey: keys.events(rigId),
    queryFn: () => answered(wireServer.events(rigId)),
    initialData: loaded,
  });
  const stale = [keys.wire(rigId), keys.log()];
  const take = (all: readonly EventRecord[]) => client.setQueryData(keys.events(rigId), all);
  const note = useAct((event: RigEvent) => wireServer.note(rigId, event), stale, take);
  const change = useAct((id: string, event: RigEvent) => wireServer.amend(rigId, id, event), stale, take);
  const drop = useAct((id: string) => wireServer.forget(rigId, id), stale, take);
  return {
    events,
    note: async (event: RigEvent) => {
      const outcome = await note(event);
      // It waits on this device; here it counts already.
      if (outcome.kind === 'kept') take([...events, { id: outcome.id, rigId, event }]);
      return fault(Promise.resolve(outcome));
    },
    change: (id: string, event: RigEvent) => fault(change(id, event)),
    drop: (id: string) => fault(drop(id)),
  };
}
