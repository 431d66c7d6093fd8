import type { MotionCode, MotionFindingFigures } from '../../documents/motion';
import type { CodeFault } from './program';

type Level = MotionFindingFigures['level'];
type Values = MotionFindingFigures['values'];

/** Findings gathered line by line: one for each code and key, with its worst values, its first line, and on how many lines. */
export class Found {
  private readonly all = new Map<string, MotionFindingFigures & { readonly worst: number }>();
  add(code: MotionCode, level: Level, line: number | null, values: Values = {}, worst = 0, key = ''): void {
    const id = code + key;
    const was = this.all.get(id);
    if (!was) this.all.set(id, { code, level, line, count: 1, values, worst });
    else {
      const more = worst > was.worst;
      this.all.set(id, {
        ...was,
        count: was.count + 1,
        values: more ? values : was.values,
        worst: Math.max(worst, was.worst),
      });
    }
  }
  list(): MotionFindingFigures[] {
    const rank: Record<Level, number> = { stop: 0, fix: 1, note: 2 };
    return [...this.all.values()]
      .map(({ worst: _, ...f }) => f)
      .sort((a, b) => rank[a.level] - rank[b.level] || (a.line ?? 0) - (b.line ?? 0));
  }
}

/** Faults of lines as findings: they stop the program, or are only told where they were left out on purpose. */
export function ofFaults(found: Found, faults: readonly CodeFault[], unknown: 'refuse' | 'ignore'): void {
  for (const f of faults) {
    const level = unknown === 'ignore' && f.code === 'unknown-word' ? 'note' : 'stop';
    found.add(f.code, level, f.line, { word: f.word });
  }
}
