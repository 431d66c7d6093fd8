/**
 * Makes src/db/workshop.json: the invented workshop with a season of cuts, simulated with a fixed seed from
 * what the model itself claims (a hidden tuning for each foam and wire, grades and timings with the model's own
 * spread). Run by `node scripts/makeWorkshop.mjs`; its output is committed.
 */
import { eventSchema } from '@/core/documents/event';
import { keptMachineSchema } from '../src/core/documents/keptMachine';
import { ownJobSchema } from '@/core/documents/job';
import { loggedCutSchema, type LoggedCut, type Seen } from '@/core/documents/log';
import { piecePlanSchema } from '@/core/documents/plan';
import { pullReadingSchema } from '@/core/documents/pull';
import { supplySchema } from '@/core/documents/supply';
import { rigSchema, type Rig, type RigInput } from '@/core/documents/rig';
import { setUp } from '@/core/engine/setup';
import { solve } from '@/core/engine/solve';
import { OperatingPointSolver } from '@/core/engine/states';
import { storedOf } from '@/core/engine/tune';
import { windowOf } from '@/core/engine/window';
import { bladeTipJob, keptMachine, postJob, signLoops, signMachine } from './workshopSign';
import { controls, foams, leads, spools, supplies } from './workshopStock';

let seed = 20260402;
const random = () => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return (seed + 0.5) / 4294967296;
};
const normal = () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
const round = (x: number, step: number) => Number((Math.round(x / step) * step).toPrecision(8));

interface Plan {
  doc: RigInput;
  foam: string | null;
  spool: string | null;
  supply: string | null;
  at: string;
  lnKappa: number;
  psi: number;
  cuts: number;
  widths: number[];
  /** What else happened to it. */
  events?: readonly Record<string, unknown>[];
  /** Pieces planned on it. */
  pieces?: readonly Record<string, unknown>[];
  /** Jobs of this cutter, each with what was made by it. */
  jobs?: readonly { doc: Record<string, unknown>; made: readonly Record<string, unknown>[] }[];
  /** Readings of the pull: day of 2026, newtons, hertz where it was plucked. */
  pulls?: readonly (readonly [string, number, number | null, string])[];
}
const head = { format: 'upwind-rod/rig', version: 1 } as const;
const wireOf = (i: number, lengthMm: number) => ({
  alloy: spools[i]!.alloy,
  diameterMm: spools[i]!.diameterMm,
  lengthMm,
});

