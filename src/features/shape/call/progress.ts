/** Where a call was left, kept in the browser so that a reload loses no station. */
export interface Progress {
  readonly rehearsal: boolean;
  readonly pass: number;
  readonly place: number;
  readonly rate: number;
  readonly led: number;
  readonly planned: number;
}

const number = (x: unknown): x is number => typeof x === 'number' && Number.isFinite(x) && x >= 0;

/** What was kept under a key; null where nothing was, or nothing that makes sense. */
export function kept(key: string): Progress | null {
  try {
    const p = JSON.parse(localStorage.getItem(key) ?? 'null') as Progress | null;
    const whole =
      p && typeof p.rehearsal === 'boolean' && [p.pass, p.place, p.rate, p.led, p.planned].every(number);
    return whole ? p : null;
  } catch {
    return null;
  }
}

export function keep(key: string, p: Progress | null): void {
  try {
    if (p) localStorage.setItem(key, JSON.stringify(p));
    else localStorage.removeItem(key);
  } catch {
    // A browser that keeps nothing: a reload then begins the pass anew.
  }
}
