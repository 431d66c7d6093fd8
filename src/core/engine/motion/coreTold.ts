import type { CoreDeviations, Deviation } from '../../documents/motion';
import { between, type Pt } from '../../numeric/polyline';
import type { Allowed, ProfileDeviation } from '../template/forecast';

/** The largest deviations that a forecast has, mm. */
export function worstOf(forecast: readonly (readonly ProfileDeviation[])[]): CoreDeviations {
  const of = (where: 'root' | 'middle' | 'tip') => {
    let worst = { offMm: 0, station: 0, pass: 0 };
    forecast.forEach((list, pass) => {
      for (const f of list)
        if (Math.abs(f[where]) > Math.abs(worst.offMm)) worst = { offMm: f[where], station: f.at, pass };
    });
    return worst;
  };
  return { root: of('root'), middle: of('middle'), tip: of('tip') };
}

/** A deviation that is less is not told, mm; so many are. */
const TELL_MM = 0.02;
const MOST_TOLD = 12;

/** The largest deviations of faces and middle, one from station to station. */
export function told(
  forecast: readonly (readonly ProfileDeviation[])[],
  allowed: readonly Allowed[],
  place: (p: Pt) => Pt,
): Deviation[] {
  const best = new Map<string, Deviation>();
  forecast.forEach((list, pass) => {
    for (const f of list)
      for (const where of ['root', 'middle', 'tip'] as const) {
        const offMm = f[where];
        const key = `${pass} ${where} ${Math.floor(f.at)}`;
        if (Math.abs(offMm) < Math.max(TELL_MM, Math.abs(best.get(key)?.offMm ?? 0))) continue;
        const p = where === 'middle' ? between(f.rootAt, f.tipAt, 0.5) : where === 'root' ? f.rootAt : f.tipAt;
        const [x, y] = place(p);
        const why = where === 'middle' ? (Math.abs(f.lag) > Math.abs(f.bulge) ? 'lag' : 'taper') : 'slow';
        const given = where === 'middle' ? 0 : allowed[pass]!({ root: f.rootAt, tip: f.tipAt })[where];
        const values: Deviation['values'] =
          why === 'slow'
            ? { allowedMm: given, kerfMm: given - 2 * offMm }
            : { station: f.at, lagMm: f.lag, bulgeMm: f.bulge };
        best.set(key, { at: [x, y], loop: pass, offMm, why, values });
      }
  });
  return [...best.values()].sort((a, b) => Math.abs(b.offMm) - Math.abs(a.offMm)).slice(0, MOST_TOLD);
}