const plans: Plan[] = [
  {
    doc: { ...head, name: 'Blade bow', note: 'Root and tip templates live on the nail by the door. Clip marks in red.',
      frame: { kind: 'bow', material: 'wood', throatMm: 260 }, wire: wireOf(0, 1050),
      supply: supplies[2]!.supply, control: { kind: 'volts', setting: 18.5 },
      leads: { areaMm2: 1.31, lengthMm: 3000, contactOhm: 0.01, fuseA: 4, switchA: 10 },
      tension: { kind: 'spring', setN: 57, setWhen: 'cold', springNPerMm: 1.5, springMaxN: 90, travelMm: 22 },
      foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 }, cut: { feedMmS: 2.6 },
      from: { 'foam.densityKgM3': 'measured', 'wire.diameterMm': 'measured', 'supply.volts': 'label', 'supply.maxAmps': 'label', 'tension.springNPerMm': 'measured', 'leads.contactOhm': 'assumed', 'room.airC': 'assumed', 'room.draughtMS': 'assumed' } },
    foam: foams[0]!.name, spool: spools[0]!.name, supply: supplies[2]!.name, at: '2026-10-18T17:40:00Z', lnKappa: 0.16, psi: 0.1, cuts: 16, widths: [520, 640, 640, 640],
    pieces: [
      { name: 'Tapered blade core',
        piece: { spanMm: 640, hand: 'pair', pieces: 3, root: { section: { kind: 'naca', code: '4415' }, chordMm: 180 }, tip: { section: { kind: 'naca', code: '4412' }, chordMm: 120, twistDeg: 6, offsetMm: [22, 0] }, finish: { skinMm: 0.3, leastTailMm: 1.2 }, targetG: 46 },
        blank: { lengthMm: 640, widthMm: 215, heightMm: 60, skinMm: 6, marginMm: 15 }, stock: { lengthMm: 1250, widthMm: 600, thicknessMm: 60, count: 3 }, template: { material: 'laminate', thicknessMm: 1.2, stations: 20, leadInMm: 40, tailMm: 40 }, toleranceMm: 0.5 },
      { name: 'Blade root block',
        piece: { spanMm: 640, pieces: 2, root: { section: { kind: 'half-round', height: 0.4 }, chordMm: 110 }, tip: { section: { kind: 'half-round', height: 0.4 }, chordMm: 90 } },
        method: { kind: 'swing-arm', tipRadiusMm: 220, maxRadiusMm: 500 }, template: { material: 'plywood', thicknessMm: 3, stations: 12, split: 'outline' }, toleranceMm: 1 },
    ],
    pulls: [['2026-09-26T16:00:00Z', 57, null, 'New wire, set by the spring.'], ['2026-09-28T17:10:00Z', 54.8, 95.4, ''], ['2026-10-02T16:45:00Z', 53.6, 94.3, ''], ['2026-10-11T17:20:00Z', 52.6, 93.5, 'Screw not touched.'], ['2026-10-17T16:30:00Z', 57.2, 97.4, 'Set again.'], ['2026-10-18T17:00:00Z', 56.5, 96.9, '']],
    events: [
      { kind: 'hang', at: '2026-09-26T15:40:00Z', alloy: spools[0]!.alloy, diameterMm: spools[0]!.diameterMm, lengthMm: 1050, note: 'The old one had a kink by the clip.' },
      { kind: 'heat', at: '2026-09-26T16:20:00Z', voltsAt: 'clips', by: 'typed', cause: 'as-drawn', corrected: [], note: '', steps: [{ setting: 4.6, amps: 0.66, volts: 4.57 }, { setting: 9.3, amps: 1.33, volts: 9.2 }, { setting: 14, amps: 1.98, volts: 13.9 }, { setting: 18.5, amps: 2.57, volts: 18.4 }] },
      { kind: 'hot', at: '2026-10-02T10:15:00Z', until: '2026-10-02T10:52:00Z', note: '' },
      { kind: 'change', at: '2026-10-11T17:05:00Z', note: '', changes: [{ path: 'control.setting', from: 18, to: 18.5 }] },
      { kind: 'hot', at: '2026-10-12T07:20:00Z', until: '2026-10-12T08:04:00Z', note: '' },
      { kind: 'remark', at: '2026-10-18T17:40:00Z', note: 'Six tips left to cut. Trailing edges want a card under the template.' },
    ],
  },
  {
    doc: { ...head, name: 'Panel table', note: 'Fence square to the wire; a card under the left foot.',
      frame: { kind: 'table', material: 'wood', reachMm: 700 }, wire: { ...wireOf(1, 420), lie: 'vertical' },
      supply: supplies[1]!.supply, control: { kind: 'pwm', setting: 0.5, frequencyHz: 1000, ratedAmps: 8 },
      leads: { areaMm2: 0.82, lengthMm: 1600, contactOhm: 0.02, fuseA: 3.15, switchA: 6 },
      tension: { kind: 'weight', setN: 20 },
      foam: { kind: 'eps', densityKgM3: 20, widthMm: 300 }, cut: { feedMmS: null },
      from: { 'foam.densityKgM3': 'measured', 'supply.volts': 'label', 'supply.maxAmps': 'label', 'leads.contactOhm': 'assumed' } },
    foam: foams[1]!.name, spool: spools[1]!.name, supply: supplies[1]!.name, at: '2026-10-05T16:10:00Z', lnKappa: -0.11, psi: -0.05, cuts: 11, widths: [300, 300, 200],
    jobs: [
      { doc: { kind: 'strips', name: 'Cold-frame rails', boardMm: [1200, 600, 100], widthMm: 60 },
        made: [{ at: '2026-09-28T15:20:00Z', count: 9, measuredMm: 60.3, change: 'Feather board before the wire.' }] },
      { doc: { kind: 'disc', name: 'Drain rings', outerMm: 240, innerMm: 120, thickMm: 100 },
        made: [{ at: '2026-10-04T11:05:00Z', count: 4, measuredMm: 239.6, change: '' }] },
    ],
  },
  {
    doc: { ...head, name: 'Pad slicer', note: 'Pads 40 mm: spacers from the tin marked pads.',
      frame: { kind: 'slicer', material: 'metal-insulated' }, wire: wireOf(0, 760),
      supply: supplies[2]!.supply, control: { kind: 'amps', setting: 2.9 },
      leads: { areaMm2: 1.31, lengthMm: 2400, contactOhm: 0.01, fuseA: 4, switchA: 10 },
      tension: { kind: 'spring', setN: 45, springNPerMm: 1.5, springMaxN: 90 },
      foam: { kind: 'epp', densityKgM3: 30, widthMm: 500 }, cut: { feedMmS: null },
      from: { 'foam.densityKgM3': 'label', 'supply.volts': 'label', 'supply.maxAmps': 'label' } },
    foam: foams[2]!.name, spool: spools[0]!.name, supply: supplies[2]!.name, at: '2026-09-21T09:30:00Z', lnKappa: 0.22, psi: 0.0, cuts: 8, widths: [500],
    jobs: [
      { doc: { kind: 'sheets', name: 'Pads, 40 mm', blockMm: [600, 500, 210], sheetMm: 40, by: { kind: 'spacers' }, supportsMm: 680, toleranceMm: 0.5 },
        made: [{ at: '2026-09-20T10:10:00Z', count: 10, measuredMm: 40.2, change: 'Left spacer one card more.' }] },
    ],
  },
  {
    doc: { ...head, name: 'Sign towers', note: 'Gate sign, letters in three passes.',
      frame: { kind: 'gantry', material: 'metal-insulated' }, wire: wireOf(3, 1200),
      supply: supplies[4]!.supply, control: { kind: 'scale', setting: 0.59, ratedAmps: 8 },
      leads: { areaMm2: 1.31, lengthMm: 4000, contactOhm: 0.02, fuseA: 4, switchA: 10 },
      tension: { kind: 'spring', setN: 50, springNPerMm: 0.9, springMaxN: 80 },
      foam: { kind: 'eps', densityKgM3: 15, widthMm: 600 }, cut: { feedMmS: null },
      from: { 'foam.densityKgM3': 'measured', 'supply.volts': 'label' } },
    foam: foams[3]!.name, spool: spools[3]!.name, supply: supplies[4]!.name, at: '2026-08-12T18:20:00Z', lnKappa: -0.2, psi: 0.2, cuts: 5, widths: [600],
    jobs: [
      { doc: { kind: 'outline', name: 'Gate sign', loops: signLoops, blockMm: [400, 600, 230], marginMm: 12, toleranceMm: 0.6, machine: signMachine },
        made: [{ at: '2026-08-14T09:40:00Z', count: 4, measuredMm: 96.4, wantedMm: 96, change: 'Weights nearer the front face: the block slid as the wire came in.' }] },
      { doc: bladeTipJob, made: [] },
      { doc: postJob, made: [] },
      { doc: { kind: 'comb', name: 'Test comb, five feeds', blockMm: [120, 600, 230], marginMm: 12, machine: signMachine }, made: [] },
    ],
  },
  {
    doc: { ...head, name: 'Evening bow', note: 'For the school visit: no dial, only the length.',
      frame: { kind: 'bow', material: 'plastic' }, wire: wireOf(3, 1500),
      supply: supplies[0]!.supply, control: { kind: 'none' },
      tension: { kind: 'flex', setN: 40, frameNPerMm: 1.1 },
      foam: { kind: 'eps', densityKgM3: 20, widthMm: 900 }, cut: { feedMmS: null },
      leads: { switchA: 6 }, from: { 'foam.densityKgM3': 'measured', 'tension.setN': 'assumed', 'leads.areaMm2': 'assumed', 'leads.lengthMm': 'assumed', 'leads.contactOhm': 'assumed' } },
    foam: foams[1]!.name, spool: spools[3]!.name, supply: supplies[0]!.name, at: '2026-10-20T19:05:00Z', lnKappa: 0, psi: 0, cuts: 0, widths: [],
  },
  {
    doc: { ...head, name: 'Short offcut trimmer', note: 'Wrong on purpose: a strong brick on far too short a wire.',
      frame: { kind: 'table', material: 'wood' }, wire: { ...wireOf(2, 380), lie: 'vertical' },
      supply: supplies[1]!.supply, control: { kind: 'none' },
      tension: { kind: 'fixed', setN: 30 },
      foam: { kind: 'eps', densityKgM3: 20, widthMm: 220 }, cut: { feedMmS: null },
      from: { 'foam.densityKgM3': 'measured' } },
    foam: foams[1]!.name, spool: spools[2]!.name, supply: supplies[1]!.name, at: '2026-06-02T20:15:00Z', lnKappa: 0, psi: 0, cuts: 0, widths: [],
  },
  {
    doc: { ...head, name: 'Channel loop', note: 'For cable channels in the sign boards.',
      frame: { kind: 'hand-tool', material: 'wood' }, wire: { alloy: 'ss-304', diameterMm: 0.8, lengthMm: 130 },
      supply: supplies[2]!.supply, control: { kind: 'amps', setting: 4.6 },
      leads: { areaMm2: 4, lengthMm: 1200, contactOhm: 0.01, fuseA: 6.3, switchA: 10 },
      tension: { kind: 'fixed' },
      foam: { kind: 'eps', densityKgM3: 20, widthMm: 50 }, cut: { feedMmS: null },
      from: { 'foam.densityKgM3': 'measured', 'supply.volts': 'label', 'supply.maxAmps': 'label' } },
    foam: foams[1]!.name, spool: null, supply: supplies[2]!.name, at: '2026-05-16T14:00:00Z', lnKappa: -0.05, psi: 0, cuts: 4, widths: [50],
    jobs: [
      { doc: { kind: 'groove', name: 'Cable channel', shape: 'rectangle', widthMm: 20, depthMm: 15, lengthMm: 900 },
        made: [{ at: '2026-05-15T16:30:00Z', count: 6, measuredMm: 20.4, change: '' }] },
    ],
  },
]; // prettier-ignore

