import type { Spares } from '@/core/engine/spares';
import type { Stock } from './types';

/** A control of a kind as it is where nothing more was said of it. */
const PLAIN_CONTROL = {
  name: '',
  frequencyHz: 1000,
  efficiency: 0.9,
  steps: null,
  ratedAmps: null,
  ratedVolts: null,
  ratedWatts: null,
  have: true,
  price: null,
} as const;

/** What of the drawer a fix may take: what is there, not what is still to be bought. */
export function sparesOf(stock: Stock): Spares | null {
  const supplies = stock.supplies
    .filter((s) => s.have)
    .map(({ name, supply, control }) => ({
      name,
      supply,
      controls: [{ ...PLAIN_CONTROL, kind: control }],
      have: true,
      price: null,
    }));
  const wires = stock.spools.map(({ name, alloy, diameterMm, strands, ohmPerM, metres }) => ({
    name,
    wire: { alloy, diameterMm, strands, measuredOhmPerM: ohmPerM },
    metres,
    pricePerM: null,
  }));
  return supplies.length + wires.length === 0 ? null : { supplies, wires };
}
