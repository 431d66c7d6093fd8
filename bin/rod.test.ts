import { describe, expect, it } from 'vitest';
import { rod } from './rod';

const RIG = {
  format: 'upwind-rod/rig',
  version: 1,
  frame: { kind: 'bow' },
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  control: { kind: 'volts', setting: 18.5 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
};
const run = (verb: string, doc: unknown) =>
  rod([verb, 'x.json'], () => (typeof doc === 'string' ? doc : JSON.stringify(doc)));
const lines = (text: string) =>
  text.split('\n').map((l) => JSON.parse(l) as { error: { path: string; rule: string; message: string } });

describe('the command line', () => {
  it('solves one document, or an array', () => {
    expect(run('solve', RIG).code).toBe(0);
    expect(JSON.parse(run('solve', [RIG, RIG]).text)).toHaveLength(2);
    expect(JSON.parse(run('tune', { rig: RIG, cuts: [] }).text).format).toBe('upwind-rod/advice');
    const { supply: _s, control: _c, ...bare } = RIG;
    expect(JSON.parse(run('need', { ...bare, cut: { feedMmS: 3 } }).text).amps).toBeGreaterThan(1);
  });
  it('matches a drawer, and refuses one with the path of what is wrong', () => {
    const drawer = {
      format: 'upwind-rod/drawer',
      version: 1,
      wires: [{ name: 'w', wire: { alloy: 'nicr-80', diameterMm: 0.455 }, metres: 5 }],
      supplies: [{ name: 's', supply: RIG.supply, controls: [{ kind: 'amps' }] }],
      lengthsMm: [760, 1050],
      job: { frame: RIG.frame, foam: RIG.foam, cut: { feedMmS: 2.6 } },
    };
    const done = JSON.parse(run('match', drawer).text) as { pairs: { control: object }[]; refused: object[] };
    expect(done.pairs.length + done.refused.length).toBe(2);
    expect(done.pairs[0]!.control).toMatchObject({ kind: 'amps' });
    const bad = run('match', { ...drawer, supplies: [{ ...drawer.supplies[0], controls: [] }] });
    expect(bad.code).toBe(2);
    expect(lines(bad.text)[0]!.error.path).toBe('supplies[0].controls');
  });
  it('gives the templates of a plan, and refuses one by the path or the field that is wrong', () => {
    const end = { section: { kind: 'naca', code: '2412' }, chordMm: 150 };
    const plan = { format: 'upwind-rod/plan', version: 1, rig: RIG, piece: { spanMm: 640, root: end, tip: { ...end, chordMm: 110 } } }; // prettier-ignore
    const done = JSON.parse(run('template', plan).text) as { ends: unknown[]; timeS: number };
    expect(done.ends).toHaveLength(4);
    expect(done.timeS).toBeGreaterThan(30);
    const bad = run('template', {
      ...plan,
      piece: { ...plan.piece, tip: { ...end, section: { kind: 'naca', code: '24' } } },
    });
    expect(bad.code).toBe(2);
    expect(lines(bad.text)[0]!.error).toMatchObject({ path: 'piece.tip.section.code' });
    const thick = run('template', [plan, { ...plan, piece: { ...plan.piece, finish: { skinMm: 40 } } }]);
    expect(thick.code).toBe(2);
    expect(lines(thick.text)[0]!.error.path).toBe('[1].growMm');
    const crooked = run('template', {
      ...plan,
      piece: { ...plan.piece, root: { ...end, section: { kind: 'naca', code: '26012' } } },
    });
    expect(lines(crooked.text)[0]!.error.message).toContain('five-digit');
  });
  it('gives the worksheet of a job, and refuses one of another cutter or of sizes that contradict each other', () => {
    const rig = { ...RIG, frame: { kind: 'table' } };
    const job = {
      format: 'upwind-rod/job',
      version: 1,
      kind: 'disc',
      outerMm: 120,
      innerMm: 60,
      thickMm: 50,
      rig,
    };
    const done = JSON.parse(run('job', job).text) as {
      kind: string;
      values: { pinMm: number; kerfMm: number };
    };
    expect(done.kind).toBe('disc');
    expect(done.values.pinMm).toBeCloseTo(60 + done.values.kerfMm / 2, 9);
    const bad = run('job', [job, { ...job, innerMm: 130 }]);
    expect(bad.code).toBe(2);
    expect(lines(bad.text)[0]!.error).toMatchObject({
      path: '[1].innerMm',
      message: 'must be less than outerMm',
    });
    expect(lines(run('job', { ...job, rig: RIG }).text)[0]!.error.path).toBe('kind');
  });
  it('a rig with a stop is still an answer', () => {
    const r = run('solve', { ...RIG, foam: { ...RIG.foam, kind: 'pvc' } });
    expect(r.code).toBe(0);
    expect(r.text).toContain('foam-refused');
  });
  it('a refused document: a line for each fault and nothing else, exit 2', () => {
    const r = run('solve', [RIG, { ...RIG, foam: { kind: 'xps' }, extra: 1 }]);
    expect(r.code).toBe(2);
    expect(lines(r.text).map((l) => l.error.path)).toEqual(
      expect.arrayContaining(['[1].foam.densityKgM3', '[1].foam.widthMm', '[1].extra']),
    );
  });
  it('an unknown verb, no file, or one that cannot be read: one line, exit 1', () => {
    expect(run('sing', RIG)).toMatchObject({ code: 1 });
    expect(rod(['solve'], () => '')).toMatchObject({ code: 1 });
    const gone = rod(['solve', 'gone.json'], () => {
      throw new Error('ENOENT');
    });
    expect(gone.code).toBe(1);
    expect(lines(gone.text)).toHaveLength(1);
    expect(run('solve', '{"a":')).toMatchObject({ code: 1 });
  });
});
