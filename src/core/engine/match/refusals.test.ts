import { toldMatch } from '../../words/told';
import { describe, expect, it } from 'vitest';
import { drawerSchema, type DrawerInput } from '../../documents/drawer';
import type { FindingCode } from '../../documents/reading';
import { METRIC_SAY, sayIn } from '../../words/say';
import { refusalText } from '../../words/match';
import { judge } from './judge';
import { match } from './match';
import { CandidateSet } from './pairing';
import { prepare } from './setting';

type Supply = DrawerInput['supplies'][number]['supply'];
type Control = DrawerInput['supplies'][number]['controls'][number];
interface Case {
  readonly supply?: Supply;
  readonly control?: Control;
  readonly wire?: Partial<DrawerInput['wires'][number]['wire']>;
  readonly lengthMm?: number;
  readonly feed?: number;
  readonly foam?: Partial<DrawerInput['job']['foam']>;
  readonly frame?: Partial<DrawerInput['job']['frame']>;
  readonly leads?: DrawerInput['leads'];
}

const drawer = (c: Case) =>
  drawerSchema.parse({
    format: 'upwind-rod/drawer',
    version: 1,
    wires: [{ name: 'w', wire: { alloy: 'nicr-80', diameterMm: 0.455, ...c.wire }, metres: null }],
    supplies: [
      {
        name: 's',
        supply: c.supply ?? { kind: 'bench', volts: 32, maxAmps: 6 },
        controls: [c.control ?? { kind: 'volts' }],
      },
    ],
    leads: c.leads ?? { areaMm2: 1.31 },
    lengthsMm: [c.lengthMm ?? 800],
    job: {
      frame: { kind: 'bow', ...c.frame },
      foam: { kind: 'xps', densityKgM3: 33, widthMm: 640, ...c.foam },
      cut: { feedMmS: c.feed ?? 2.6 },
    },
  });

const mains = { kind: 'other', volts: 230, maxAmps: 10, current: 'ac' } as const;
const brick = { kind: 'brick', volts: 15, maxAmps: 5 } as const;

/** One pairing for each reason, in the order in which reasons are given. */
const CASES: [FindingCode, string, Case][] = [
  ['mains-direct', 'a dimmer straight off the mains, though its volts kill as well', { supply: { ...mains, isolated: false }, control: { kind: 'phase' } }],
  ['touch-voltage', 'open volts over the limit on a bare wire, not isolated too', { supply: { kind: 'bench', volts: 80, maxAmps: 6, isolated: false }, control: { kind: 'amps' } }],
  ['not-isolated', 'tied to the mains at safe volts', { supply: { ...brick, isolated: false }, control: { kind: 'pwm' } }],
  ['foam-refused', 'PVC, and a wire too short for it', { foam: { kind: 'pvc', densityKgM3: 60 }, lengthMm: 300 }],
  ['foam-wider-than-wire', 'a short wire, which would be too much for the brick', { supply: { ...brick, maxAmps: 0.5 }, control: { kind: 'none' }, lengthMm: 500 }],
  ['pulse-peak-overload', 'pulses on far too few ohms', { supply: brick, control: { kind: 'pwm' }, wire: { diameterMm: 0.8 }, feed: 0.1 }],
  ['supply-overload', 'a thick wire on a small brick', { supply: brick, control: { kind: 'none' }, wire: { diameterMm: 1 } }],
  ['control-overload', 'a dimmer of an ampere', { supply: { ...brick, volts: 24, maxAmps: 20 }, control: { kind: 'pwm', ratedAmps: 1 } }],
  ['supply-volts-short', 'five volts for a metre', { supply: { kind: 'bench', volts: 5, maxAmps: 6 }, lengthMm: 1200 }],
  ['wire-melts', 'eleven amps through it', { supply: { ...brick, volts: 58, maxAmps: 40 }, control: { kind: 'none' } }],
  ['wire-too-hot', 'leader past what keeps it hard', { wire: { alloy: 'ss-304-hard', diameterMm: 0.25 }, feed: 9, supply: { kind: 'bench', volts: 59, maxAmps: 9 } }],
  ['wire-too-cold', 'no dial and hardly any volts', { supply: { ...brick, volts: 4 }, control: { kind: 'none' }, lengthMm: 1500 }],
  ['feed-too-fast', 'no dial, warm, and too brisk a feed', { supply: { ...brick, volts: 15 }, control: { kind: 'none' }, feed: 5 }],
  ['melt-back', 'no dial, hot, and a crawl', { supply: { ...brick, volts: 20 }, control: { kind: 'none' }, feed: 0.05, wire: { diameterMm: 0.4 } }],
  ['fume-limit', 'a wire that glows, fast enough not to melt back', { wire: { alloy: 'fecral-145', diameterMm: 0.19 }, feed: 20, foam: { kind: 'eps', densityKgM3: 20, widthMm: 90 }, lengthMm: 150, supply: { ...brick, volts: 12 }, control: { kind: 'none' } }],
  ['lead-overheats', 'bell wire for leads', { leads: { areaMm2: 0.1 } }],
  ['metal-frame-live', 'a bare metal bow', { frame: { material: 'metal' } }],
  ['frame-too-shallow', 'a block that does not go under', { frame: { throatMm: 100 }, foam: { heightMm: 120 } }],
  ['hold-ohm-flat', 'ohms held on nickel-chromium', { control: { kind: 'hold-ohm' } }],
]; // prettier-ignore

