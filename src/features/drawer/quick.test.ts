import { describe, expect, it } from 'vitest';
import { readQuick } from './quick';
import { HELD_BACK, LINES, type Wanted } from './quickLines';

function near(got: unknown, want: unknown, path: string): void {
  if (typeof want === 'object' && want !== null) {
    for (const [k, v] of Object.entries(want)) near((got as Record<string, unknown>)?.[k], v, `${path}.${k}`);
  } else if (typeof want === 'number') {
    expect(typeof got, path).toBe('number');
    expect(Math.abs((got as number) / want - 1), `${path}: ${got as number}, wanted ${want}`).toBeLessThan(
      0.01,
    );
  } else expect(got, path).toBe(want);
}

function check(line: string, want: Wanted): void {
  const read = readQuick(line);
  if (want[0] === 'is') {
    expect(read, line).toMatchObject({ ok: true, kind: want[1] });
    if (read.ok) near(read.item, want[2], line);
  } else {
    expect(read.ok, `${line} is not guessed`).toBe(false);
    if (read.ok) return;
    if (want[0] === 'wants') expect(read.wants, line).toContain(want[1]);
    else
      for (const name of want.slice(1))
        expect(read.choices?.map((c) => c.name.toLowerCase()).join(' | '), line).toContain(name.toLowerCase());
  }
}

describe('a line of what somebody has', () => {
  it.each(LINES)('%s', (line, want) => check(line, want));
});

describe('lines kept from the rules', () => {
  it.each(HELD_BACK)('%s', (line, want) => check(line, want));
});

it('there are a hundred and twenty of them, half held back, none twice', () => {
  expect(LINES).toHaveLength(60);
  expect(HELD_BACK).toHaveLength(60);
  expect(new Set([...LINES, ...HELD_BACK].map(([line]) => line.toLowerCase())).size).toBe(120);
});
