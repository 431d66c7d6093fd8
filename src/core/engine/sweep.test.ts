import { toldReading } from '../words/told';
import { describe, expect, it } from 'vitest';
import { rigSchema, type Rig } from '../documents/rig';
import { CUTTERS } from '../documents/cutters';
import { handLed } from '../documents/rigDefaults';
import type { FindingFigures, FindingCode } from '../documents/reading';
import { lossToAir } from '../physics/heat/loss';
import { drafts, RANK } from './drafts';
import { evaluate } from './evaluate';
import { kindOfPatch } from './kindOfPatch';
import { merge } from './merge';
import { ohmPerMetre } from './setup';
import { solveWhole } from './solve';
import { OperatingPointSolver } from './states';
import { sweptRig } from './sweepRigs';
import type { CutState } from './cutState';
import type { Evaluation } from './evaluation';

/** `npm run test:long` sweeps ten times as many. */
const COUNT = process.env['LONG'] ? 5000 : 500;
const swept = Array.from({ length: COUNT }, (_, i) => {
  const rig = sweptRig(i + 1);
  return { name: `swept ${i + 1}`, rig, ...solveWhole(rig) };
});

/** Share by which volts of wire, leads and contacts miss the source's; only an excess counts where the amps are held. */
function miss(e: Evaluation, state: Pick<CutState, 'amps' | 'airC' | 'foamC'>): number {
  const { drive } = e.s;
  const ohm = new OperatingPointSolver(e.s).cuttingResistance(state.airC, state.foamC);
  const share = (state.amps * (drive.restOhm + ohm)) / drive.volts - 1;
  const held = drive.heldOhm !== null || state.amps >= drive.limitAmps * (1 - 1e-9);
  return held ? Math.max(0, share) : Math.abs(share);
}

function numbersOf(x: unknown, path = ''): [string, number][] {
  if (typeof x === 'number') return [[path, x]];
  if (typeof x === 'object' && x !== null)
    return Object.entries(x).flatMap(([k, v]) => numbersOf(v, `${path}.${k}`));
  return [];
}

describe(`${COUNT} rigs such as makers build`, () => {
  it('every state closes its circuit to 1e-6 and carries away the heat it makes', () => {
    for (const { name, evaluation: e } of swept) {
      const { fastest, meltBack, fume } = e.window;
      const idle = { amps: e.idle.amps, airC: e.idle.airC, foamC: e.idle.airC };
      for (const [what, state] of Object.entries({ idle, fastest, meltBack, fume, cut: e.cut })) {
        if (!state) continue;
        expect(miss(e, state), `${name} ${what}`).toBeLessThanOrEqual(1e-6);
        if (state.airC < e.s.room.airC + 1) continue;
        const made = state.amps ** 2 * ohmPerMetre(e.s, state.airC);
        expect(Math.abs(made / lossToAir(e.s.room, state.airC) - 1), `${name} ${what}`).toBeLessThan(2e-4);
      }
    }
  });

  it('the quick search ends on the lowest balance, as the plain one does', () => {
    for (const { name, evaluation: e } of swept) {
      if (!e.cut || e.feed === null) continue;
      const plain = new OperatingPointSolver(e.s).atFeedBracketed(e.feed);
      expect(Math.abs((plain?.foamC ?? NaN) - e.cut.foamC), name).toBeLessThan(0.02);
    }
  });

  it('no figure is negative or absurd', () => {
    for (const { name, reading: r, rig } of swept) {
      for (const [path, x] of numbersOf({ ...r, findings: [] })) {
        expect(Number.isFinite(x), `${name} ${path}`).toBe(true);
        if (!/C$/.test(path)) expect(x, `${name} ${path}`).toBeGreaterThanOrEqual(0);
      }
      expect(r.idle?.wireVolts ?? 0, name).toBeLessThanOrEqual(rig.supply.volts * 1.2 + 1e-9);
      expect(r.cutting?.lagMm ?? 0, name).toBeLessThanOrEqual(rig.foam.widthMm / 4 + 1e-6);
      const held = CUTTERS[rig.frame.kind].takeUp && rig.tension.setN !== null;
      if ((r.tension.use ?? 0) > 0.8 && held)
        expect(
          r.findings.map((f) => f.code),
          name,
        ).toContain('wire-overstressed');
    }
  });

  it('every range printed in a text has its lower end first, and no figure has ten digits', () => {
    for (const { name, rig, reading } of swept)
      for (const f of toldReading(reading, rig).findings) {
        for (const text of [f.text, ...f.fixes.map((x) => x.text)]) {
          for (const [, a, b] of text.matchAll(/([\d.]+)(?:\s*[^\d\s–]*)?–([\d.]+)/g))
            expect(Number(a), `${name}: ${text}`).toBeLessThanOrEqual(Number(b));
          expect(text, name).not.toMatch(/\d{8,}|NaN|undefined|null|∞|Infinity/);
        }
      }
  });
});

