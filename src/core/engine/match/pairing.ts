import type { Control } from '../../documents/control';
import type { Drawer, DrawerControl, DrawerSupply, DrawerWire } from '../../documents/drawer';
import { rigSchema, type Rig } from '../../documents/rig';
import { ampsForFastest, heldAt } from '../need';
import { setUp, ohmAt, type Setup } from '../setup';
import { OperatingPointSolver } from '../states';
import { lengthsOf } from './lengths';

/** One pairing of a drawer: which wire at which length on which supply with which of its controls. */
export interface Pairing {
  readonly wire: number;
  readonly length: number;
  readonly supply: number;
  readonly control: number;
}

/** What a wire of a length asks for, whatever drives it; null where the foam has no figures. */
export interface WireNeed {
  readonly base: Setup;
  readonly amps: number;
  readonly foamC: number;
  readonly airC: number;
  /** Ohms of the whole wire there, and cold. */
  readonly hotOhm: number;
  readonly coldOhm: number;
}

/** A drawer made ready: parts of its rigs parsed once, needs of its wires worked out once. */
export class CandidateSet {
  readonly lengths: readonly number[];
  readonly total: number;
  private readonly base: Rig;
  private readonly needs = new Map<number, WireNeed | null>();

  constructor(readonly drawer: Drawer) {
    this.lengths = lengthsOf(drawer);
    const controls = drawer.supplies.reduce((n, s) => n + s.controls.length, 0);
    this.total = drawer.wires.length * this.lengths.length * controls;
    const { job, leads } = drawer;
    this.base = rigSchema.parse({
      format: 'upwind-rod/rig',
      version: 1,
      frame: job.frame,
      room: job.room,
      wire: {
        alloy: 'nicr-80',
        diameterMm: 1,
        lengthMm: 1000,
        lie: job.frame.kind === 'table' ? 'vertical' : 'horizontal',
      },
      supply: { kind: 'bench', volts: 12, maxAmps: 5 },
      leads,
      foam: job.foam,
      cut: job.reserve === null ? job.cut : { ...job.cut, reserve: job.reserve },
    });
  }

  /** All pairings in order. */
  *pairings(): Iterable<Pairing> {
    const { wires, supplies } = this.drawer;
    for (let wire = 0; wire < wires.length; wire++)
      for (let length = 0; length < this.lengths.length; length++)
        for (let supply = 0; supply < supplies.length; supply++)
          for (let control = 0; control < supplies[supply]!.controls.length; control++)
            yield { wire, length, supply, control };
  }

  wire = (p: Pairing): DrawerWire => this.drawer.wires[p.wire]!;
  supply = (p: Pairing): DrawerSupply => this.drawer.supplies[p.supply]!;
  control = (p: Pairing): DrawerControl => this.supply(p).controls[p.control]!;
  lengthMm = (p: Pairing): number => this.lengths[p.length]!;

  /** The rig of a pairing at a setting. */
  rig(p: Pairing, setting: number | null): Rig {
    const { wire } = this.wire(p);
    const lengthMm = this.lengthMm(p);
    const { name: _name, have: _have, price: _price, ...control } = this.control(p);
    return {
      ...this.base,
      wire: {
        ...this.base.wire,
        alloy: wire.alloy,
        diameterMm: wire.diameterMm,
        strands: wire.strands,
        lengthMm,
        measuredOhm:
          wire.measuredOhmPerM === null
            ? null
            : Math.min(1e5, Math.max(0.001, (wire.measuredOhmPerM * lengthMm) / 1000)),
      },
      supply: this.supply(p).supply,
      control: { ...control, setting } satisfies Control,
    };
  }

  /** The name of a pairing's rig. */
  nameOf(p: Pairing): string {
    const length = this.lengthMm(p);
    return `${this.wire(p).name || 'wire'}, ${length} mm, on ${this.supply(p).name || 'supply'}`.slice(0, 200);
  }

  /** Worked out once for a wire and a length: the amps of a job do not depend on the supply. */
  need(p: Pairing): WireNeed | null {
    const key = p.wire * this.lengths.length + p.length;
    let found = this.needs.get(key);
    if (found === undefined) {
      found = this.needOf(p);
      this.needs.set(key, found);
    }
    return found;
  }

  private needOf(p: Pairing): WireNeed | null {
    const plain = this.rig({ ...p, supply: 0, control: 0 }, null);
    const base = setUp({ ...plain, control: { ...plain.control, kind: 'none' } });
    const asked = ampsForFastest(base, base.feed! / base.reserve);
    if (!asked) return null;
    const states = new OperatingPointSolver(heldAt(base, asked.amps));
    const airC = states.airAt(asked.amps);
    return {
      base,
      amps: asked.amps,
      foamC: asked.foamC,
      airC,
      hotOhm: states.cuttingResistance(airC, asked.foamC),
      coldOhm: ohmAt(base, base.room.airC),
    };
  }
}
