/** One output of a desktop computer's supply. */
export interface Rail {
  readonly name: string;
  readonly volts: number;
  /** Colour of its wires. */
  readonly colour: string;
  /** How far its volts may lie off, as a share. */
  readonly tolerance: number;
  readonly note: string;
}

/**
 * Outputs that can drive a wire. Source: the published design guide for desktop supplies (ATX12V, revision 2.x), from memory:
 * colours, ±5 %, and no output over 240 VA, which is where its makers cut off.
 */
export const RAILS: readonly Rail[] = [
  { name: '12 V', volts: 12, colour: 'yellow', tolerance: 0.05, note: 'The one to take: the most watts.' },
  { name: '5 V', volts: 5, colour: 'red', tolerance: 0.05, note: 'For a short fine wire.' },
  { name: '3.3 V', volts: 3.3, colour: 'orange', tolerance: 0.05, note: 'For a shaped loop.' },
];

/** Most that one output may give by the guide, VA (from memory). */
export const RAIL_VA = 240;

/** How it is switched on (the guide, from memory) and the least load that older ones want (common practice). */
export const COMPUTER_SUPPLY = { on: 'green held to black', leastLoad: 'about an ampere on red' } as const;

/** What else has to be known before such a supply drives anything (the guide, from memory; least load: common practice). */
export const COMPUTER_SUPPLY_FACTS: readonly string[] = [
  'Black is the return of every output.',
  'It is switched on by its own control line: green (PS_ON) held to black. A switch goes there, on the low-voltage side.',
  'Grey says that the outputs are good, purple gives 5 V while it stands by: neither drives a wire.',
  'It wants a least load, older ones about an ampere on red, or it will not stay on or hold its volts.',
  'It cuts off on overload and stays off until it is switched off and on again.',
  'Never open the case: its insides hold the mains’ volts after the plug is out.',
];

/** Most amps of an output: what its label says, and no more than 240 VA. */
export function railAmps(volts: number, labelAmps: number): number {
  return Math.min(labelAmps, RAIL_VA / volts);
}
