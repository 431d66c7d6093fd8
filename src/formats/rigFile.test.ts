import { describe, expect, it } from 'vitest';
import { testRig } from '@/core/engine/testRigs';
import { parseRigText, readRigFile, RIG_FILE_MOST } from './rigFile';

describe('a rig file', () => {
  it('comes back as it went out', () => {
    const rig = testRig({ name: 'Ω bow', note: 'two\nlines' });
    expect(parseRigText(JSON.stringify(rig))).toEqual({ ok: true, doc: rig });
  });
  it.each([
    ['{ "format": ', 'json'],
    ['[]', 'type object'],
    ['null', 'type object'],
  ])('%s is refused', (text, rule) => {
    const read = parseRigText(text);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.faults[0]!.rule).toBe(rule);
  });
  it('a huge one is refused before it is read', async () => {
    const read = await readRigFile({ size: RIG_FILE_MOST + 1, text: () => Promise.reject(new Error('read')) });
    expect(!read.ok && read.faults[0]!.rule).toBe('size');
  });
});
