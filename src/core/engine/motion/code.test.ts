import { describe, expect, it } from 'vitest';
import { machineSchema, type Machine } from '../../documents/machine';
import { replaySchema } from '../../documents/motion';
import { atFeedOf } from '../template/heat';
import { replayOf } from './replay';
import { motionCut } from './motionCut';
import { feedLength } from './program';
import { homeOf } from './home';
import { readCode } from './read';
import { wordsOf } from './codeWords';
import { outlineJob, TOWERS } from './testMotion';
import { codeNumber, comment, writeCode } from './write';

const machine = (over: Record<string, unknown> = {}): Machine =>
  machineSchema.parse({ format: 'upwind-rod/machine', version: 1, ...over });
const M = machine();
const faults = (code: string, m = M) => readCode(code, m).faults.map((f) => [f.line, f.code, f.word]);

describe('words of a line', () => {
  it('spaces, case, comments and line numbers as RS274/NGC has them', () => {
    expect(wordsOf('n10 g1 x-1.5Y +2. u.5 (V9) f60 ; G0 X0')).toEqual({
      words: [
        ['N', 10],
        ['G', 1],
        ['X', -1.5],
        ['Y', 2],
        ['U', 0.5],
        ['F', 60],
      ],
      rest: '',
      open: false,
    });
    // An exponent is no number of RS274/NGC: its letter is a word of its own.
    expect(wordsOf('G1 X1e400').words).toEqual([
      ['G', 1],
      ['X', 1],
      ['E', 400],
    ]);
    expect(wordsOf('(open').open).toBe(true);
  });
});

describe('motion code, read', () => {
  it('G93 gives each way its seconds: F is one over the minutes (NISTIR 6556, 3.5.19)', () => {
    const { moves, faults: none } = readCode('G21 G90 G93\nG0 X0 Y0 U0 V0\nG1 X30 F3\nG1 X60 F2.5', M);
    expect(none).toEqual([]);
    expect(moves.map((m) => m.askedS)).toEqual([0, 20, 24]);
    // Its F holds for its own line alone.
    expect(faults('G93\nG1 X1 F60\nX2')).toEqual([[3, 'no-feed-word', 'F']]);
  });
  it('G94 by what the machine means, in mm and inches', () => {
    const seconds = (means: string, units = 'mm') =>
      readCode(
        `${units === 'mm' ? 'G21' : 'G20'} G94\nG0 X0 Y0 U0 V0\nG1 X3 Y4 U6 V8 F60`,
        machine({ code: { means } }),
      ).moves[1]!.askedS;
    expect(seconds('xy')).toBeCloseTo(5, 9);
    expect(seconds('xyz')).toBeCloseTo(5, 9);
    expect(seconds('all')).toBeCloseTo(Math.hypot(5, 10), 9);
    // In inches both the way and the speed are 25.4 times as large.
    expect(seconds('all', 'in')).toBeCloseTo(Math.hypot(5, 10), 9);
    expect(readCode('G20 G93\nG1 X1 F60', M).moves[0]!.at[0]).toBeCloseTo(25.4, 9);
    // One end alone moves: its own way, or a speed along nothing would ask for no time.
    expect(feedLength(machine({ code: { means: 'xy' } }), [0, 0, 0, 0], [0, 0, 3, 4])).toBe(5);
    // A speed goes on until the next.
    expect(readCode('G94 G1 X60 F60\nX120', machine({ right: null })).moves.map((m) => m.askedS)).toEqual([
      expect.closeTo(Math.hypot(160, 0), 9),
      60,
    ]);
  });
  it('heat, waits, pauses, the end; what follows the end is not done', () => {
    const { moves } = readCode('M3 S500\nG4 P2\nM0\nM5\nM2\nG1 X5 F1', M);
    expect(moves.map((m) => [m.kind, m.heat, m.askedS])).toEqual([
      ['heat', 0.5, 0],
      ['wait', 0.5, 2],
      ['pause', 0.5, 0],
      ['heat', 0, 0],
    ]);
    expect(readCode('G4 P1500', machine({ code: { dwell: 'ms' } })).moves[0]!.askedS).toBe(1.5);
    expect(homeOf(machine({ zeroMm: [20, 5] }))).toEqual([-120, -55, -120, -55]);
  });
  it('what is not of the set is named with its line, never taken in silence', () => {
    expect(faults('G2 X1 I5\nM8\nT1\n#1=3\nX[1+2]')).toEqual([
      [1, 'unknown-word', 'G2'],
      [1, 'unknown-word', 'I5'],
      [1, 'no-mode', ''],
      [2, 'unknown-word', 'M8'],
      [3, 'unknown-word', 'T1'],
      [4, 'unknown-word', '#1=3'],
      [5, 'unknown-word', 'X[1+2]'],
    ]);
    expect(faults('G91\nG1 G0 X1 F1\nX1')).toEqual([
      [1, 'unknown-word', 'G91'],
      [2, 'twice-on-a-line', 'G0'],
    ]);
    expect(faults('X5')).toEqual([[1, 'no-mode', '']]);
    expect(faults('G1 X1 F0')).toEqual([
      [1, 'bad-number', 'F0'],
      [1, 'no-feed-word', 'F'],
    ]);
    expect(faults('G1 Z1 F1')).toEqual([[1, 'no-such-axis', 'Z1']]);
    expect(faults('G1 X9999999 F1')).toEqual([[1, 'bad-number', 'X9999999']]);
    expect(faults('G1 X1 F1 (never closed')).toEqual([[1, 'open-comment', '(never closed']]);
    expect(faults('G4')).toEqual([[1, 'wait-without-time', 'G4']]);
    expect(faults('G1 X1e400 F1').map(([, code]) => code)).toContain('unknown-word');
    expect(faults('%\nG21\n%')).toEqual([]);
  });
  it('hostile text is refused whole and at once: binary, a million lines', () => {
    expect(readCode('\u0000\u0001\u0002', M)).toMatchObject({ moves: [], faults: [{ code: 'no-text' }] });
    const many = readCode('G1 X1 F1\n'.repeat(1_000_000), M);
    expect(many.moves).toEqual([]);
    expect(many.faults.map((f) => f.code)).toEqual(['too-many-lines']);
    expect(readCode('?\n'.repeat(5000), M).faults.length).toBe(200);
  });
});

