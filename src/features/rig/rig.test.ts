import { spoolOn } from './spoolOn.view';
import { describe, expect, it } from 'vitest';
import { loggedCutSchema, type LoggedCut } from '@/core/documents/log';
import { FRAME_KINDS } from '@/core/documents/rig';
import { solve } from '@/core/engine/solve';
import { testRig } from '@/core/engine/testRigs';
import { sayIn, typedIn } from '@/core/words/say';
import { differences } from './Conflict';
import { dialOf } from './Dial';
import { labelPlace, markOf, marksOf } from './marks';
import { stageAnswer, OWN_STAGES } from './stageList';

const rig = testRig({ supply: { volts: 32, maxAmps: 6 } });
const record = (cut: Partial<LoggedCut>) => ({
  id: 'x',
  rigId: 'r',
  demo: false,
  rig,
  cut: loggedCutSchema.parse({
    at: '2026-05-02T18:10:00Z',
    setting: 18.5,
    widthMm: 630,
    depthMm: 50,
    seconds: 12.5,
    ...cut,
  }),
});

describe('marks on the chart', () => {
  it('each cut has the mark of its grade, a limit cut its own', () => {
    expect(markOf(record({ grade: 'good' }).cut)).toBe('good');
    expect(markOf(record({ grade: 'good', limit: true }).cut)).toBe('limit');
    expect(markOf(record({}).cut)).toBe('plain');
  });
  it('stands at its setting and feed; a limit cut at its steady feed', () => {
    expect(marksOf([record({ grade: 'good' })], 'setting')).toEqual([{ x: 18.5, feedMmS: 4, mark: 'good' }]);
    expect(marksOf([record({ limit: true })], 'setting')[0]!.feedMmS).toBeLessThan(4);
  });
  it('along amps only metered cuts can be shown', () => {
    expect(marksOf([record({ grade: 'good' })], 'amps')).toEqual([]);
    expect(marksOf([record({ grade: 'good', amps: 2.5 })], 'amps')[0]!.x).toBe(2.5);
  });
  it('the label of the feed lies beside its point, and over no mark of a cut nor outside the chart', () => {
    const box = { left: 40, right: 400, top: 10, bottom: 130 };
    const beside = { x: 214, y: 85, textAnchor: 'start' };
    expect(labelPlace(200, 80, box, [])).toEqual(beside);
    expect(labelPlace(200, 80, box, [{ x: 190, y: 80 }])).toEqual(beside);
    expect(labelPlace(200, 80, box, [{ x: 260, y: 78 }])).toEqual({ x: 186, y: 85, textAnchor: 'end' });
    const both = [
      { x: 260, y: 78 },
      { x: 150, y: 80 },
    ];
    expect(labelPlace(200, 80, box, both)).toEqual({ x: 214, y: 105, textAnchor: 'start' });
    expect(labelPlace(200, 120, box, [...both, { x: 260, y: 120 }, { x: 150, y: 120 }]).y).toBe(99);
    expect(labelPlace(395, 80, box, []).textAnchor).toBe('end');
  });
});

describe('the dial', () => {
  it('runs to what the supply or the wire allows', () => {
    expect(dialOf(rig)).toEqual({ min: 0, max: 32, step: 0.1 });
    expect(dialOf(testRig({ control: { kind: 'none', setting: null } }))).toBeNull();
    expect(
      dialOf(testRig({ supply: { volts: 32, maxAmps: 6 }, control: { kind: 'buck', setting: 12 } }))!.max,
    ).toBe(31);
    expect(dialOf(testRig({ control: { kind: 'clip', setting: 500 } }))!.max).toBe(1050);
    expect(
      dialOf(testRig({ control: { kind: 'volts', setting: 10, steps: 5 }, supply: { volts: 32 } }))!.step,
    ).toBe(8);
  });
});

describe('stages', () => {
  it('each says its present answer in a line', () => {
    for (const kind of FRAME_KINDS) {
      const r = testRig({ frame: { kind } });
      const reading = solve(r);
      for (const stage of OWN_STAGES) {
        const answer = stageAnswer(stage, r, reading, 0, sayIn('metric'), typedIn('metric'));
        expect(answer.length, stage).toBeGreaterThan(3);
        expect(answer).not.toMatch(/undefined|NaN/);
      }
    }
    expect(stageAnswer('try', rig, solve(rig), 1, sayIn('metric'), typedIn('metric'))).toBe('1 cut logged');
  });
});

describe('a conflict', () => {
  it('names each value that differs, both ways, and no other', () => {
    const theirs = { ...rig, name: 'Theirs', foam: { ...rig.foam, heightMm: 80 } };
    expect(differences(rig, theirs)).toEqual([
      { path: 'name', mine: '', theirs: 'Theirs' },
      { path: 'foam.heightMm', mine: '–', theirs: '80' },
    ]);
    expect(differences(rig, rig)).toEqual([]);
  });
});

describe('a spool on a rig', () => {
  const spool = { id: 's', name: 'a', alloy: 'nicr-80', diameterMm: 0.4, strands: 1, metres: 9 } as const;
  const more = { pricePerM: null, note: '', demo: false };
  it('gives its wire, by the catalogue', () => {
    expect(spoolOn({ ...spool, ...more, ohmPerM: null }, 900)).toEqual({
      wire: { alloy: 'nicr-80', diameterMm: 0.4, strands: 1, measuredOhm: null },
    });
  });
  it('and its measured ohms by the length that is hung, marked as measured', () => {
    expect(spoolOn({ ...spool, ...more, ohmPerM: 8.6 }, 900)).toEqual({
      wire: { alloy: 'nicr-80', diameterMm: 0.4, strands: 1, measuredOhm: 7.74 },
      from: { 'wire.measuredOhm': 'measured' },
    });
  });
});
