import type { ControlKind } from '@/core/documents/controlKinds';
import { drawerSchema, type Drawer, type DrawerControl, type Weights } from '@/core/documents/drawer';
import { faultsOf, type DocumentFault } from '@/core/documents/faults';
import type { FrameKind, Rig } from '@/core/documents/rig';
import type { ControlStock, Stock, SupplyStock } from '@/state/types';

/** The cut that a drawer is matched for, as a person says it. */
export interface Job {
  readonly frame: FrameKind;
  readonly foamStockId: string | null;
  readonly foam: Rig['foam'];
  readonly feedMmS: number;
  /** Share of the max feed to cut at; null: what is usual for the cutter. */
  readonly reserve: number | null;
  readonly leadId: string | null;
  readonly lengthsMm: readonly number[] | null;
}

const built = (kind: ControlKind): DrawerControl => ({
  kind,
  name: '',
  frequencyHz: 1000,
  efficiency: 0.9,
  steps: null,
  ratedAmps: null,
  ratedVolts: null,
  ratedWatts: null,
  have: true,
  price: null,
});

/** Whether a loose control goes with a supply: a converter and pulses want direct current, a dimmer or variac a transformer. */
export function suits(control: ControlKind, supply: SupplyStock['supply']): boolean {
  if (control === 'phase' || control === 'scale')
    return supply.kind === 'transformer' && supply.current === 'ac';
  return supply.current === 'dc';
}

/** Controls of a supply: its own, no dial with a length that fits, a clip to slide, and the loose ones that suit it. */
export function controlsOf(s: SupplyStock, loose: readonly ControlStock[]): DrawerControl[] {
  const own: ControlKind[] =
    s.supply.kind === 'bench' ? ['volts', 'amps'] : s.control === 'none' ? [] : [s.control];
  const plain: ControlKind[] = s.supply.kind === 'bench' ? [] : ['none', 'clip'];
  // A bench supply's own knobs are finer than anything put behind them.
  const added = (s.supply.kind === 'bench' ? [] : loose)
    .filter((c) => suits(c.control.kind, s.supply))
    .map((c): DrawerControl => ({ ...c.control, name: c.name, have: c.have, price: c.price }));
  // A loose dimmer of the same sort is the very one that belongs to the supply, with its rating known.
  const known = new Set(added.map((c) => c.kind));
  return [...[...new Set([...own, ...plain])].filter((k) => !known.has(k)).map(built), ...added];
}

/** The drawer document of all that lies in the drawer, for a job; or what is wrong with it. */
export function drawerOf(
  stock: Stock,
  job: Job,
  weights: Weights,
):
  | { readonly ok: true; readonly drawer: Drawer }
  | { readonly ok: false; readonly faults: readonly DocumentFault[] } {
  const lead = stock.leads.find((l) => l.id === job.leadId);
  const parsed = drawerSchema.safeParse({
    format: 'upwind-rod/drawer',
    version: 1,
    wires: stock.spools.map((s) => ({
      name: s.name,
      wire: { alloy: s.alloy, diameterMm: s.diameterMm, strands: s.strands, measuredOhmPerM: s.ohmPerM },
      metres: s.metres,
      pricePerM: s.pricePerM,
    })),
    supplies: stock.supplies.map((s) => ({
      name: s.name,
      supply: s.supply,
      controls: controlsOf(s, stock.controls),
      have: s.have,
      price: s.price,
    })),
    leads: lead ? { areaMm2: lead.areaMm2, lengthMm: lead.lengthMm, contactOhm: lead.contactOhm } : {},
    lengthsMm: job.lengthsMm === null ? null : [...job.lengthsMm],
    job: { frame: { kind: job.frame }, foam: job.foam, cut: { feedMmS: job.feedMmS }, reserve: job.reserve },
    weights,
  });
  return parsed.success ? { ok: true, drawer: parsed.data } : { ok: false, faults: faultsOf(parsed.error) };
}