describe('why a pairing is refused', () => {
  it.each(CASES)('%s: %s', (code, _, c) => {
    const m = toldMatch(match(drawer(c)));
    expect(m.pairs).toEqual([]);
    const [refusal] = m.refused;
    expect(refusal!.code).toBe(code);
    expect(refusal!.text.length).toBeGreaterThan(20);
    expect(refusal!.text).not.toMatch(/undefined|NaN|null/);
    const inch = refusalText(code, refusal!.values, sayIn('inch'));
    expect(inch).not.toMatch(/undefined|NaN|null|mm\/s/);
    expect(refusalText(code, refusal!.values, METRIC_SAY)).toBe(refusal!.text);
  });

  it('the plain pairing of them all works', () => {
    expect(match(drawer({})).refused).toEqual([]);
  });

  it('a supply whose isolation nobody knows is not refused for it: a person must ask', () => {
    const m = match(
      drawer({
        supply: { kind: 'transformer', volts: 24, maxAmps: 4, current: 'ac' },
        control: { kind: 'scale', ratedAmps: 8 },
      }),
    );
    expect(m.pairs).toHaveLength(1);
    expect(m.pairs[0]!.reading!.findings.map((f) => f.code)).toContain('not-isolated');
  });

  it('says of a dimmer that is too small how much of it the load is, and to give it air', () => {
    const c = CASES.find(([code]) => code === 'control-overload')![2];
    const [refusal] = toldMatch(match(drawer(c))).refused;
    expect(refusal!.values['load'] as number).toBeGreaterThan(1);
    expect(refusal!.text).toMatch(/\d+\s% of its rating/);
    expect(refusal!.text).toContain('give it air');
  });

  it('a dial with steps is set to a step, at or above what is asked', () => {
    const d = new CandidateSet(drawer({ control: { kind: 'volts', steps: 33 } }));
    const [p] = [...d.pairings()];
    const found = prepare(d, p!);
    const fine = prepare(new CandidateSet(drawer({})), p!);
    expect(found.setting! % 1).toBeCloseTo(0, 9);
    expect(found.setting!).toBeGreaterThanOrEqual(fine.setting! - 1e-9);
    expect(found.setting! - fine.setting!).toBeLessThan(1);
    expect(judge(found).ok).toBe(true);
  });
});

describe('the drawer document', () => {
  const bad = (change: (d: Record<string, unknown>) => void) => {
    const d = structuredClone(drawer({})) as unknown as Record<string, unknown>;
    change(d);
    const parsed = drawerSchema.safeParse(d);
    return parsed.success ? [] : parsed.error.issues.map((i) => i.path.join('.'));
  };
  it('names what is wrong by its path', () => {
    expect(bad((d) => (d['colour'] = 'red'))).toEqual(['']);
    expect(bad((d) => ((d['job'] as { cut: object }).cut = {}))).toEqual(['job.cut.feedMmS']);
    expect(bad((d) => (d['weights'] = { reserve: 11 }))).toEqual(['weights.reserve']);
    expect(bad((d) => (d['lengthsMm'] = []))).toEqual(['lengthsMm']);
    expect(bad((d) => ((d['wires'] as { metres: number }[])[0]!.metres = -1))).toEqual(['wires.0.metres']);
    expect(
      bad((d) => ((d['supplies'] as { controls: { kind: string }[] }[])[0]!.controls[0]!.kind = 'knob')),
    ).toEqual(['supplies.0.controls.0.kind']);
  });
  it('weights left out are the usual ones', () => {
    expect(drawerSchema.parse({ ...drawer({}), weights: { dial: 5 } }).weights).toEqual({
      reserve: 3,
      load: 2,
      dial: 5,
      strength: 2,
      leads: 1,
    });
  });
});