describe('motion code, written', () => {
  it('numbers without exponents or trailing noughts; comments keep to their brackets and to plain signs', () => {
    expect(codeNumber(-0.0001, 3)).toBe('0');
    expect(codeNumber(1e-7, 3)).toBe('0');
    expect(codeNumber(12.5, 3)).toBe('12.5');
    expect(codeNumber(100, 3)).toBe('100');
    expect(comment(M, 'a (b)\nc 5\u00a0m² ü')).toBe('(a  b  c 5 m2 ?)');
    expect(comment(machine({ code: { comment: ';' } }), 'x')).toBe('; x');
  });
  it('only words of the set, whatever the machine', () => {
    const { code: text, lineOf } = writeCode(
      M,
      [0, 0, 0, 0],
      [
        { comment: 'head' },
        { kind: 'rapid', at: [-10, 5, -10, 5], askedS: 0, heat: 0 },
        { kind: 'heat', at: [-10, 5, -10, 5], askedS: 0, heat: 1 },
        { kind: 'wait', at: [-10, 5, -10, 5], askedS: 3, heat: 1, note: 'warm-up' },
        { kind: 'feed', at: [0, 5, -10, 5], askedS: 2, heat: 1 },
        { kind: 'heat', at: [0, 5, -10, 5], askedS: 0, heat: 0 },
      ],
    );
    expect(text.split('\n')).toEqual([
      'G21 G90 G93',
      '(head)',
      'G0 X-10 Y5 U-10 V5',
      'M3 S1000',
      'G4 P3 (warm-up)',
      'G1 X0 F30',
      'M5',
      '',
    ]);
    // The line of each thing that was to be written, the head's comment among them.
    expect(lineOf).toEqual([2, 3, 4, 5, 6, 7]);
    expect(faults(text)).toEqual([]);
    const byHand = writeCode(
      machine({ code: { heat: 'none' } }),
      [0, 0, 0, 0],
      [{ kind: 'heat', at: [0, 0, 0, 0], askedS: 0, heat: 1 }],
    );
    expect(byHand.code).toContain('M0 (heat on by hand, then go on)');
  });
});