function season(plan: Plan, rig: Rig): LoggedCut[] {
  const out: LoggedCut[] = [];
  const start = Date.parse('2026-04-06T17:00:00Z');
  const end = Date.parse(plan.at);
  for (let i = 0; i < plan.cuts; i++) {
    const widthMm = plan.widths[i % plan.widths.length]!;
    const now = rig.control.setting!;
    const steps = [0.86, 1.14, 1.0, 0.94, 1.06, 1.0, 1.0, 0.97];
    const setting = round(now * steps[i % steps.length]!, rig.control.kind === 'amps' || now < 2 ? 0.01 : 0.1);
    const s = setUp({ ...rig, control: { ...rig.control, setting }, foam: { ...rig.foam, widthMm } });
    const w = windowOf(new OperatingPointSolver(s));
    const fastest = w.fastest!.feed * 1000 * Math.exp(-plan.lnKappa);
    const slowest = w.slowest! * 1000 * Math.exp(plan.psi - plan.lnKappa);
    const at =
      new Date(start + ((end - start) * (i + 0.2 + 0.6 * random())) / plan.cuts).toISOString().slice(0, 16) +
      ':00Z';
    const amps = random() < 0.6 ? round(w.fastest!.amps * Math.exp(0.02 * normal()), 0.01) : null;
    const limit = i === 1 || i % 7 === 4;
    if (limit) {
      const seen = fastest * Math.exp(0.13 * normal());
      const seconds = round(50 / seen - storedOf(s) * (0.6 + 0.8 * random()), 0.1);
      out.push(
        cut({
          at,
          setting,
          amps,
          widthMm,
          depthMm: 50,
          seconds: Math.max(1, seconds),
          limit: true,
          grade: null,
          seen: random() < 0.4 ? ['drag-lines'] : [],
          note: i === 1 ? 'Pushed until it began to bow.' : '',
        }),
      );
      continue;
    }
    const feed =
      Math.sqrt(fastest * Math.max(slowest, 0.15 * fastest)) * Math.exp(0.55 * (random() - 0.45) * 2);
    const cold = Math.log(feed / fastest) + 0.3 * normal() > 0;
    const hot = Math.log(slowest / feed) + 0.3 * normal() > 0;
    const grade = cold ? 'too-cold' : hot ? 'too-hot' : 'good';
    const depthMm = [50, 50, 100][i % 3]!;
    const marks: Record<typeof grade, Seen[]> = {
      'too-cold': ['drag-lines', 'hairs'],
      'too-hot': ['gloss', 'grooves'],
      good: ['hairs'],
    };
    out.push(
      cut({
        at,
        setting,
        amps,
        widthMm,
        depthMm,
        seconds: round(depthMm / feed, 0.1),
        kerfMm: i % 3 === 2 ? slotSeen(s, feed, plan.lnKappa, i) : null,
        ...(grade === 'too-hot' || i % 8 === 6
          ? { sanded: { where: i % 2 ? 'both-edges' : 'all-over', minutes: 3 + (i % 5) } }
          : {}),
        limit: false,
        grade,
        seen: marks[grade].slice(0, 1 + Math.floor(random() * 2)),
        note: '',
      }),
    );
  }
  return out;
}
/** A kerf as gauged: the model's at the hidden tuning, a tenth of scatter that needs no random number of its own. */
function slotSeen(s: ReturnType<typeof setUp>, feed: number, lnKappa: number, i: number): number | null {
  const tuned = setUp({ ...s.rig, foam: { ...s.rig.foam, tuning: Math.exp(lnKappa) } });
  const at = new OperatingPointSolver(tuned).atFeed(feed / 1000);
  return at && at.width > s.diameter ? round(at.width * 1000 * (1 + 0.1 * Math.sin(3 * i)), 0.05) : null;
}
const cut = (c: object) => loggedCutSchema.parse(c);

