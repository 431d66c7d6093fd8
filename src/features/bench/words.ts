import type { DeviceRight } from '@/state/types';

export const RIGHTS: readonly DeviceRight[] = ['work', 'look'];
export const RIGHT_NAMES: Readonly<Record<DeviceRight, string>> = { work: 'May work', look: 'May look only' };
export const LETTING_IN = {
  picture: 'Picture code that lets one device in',
  point: 'Point the phone’s camera at it; it is good for one device. Or open',
  type: 'there and type',
} as const;