/** The value of a finding that grows as it gets worse, for the codes whose stop may stand beside another's fix. */
const MEASURES: Partial<Record<FindingCode, string>> = {
  'supply-overload': 'load',
  'pulse-peak-overload': 'load',
  'control-overload': 'load',
  'wire-overstressed': 'use',
  'wire-melts': 'wireC',
  'wire-too-hot': 'wireC',
  'touch-voltage': 'volts',
  'lead-overheats': 'amps',
};

function held(
  rig: Rig,
  e: Evaluation,
  finding: FindingFigures,
  all: readonly FindingFigures[],
  patch: Record<string, unknown>,
  worsens: readonly FindingCode[],
) {
  const patched = rigSchema.parse(merge(rig, patch));
  const there = evaluate(patched);
  const after = drafts(there);
  const problems: string[] = [];
  for (const d of after) {
    const was = all.find((f) => f.code === d.code);
    if (d.code === finding.code) problems.push('not removed');
    if (!was && RANK[d.level] <= RANK[finding.level]) problems.push(`brings ${d.code}`);
    if (!was && RANK[d.level] === 1 && !worsens.includes(d.code)) problems.push(`brings ${d.code} in silence`);
    if (was && RANK[d.level] < RANK[was.level]) problems.push(`lifts ${d.code}`);
    const key = MEASURES[d.code];
    if (
      was &&
      key &&
      d.level === 'stop' &&
      (d.values[key] as number) > (was.values[key] as number) * (1 + 1e-9)
    )
      problems.push(`worsens ${d.code}: ${was.values[key]} → ${d.values[key]}`);
    if (!was && (d.code === 'wire-too-cold' || d.code === 'cannot-start')) problems.push('too cold afterwards');
  }
  const mm = patched.wire.lengthMm;
  if (mm > rig.wire.lengthMm && mm > Math.min(4000, 1.5 * Math.max(rig.wire.lengthMm, rig.foam.widthMm + 120)))
    problems.push(`${mm} mm of wire`);
  const feed = there.feed === null ? 0 : there.feed * 1000;
  const heats = Object.keys(patch).some(
    (g) => g === 'control' || g === 'wire' || g === 'cut' || g === 'supply',
  );
  if (handLed(rig) && heats && feed > Math.max(15, (e.feed ?? 0) * 1000) * (1 + 1e-9))
    problems.push(`${feed} mm/s by hand`);
  return problems;
}

describe('fixes', () => {
  it('each removes its finding, makes nothing worse, and is worth doing; the gentlest first, three at most', () => {
    for (const { name, rig, reading, evaluation } of swept)
      for (const f of reading.findings) {
        expect(f.fixes.length, `${name} ${f.code}`).toBeLessThanOrEqual(3);
        const kinds = f.fixes.map((x) => kindOfPatch(x.patch));
        expect(kinds, `${name} ${f.code}`).toEqual([...kinds].sort((a, b) => a - b));
        for (const fix of f.fixes)
          expect(
            held(rig, evaluation, f, reading.findings, fix.patch, fix.worsens ?? []),
            `${name} ${f.code} ${JSON.stringify(fix.patch)}`,
          ).toEqual([]);
      }
  });
});
