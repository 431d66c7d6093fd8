import { describe, expect, it } from 'vitest';
import { Heap } from './heap';

describe('a heap', () => {
  it('gives back what was put in, smallest first, as sorting does', () => {
    let s = 7;
    const r = () => (s = (s * 48271) % 2147483647) / 2147483647;
    for (let run = 0; run < 20; run++) {
      const keys = Array.from({ length: Math.floor(60 * r()) }, () => Math.floor(20 * r()));
      const heap = new Heap<number>();
      keys.forEach((k) => heap.push(k, k));
      expect(heap.size).toBe(keys.length);
      const out: number[] = [];
      for (let next = heap.pop(); next; next = heap.pop()) out.push(next.value);
      expect(out).toEqual([...keys].sort((a, b) => a - b));
    }
    const odd = new Heap<string>();
    odd.push(NaN, 'none');
    odd.push(1, 'one');
    expect([odd.pop()!.value, odd.pop()!.value, odd.pop()]).toEqual(['one', 'none', null]);
  });
});
