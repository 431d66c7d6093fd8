'use client';
import { useQuery } from '@tanstack/react-query';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { deviceServer } from './server/devices';
import type { DeviceRight } from './types';

/** A picture code is good for a quarter of an hour: another is fetched before, ms. */
const ANEW_MS = 10 * 60_000;

/** Devices that are let in, and what is done with them. */
export function useDevices() {
  const { data, error } = useQuery({ queryKey: keys.devices(), queryFn: () => answered(deviceServer.all()) });
  return {
    devices: data ?? null,
    fault: error?.message ?? null,
    change: useAct(deviceServer.change, [keys.devices()]),
    forget: useAct(deviceServer.forget, [keys.devices()]),
  };
}

/** How another device is asked in, to a rig or to the bench; another picture when one was used. */
export function useInvitation(right: DeviceRight, rig: string | null, used: number) {
  const { data, error } = useQuery({
    queryKey: [...keys.devices(), 'invitation', right, rig, used],
    queryFn: () => answered(deviceServer.invite(right, rig)),
    staleTime: ANEW_MS,
    refetchInterval: ANEW_MS,
  });
  return { invitation: data ?? null, fault: error?.message ?? null };
}