/** The whole workshop as it is committed. */
export function makeWorkshop(): unknown {
  const rigs = plans.map((plan) => {
    const doc = rigSchema.parse(plan.doc);
    const r = solve(doc);
    console.error(
      `${doc.name}: ${r.idle?.wireC?.toFixed(0)} °C, ${r.cutting?.amps?.toFixed(2)} A, ${r.cutting?.slowestFeedMmS?.toFixed(2)}–${r.cutting?.fastestFeedMmS?.toFixed(2)} mm/s, load ${r.supply.load?.toFixed(2)}: ${r.findings.map((f) => `${f.level} ${f.code} ${f.fixes.length}`).join(', ')}`,
    );
    return {
      doc,
      foam: plan.foam,
      spool: plan.spool,
      supply: plan.supply,
      at: plan.at,
      cuts: season(plan, doc),
      events: (plan.events ?? []).map((e) => eventSchema.parse(e)),
      plans: (plan.pieces ?? []).map((p) =>
        piecePlanSchema.parse({ format: 'upwind-rod/plan', version: 1, ...p }),
      ),
      jobs: (plan.jobs ?? []).map(({ doc: job, made }) => ({
        doc: ownJobSchema.parse({ format: 'upwind-rod/job', version: 1, ...job }),
        made,
      })),
      pulls: (plan.pulls ?? []).map(([at, newtons, hertz, note]) =>
        pullReadingSchema.parse({
          at,
          newtons,
          when: 'cold',
          way: hertz === null ? 'stretch' : 'pitch',
          hertz,
          note,
        }),
      ),
    };
  });
  const power = supplies.map((s) => ({ ...s, supply: supplySchema.parse(s.supply) }));
  return {
    stock: { foams, spools, supplies: power, controls, leads },
    machines: [keptMachineSchema.parse(keptMachine)],
    rigs,
  };
}
