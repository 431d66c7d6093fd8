'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { AlloyId } from '@/core/catalog/alloys';
import type { RigEvent } from '@/core/documents/event';
import { answered, fault, useAct } from './ask';
import { keys } from './keys';
import { powerServer } from './server/power';
import type { WireState } from './types';

/** The wire that is on a rig: its state, and power on and off as it is noted. Each act answers with a fault, or null. */
export function useWire(rigId: string) {
  const client = useQueryClient();
  const { data: wire = null } = useQuery({
    queryKey: keys.wire(rigId),
    queryFn: () => answered(powerServer.state(rigId)),
  });
  const stale = [keys.events(rigId), keys.log()];
  const note = useAct((event: RigEvent) => powerServer.note(rigId, event), stale);
  const amend = useAct((id: string, event: RigEvent) => powerServer.amend(rigId, id, event), stale);
  const load = useCallback(() => client.invalidateQueries({ queryKey: keys.wire(rigId) }), [client, rigId]);
  /** After an act: asked for anew, or where it waits on this device `here`, as which it counts already. */
  const then = async (
    asked: ReturnType<typeof note>,
    here: (id: string) => Partial<WireState> = () => ({}),
  ) => {
    const outcome = await asked;
    if (outcome.kind === 'done') await load();
    if (outcome.kind === 'kept')
      client.setQueryData<WireState>(keys.wire(rigId), (was) => was && { ...was, ...here(outcome.id) });
    return fault(Promise.resolve(outcome));
  };
  const now = () => new Date().toISOString();
  const on = () => {
    const at = now();
    return then(note({ kind: 'hot', at, until: null, note: '' }), (powerId) => ({ onSince: at, powerId }));
  };
  const off = () =>
    wire?.powerId && wire.onSince
      ? then(amend(wire.powerId, { kind: 'hot', at: wire.onSince, until: now(), note: '' }), () => ({
          onSince: null,
          powerId: null,
        }))
      : Promise.resolve(null);
  const slacken = () => {
    const at = now();
    return then(note({ kind: 'slack', at, until: null, note: '' }), (slackId) => ({ slackSince: at, slackId }));
  };
  const setAgain = () =>
    wire?.slackId && wire.slackSince
      ? then(amend(wire.slackId, { kind: 'slack', at: wire.slackSince, until: now(), note: '' }), () => ({
          slackSince: null,
          slackId: null,
        }))
      : Promise.resolve(null);
  const hang = (w: { alloy: AlloyId; diameterMm: number; lengthMm: number }) =>
    then(note({ kind: 'hang', at: now(), ...w, note: '' }));
  const write = (text: string) => then(note({ kind: 'remark', at: now(), note: text }));
  return { wire, load, on, off, slacken, setAgain, hang, write };
}
