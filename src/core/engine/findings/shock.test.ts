import { describe, expect, it } from 'vitest';
import { supplySchema } from '../../documents/supply';
import { touchLimit } from '../../physics/circuit/touch';
import { evaluate } from '../evaluate';
import { testRig } from '../testRigs';
import { shockFindings, voltsOnWire } from './shock';

const rig = (supply: object, control: object = { kind: 'none', setting: null }) =>
  evaluate(
    testRig({
      supply: supplySchema.parse({ kind: 'other', volts: 12, maxAmps: 10, ...supply }),
      control: control as never,
    }),
  );
const found = (supply: object, control?: object) =>
  Object.fromEntries(shockFindings(rig(supply, control)).flatMap((d) => (d ? [[d.code, d.level]] : [])));

describe('volts on the bare wire', () => {
  it.each([
    ['a dial of volts', { volts: 60 }, { kind: 'volts', setting: 20 }, 20],
    ['a dial over what there is', { volts: 24 }, { kind: 'volts', setting: 40 }, 24],
    ['a converter', { volts: 48 }, { kind: 'buck', setting: 12 }, 12],
    ['a variac', { volts: 24, current: 'ac' }, { kind: 'scale', setting: 0.5 }, 12],
    ['pulses stand at full volts, however short', { volts: 24 }, { kind: 'pwm', setting: 0.1 }, 24],
    ['a dimmed wave too', { volts: 24, current: 'ac' }, { kind: 'phase', setting: 170 }, 24],
  ])('%s', (_, supply, control, want) => {
    expect(voltsOnWire(rig(supply, control).s)).toBeCloseTo(want, 9);
  });
});

describe('shock', () => {
  it.each(['dc', 'ac'] as const)('over the touch limit of %s it stops; at it, it does not', (current) => {
    const limit = touchLimit(current);
    expect(found({ volts: limit, current, isolated: true })).toEqual({});
    expect(found({ volts: limit + 0.5, current, isolated: true })).toEqual({ 'touch-voltage': 'stop' });
  });

  it('the limits are those of touchable parts in IEC 61010-1, dry: 60 V direct, 30 V alternating current (from memory)', () => {
    expect(touchLimit('dc')).toBe(60);
    expect(touchLimit('ac')).toBe(30);
  });

  it('a wire on the mains stops whatever else is said; an isolated one of so many volts is told by its volts', () => {
    expect(found({ volts: 230, current: 'ac', isolated: false })).toEqual({
      'touch-voltage': 'stop',
      'mains-direct': 'stop',
    });
    expect(found({ volts: 230, current: 'ac', isolated: true })).toEqual({ 'touch-voltage': 'stop' });
  });

  it('what nobody knows to be isolated wants a look, what is known not to be stops', () => {
    expect(found({ volts: 12 })).toEqual({ 'not-isolated': 'fix' });
    expect(found({ volts: 12, isolated: 'unknown' })).toEqual({ 'not-isolated': 'fix' });
    expect(found({ volts: 12, isolated: false })).toEqual({ 'not-isolated': 'stop' });
    expect(found({ volts: 12, isolated: true })).toEqual({});
    expect(found({ kind: 'brick', volts: 12 })).toEqual({});
  });

  it('volts are brought down by the dial that can do it, to under the limit', () => {
    for (const [supply, control] of [
      [
        { volts: 100, isolated: true },
        { kind: 'volts', setting: 90 },
      ],
      [
        { volts: 100, isolated: true },
        { kind: 'buck', setting: 90 },
      ],
      [
        { volts: 48, current: 'ac', isolated: true },
        { kind: 'scale', setting: 1 },
      ],
    ] as const) {
      const draft = shockFindings(rig(supply, control)).find((d) => d?.code === 'touch-voltage');
      const [patch] = [...(draft?.tries?.() ?? [])] as { control: { setting: number } }[];
      const after = rig(supply, { ...control, setting: patch!.control.setting });
      expect(voltsOnWire(after.s)).toBeLessThanOrEqual(touchLimit(after.s.rig.supply.current));
    }
  });
});
