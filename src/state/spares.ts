import { drawerControlSchema } from '@/core/documents/drawer';
import type { Spares } from '@/core/engine/spares';
import type { Stock } from './types';

/** What of the drawer a fix may take: what is there, not what is still to be bought. */
export function sparesOf(stock: Stock): Spares | null {
  const supplies = stock.supplies
    .filter((s) => s.have)
    .map(({ name, supply, control }) => ({
      name,
      supply,
      controls: [drawerControlSchema.parse({ kind: control })],
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
