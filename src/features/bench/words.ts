import type { DeviceRight } from '@/state/types';

export const RIGHTS: readonly DeviceRight[] = ['work', 'look'];
export const RIGHT_NAMES: Readonly<Record<DeviceRight, string>> = { work: 'May work', look: 'May look only' };
export const LETTING_IN = {
  picture: 'Picture code that lets one device in',
  point: 'Point the phone’s camera at it; it is good for one device. Or open',
  type: 'there and type',
  asks: 'Its browser asks once whether to go on',
  trust:
    'The workshop has a certificate of its own, which no authority vouches for. The browser warns of that on the first visit; choose to go on only if the SHA-256 fingerprint that it shows is this one:',
} as const;
