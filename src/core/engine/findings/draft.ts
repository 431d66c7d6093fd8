import type { FindingCode, Level, Values } from '../../documents/reading';
import type { Evaluation } from '../evaluation';

/** A partial rig document that, merged, is meant to remove a finding. */
export type Patch = Readonly<Record<string, unknown>>;

/** A finding before its words, with the patches worth trying; each is worked out only when it is asked for. */
export interface Draft {
  readonly code: FindingCode;
  readonly level: Level;
  readonly values: Values;
  readonly tries?: () => Iterable<Patch | null>;
  /** How many proven fixes it is given where there is more than one way out (default 1). */
  readonly most?: number;
}

/** One room of findings: what is wrong with an evaluated rig. */
export type Finder = (e: Evaluation) => readonly (Draft | null)[];

/** Rounds to `digits` significant figures, down or up, so that a setting on a dial has figures a hand can set. */
export function tidy(x: number, digits: number, way: 'down' | 'up' | 'near'): number {
  if (!(x > 0)) return x;
  const step = 10 ** (Math.floor(Math.log10(x)) - digits + 1);
  const n = x / step;
  const whole = way === 'down' ? Math.floor(n + 1e-9) : way === 'up' ? Math.ceil(n - 1e-9) : Math.round(n);
  return Number((whole * step).toPrecision(digits + 2));
}
