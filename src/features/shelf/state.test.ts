import { describe, expect, it } from 'vitest';
import { solve } from '@/core/engine/solve';
import { testRig } from '@/core/engine/testRigs';
import { STATE_WORDS, stateOf } from './state';

const reading = solve(testRig());
const found = (...levels: ('stop' | 'fix' | 'note')[]) => ({
  ...reading,
  findings: levels.map((level) => ({ code: 'lag-high' as const, level, values: {}, fixes: [] })),
});

describe('the state of a rig on the shelf', () => {
  it.each([
    [['note', 'stop', 'fix'], 5, true, 'dangerous'],
    [['note', 'fix'], 5, true, 'fix'],
    [['note'], 0, false, 'test'],
    [[], 0, false, 'test'],
    [[], 1, false, 'ready'],
    [[], 0, true, 'ready'],
    [['note'], 3, false, 'ready'],
  ] as const)('findings %j, %i cuts, measured %s: %s', (levels, cuts, measured, want) => {
    expect(stateOf(found(...levels), cuts, measured)).toBe(want);
  });

  it('never calls a rig safe', () => {
    for (const words of Object.values(STATE_WORDS)) expect(words).not.toMatch(/safe/i);
  });
});
