import vm from 'node:vm';
import { describe, expect, it } from 'vitest';
import { HINT, marked } from '../scripts/hints.mjs';

const HEAD =
  '(globalThis.TURBOPACK||(globalThis.TURBOPACK=[])).push(["object"==typeof document?document.currentScript:void 0,';
const script = (size: number) => `${HEAD}7,(e,t)=>{t.sum=(a,b)=>a+b}, ${JSON.stringify('x'.repeat(size))}]);`;
/** What a script hands over, run twice as two scripts of a page or of a thread are. */
function handed(code: string, document?: object): unknown[][] {
  const page: { TURBOPACK?: unknown[][] } & Record<string, unknown> = document ? { document } : {};
  page['self'] = page;
  vm.createContext(page);
  vm.runInContext(code, page);
  vm.runInContext(code, page);
  return page.TURBOPACK!;
}

describe('the scripts of a build', () => {
  it('are marked where they are large, once, and do what they did', () => {
    const large = marked(script(20_000));
    expect(large.startsWith(HINT)).toBe(true);
    expect(marked(large)).toBe(large);
    expect(large.length).toBeLessThan(script(20_000).length);
    const of = { currentScript: { src: 'a.js' } };
    for (const page of [of, undefined]) {
      const [was, is] = [handed(script(20_000), page), handed(large, page)];
      expect(is).toHaveLength(2);
      expect(is.map((list) => list[0])).toEqual([page?.currentScript, page?.currentScript]);
      expect(JSON.stringify(is)).toBe(JSON.stringify(was));
      expect(String(is[0]![2])).toBe(String(was[0]![2]));
    }
  });
  it('are left without a hint where they are small, and what is no such script as it is', () => {
    expect(marked(script(10))).not.toContain(HINT);
    expect(marked('self.x = 1;')).toBe('self.x = 1;');
  });
});
