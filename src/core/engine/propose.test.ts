import { describe, expect, it } from 'vitest';
import { PLAIN_SUPPLIES } from '../documents/plainSupplies';
import { FRAME_KINDS, rigSchema } from '../documents/rig';
import { SUPPLY_KINDS } from '../documents/supply';
import { tensileStrength } from '../physics/wire/strength';
import { evaluate } from './evaluate';
import { propose } from './propose';
import { type WireChoice } from './wiresSold';
import { drafts, solve } from './solve';

const wish = (frame: (typeof FRAME_KINDS)[number], kind: (typeof SUPPLY_KINDS)[number], more = {}) => ({
  name: 'x',
  frame,
  foam: 'xps' as const,
  widthMm: frame === 'hand-tool' ? 100 : 500,
  supply: PLAIN_SUPPLIES[kind].supply,
  control: PLAIN_SUPPLIES[kind].control,
  ...more,
});
const DEAD = [
  'wire-too-cold',
  'cannot-start',
  'heat-marginal',
  'melt-back',
  'fume-limit',
  'feed-too-fast',
  'heat-too-high',
];

describe('from an empty page', () => {
  it('every cutter with every kind of supply ends in a rig that cuts, or in what stands against it and what would cut', () => {
    let cuts = 0;
    for (const frame of FRAME_KINDS)
      for (const kind of SUPPLY_KINDS)
        for (const widthMm of frame === 'hand-tool' ? [90, 150] : [300, 600, 1200]) {
          const made = propose(wish(frame, kind, { widthMm }), []);
          const name = `${frame}, ${kind}, ${widthMm} mm`;
          if (!made.ok) {
            expect(made.why.code, name).toBeTruthy();
            expect(made.would, name).not.toBeNull();
            expect(made.would!.volts, name).toBeLessThanOrEqual(60);
            continue;
          }
          cuts++;
          expect(rigSchema.safeParse(made.rig).error, name).toBeUndefined();
          const e = evaluate(made.rig);
          expect(e.cut, name).not.toBeNull();
          expect(e.feed! <= e.window.fastest!.feed && e.feed! >= e.window.slowest!, name).toBe(true);
          const bad = drafts(e).filter((d) => d.level === 'stop' || DEAD.includes(d.code));
          expect(
            bad.map((d) => d.code),
            name,
          ).toEqual([]);
          expect(made.rig.from['wire.diameterMm']).toBe('assumed');
          expect(made.rig.from['foam.widthMm']).toBeUndefined();
        }
    expect(cuts).toBeGreaterThan(90);
  });

  it('what would cut, does', () => {
    for (const kind of SUPPLY_KINDS) {
      const made = propose(wish('hand-tool', kind, { widthMm: 90 }), []);
      if (made.ok || !made.would) continue;
      const { diameterMm, volts, amps } = made.would;
      const there = solve(
        rigSchema.parse({
          ...made.rig,
          wire: { ...made.rig.wire, diameterMm, lengthMm: 90 },
          supply: { kind: 'bench', volts: volts * 1.25, maxAmps: amps * 1.25 },
          control: { kind: 'volts', setting: volts },
        }),
      );
      expect(there.cutting!.fastestFeedMmS!, kind).toBeGreaterThan(0.5);
    }
  });

  it('a stout wire goes before one that a hand snaps, and drawer wire before bought wire', () => {
    const drawer: WireChoice[] = [0.1, 0.16, 0.32, 0.4].map((diameterMm) => ({
      alloy: 'nicr-80',
      diameterMm,
      strands: 1,
    }));
    for (const kind of ['bench', 'brick', 'battery'] as const) {
      const made = propose(wish('bow', kind), drawer);
      if (!made.ok || made.bought) continue;
      const s = evaluate(made.rig).s;
      expect(s.area * tensileStrength(s.alloy, s.strand, 20), kind).toBeGreaterThan(45);
    }
    const only = propose(wish('bow', 'bench'), drawer.slice(0, 1));
    expect(only.ok && only.bought).toBe(false);
  });

  it('without a dial it says by how much the wire is lengthened to set the heat', () => {
    const made = propose(wish('bow', 'brick'), []);
    expect(made.ok && made.lengthenedMm).toBe(made.rig.wire.lengthMm - 620);
    const dial = propose(wish('bow', 'bench'), []);
    expect(dial.ok && dial.lengthenedMm).toBe(0);
  });

  it('a refused foam is never proposed for', () => {
    const made = propose(wish('bow', 'bench', { foam: 'pur' }), []);
    expect(made).toMatchObject({ ok: false, why: { code: 'foam-refused' }, would: null });
  });
});
