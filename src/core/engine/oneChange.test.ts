import { describe, expect, it } from 'vitest';
import { loggedCutSchema } from '../documents/log';
import { changedSince } from './oneChange';
import { testRig } from './testRigs';

const rig = testRig({ control: { kind: 'volts', setting: 12 }, tension: { setN: 40 } });
const cut = loggedCutSchema.parse({ at: '2026-05-02T10:00:00Z', setting: 12, widthMm: rig.foam.widthMm });
const last = { rig, cut };
const same = { setting: 12, widthMm: rig.foam.widthMm };

describe('what changed since the last cut', () => {
  it('nothing, and what is finer than a dial, is nothing', () => {
    expect(changedSince(last, rig, same)).toEqual([]);
    expect(changedSince(last, rig, { ...same, setting: 12.04 })).toEqual([]);
  });
  it('the setting alone is one thing', () => {
    expect(changedSince(last, rig, { ...same, setting: 13 })).toEqual([
      { what: 'setting', from: 12, to: 13, role: null },
    ]);
  });
  it('setting, pull and width are three', () => {
    const now = { ...rig, tension: { ...rig.tension, setN: 55 } };
    expect(changedSince(last, now, { setting: 10, widthMm: 99 }).map((a) => a.what)).toEqual([
      'width',
      'setting',
      'pull',
    ]);
  });
  it('a pull that was not known is not compared; another control is one change, not its setting too', () => {
    const unknown = { ...last, rig: { ...rig, tension: { ...rig.tension, setN: null } } };
    expect(changedSince(unknown, rig, same)).toEqual([]);
    const amps = testRig({ control: { kind: 'amps', setting: 2 }, tension: { setN: 40 } });
    expect(changedSince(last, amps, { ...same, setting: 2 }).map((a) => a.what)).toEqual(['control']);
  });
});
