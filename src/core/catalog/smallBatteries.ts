/** Small batteries by their name in a shop. */
export const SMALL_BATTERIES = ['9v', 'aa', 'c', 'd', 'aa-nimh', 'lantern'] as const;
export type SmallBattery = (typeof SMALL_BATTERIES)[number];

interface Small {
  readonly name: string;
  readonly chemistry: 'alkaline' | 'nickel-metal';
  readonly cells: number;
  /** Inside a fresh one, Ω. */
  readonly ohm: number;
  /** Amp-hours at half an ampere. */
  readonly ampHours: number;
}
const small = (
  name: string,
  chemistry: Small['chemistry'],
  cells: number,
  ohm: number,
  ampHours: number,
): Small => Object.freeze({ name, chemistry, cells, ohm, ampHours });

/** What one of each is: MACHINES.md section 3, typical sheet values, from memory. */
export const SMALL: Readonly<Record<SmallBattery, Small>> = Object.freeze({
  '9v': small('9 V block', 'alkaline', 6, 1.7, 0.35),
  aa: small('AA, alkaline', 'alkaline', 1, 0.2, 1.6),
  c: small('C, alkaline', 'alkaline', 1, 0.12, 5),
  d: small('D, alkaline', 'alkaline', 1, 0.1, 10),
  'aa-nimh': small('AA, nickel-metal hydride', 'nickel-metal', 1, 0.03, 2),
  lantern: small('6 V lantern', 'alkaline', 4, 0.4, 8),
});
