import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { LATE } from '../scripts/wasm.mjs';

describe('the budget of the embedded database’s functions', () => {
  const told = (...more: string[]) =>
    execFileSync(process.execPath, [...more, '--v8-options'], { encoding: 'utf8' });
  it('is one that the runtime knows, and more than its own', () => {
    const [name, wanted] = LATE.slice(2).split('=') as [string, string];
    const own = new RegExp(`--${name} [^]*?default: --${name}=(\\d+)`).exec(told())?.[1];
    expect(Number(own)).toBeGreaterThan(0);
    expect(Number(wanted)).toBeGreaterThan(Number(own));
    // One that it does not know would be an error.
    expect(() => told(LATE)).not.toThrow();
    expect(() => told('--wasm-tiering-nothing=1')).toThrow();
  });
});