describe('code from elsewhere, judged', () => {
  const job = outlineJob();
  const quick = { minMm: -100, maxMm: 500, maxMmS: 60 };
  const FAST = machine({ axes: { X: quick, Y: quick, U: quick, V: quick } });
  const judged = (code: string, over: Record<string, unknown> = {}) =>
    replayOf(
      replaySchema.parse({ machine: FAST, rig: TOWERS, blockMm: [240, 400, 160], code, ...over }),
    ).figures.findings.map((f) => [f.code, f.line]);
  const HEAD = 'G21 G90 G93\nG0 X-10 Y80 U-10 V80\nM3 S1000\n';
  const both = (x: number, y: number, f: number) => `G1 X${x} Y${y} U${x} V${y} F${f}\n`;

  it.each([
    ['out-of-travel', 4, HEAD + both(900, 80, 1)],
    ['over-axis-speed', 4, HEAD + both(250, 80, 60)],
    ['feed-too-fast', 4, HEAD + both(250, 80, 10) + 'M5'],
    ['feed-too-slow', 4, HEAD + both(250, 80, 0.005) + 'M5'],
    ['heat-off-in-foam', 3, 'G21 G90 G93\nG0 X-10 Y80 U-10 V80\n' + both(250, 80, 1)],
    ['stands-in-foam', 5, HEAD + both(100, 80, 1) + 'G4 P60\n' + both(250, 80, 1) + 'M5'],
    ['pause-in-foam', 5, HEAD + both(100, 80, 1) + 'M0\n' + both(250, 80, 1) + 'M5'],
    ['rapid-in-foam', 4, HEAD + 'G0 X250 U250\nM5'],
    ['ends-in-foam', 4, HEAD + both(100, 80, 1)],
    ['heat-left-on', 4, HEAD + both(250, 80, 1)],
    ['wire-through-bed', 4, HEAD + both(100, -5, 1)],
    ['ends-out-of-step', 5, HEAD + both(50, 80, 1) + 'G1 X90 U18 F1\n' + both(250, 80, 1) + 'M5'],
    ['ends-cross', 5, HEAD + both(100, 80, 1) + 'G1 X120 U80 F1\n' + both(250, 80, 1) + 'M5'],
    ['cuts-nothing', null, HEAD + both(-10, 100, 1) + 'M5'],
    ['inches-for-mm', null, 'G21 G90 G93\nG0 X-0.4 Y3.1 U-0.4 V3.1\nM3 S1000\n' + both(9, 3.1, 1) + 'M5'],
    ['mm-for-inches', null, 'G20 G90 G93\nG0 X-10 Y80 U-10 V80\nM3 S1000\n' + both(250, 80, 1) + 'M5'],
  ])('%s is found, with its line', (code, line, text) => {
    expect(judged(text)).toContainEqual([code, line]);
  });
  it('a plain cut through the block has none of them', () => {
    const { advised } = atFeedOf(motionCut(job, job.rig).cut.e)!;
    expect(judged(HEAD + both(250, 80, (60 * advised) / 260) + 'M5')).toEqual([]);
  });
  it('a wire that is in the block before anything moved is told', () => {
    // Home lies at 50, 50 of the block.
    const inside = machine({ zeroMm: [-150, -100] });
    expect(judged('G21 G90 G93\nM3 S1000\n' + both(100, 80, 1), { machine: inside })).toContainEqual([
      'starts-in-block',
      2,
    ]);
  });
  it('words that are left out on purpose are told, and the rest is foretold', () => {
    const code = HEAD + 'M8\n' + both(250, 80, 0.6) + 'M5';
    const of = (unknown: string) =>
      replayOf(
        replaySchema.parse({ machine: job.machine, rig: TOWERS, blockMm: [240, 400, 160], code, unknown }),
      ).figures;
    expect(of('refuse').forecast).toBeNull();
    expect(of('refuse').findings[0]).toMatchObject({ code: 'unknown-word', level: 'stop', line: 4 });
    expect(of('ignore').forecast).not.toBeNull();
    expect(of('ignore').findings.find((f) => f.code === 'unknown-word')).toMatchObject({
      level: 'note',
      line: 4,
    });
  });
  it('100 000 lines are read, played and judged, in time that grows with the lines alone', () => {
    const seconds = (count: number) => {
      const lines = [HEAD.trim()];
      const at = (mid: number, by: number, every: number, i: number) =>
        Number((mid + by * Math.sin(i / every)).toFixed(3));
      for (let i = 0; i < count; i++) lines.push(both(at(120, 90, 800, i), at(80, 60, 1300, i), 600).trim());
      const code = lines.join('\n');
      const replay = replaySchema.parse({ machine: job.machine, rig: TOWERS, blockMm: [240, 400, 160], code });
      const start = performance.now();
      expect(replayOf(replay).figures.lines).toBe(count + 3);
      return performance.now() - start;
    };
    seconds(10_000);
    const few = Math.min(seconds(10_000), seconds(10_000), seconds(10_000));
    // Ten times the lines: a quadratic step anywhere would make it a hundred. 2.2 s on two quiet processors (docs/performance.md).
    expect(Math.min(seconds(100_000), seconds(100_000))).toBeLessThan(40 * few);
  });
});
