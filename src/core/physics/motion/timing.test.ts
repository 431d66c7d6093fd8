import { describe, expect, it } from 'vitest';
import { timeTaken, type AxisLimits } from './timing';

const ends = (n: number) => (i: number) => i === 0 || i === n;
const taken = (
  rows: readonly (readonly number[])[],
  asked: readonly number[],
  axis: AxisLimits,
  delta: number,
  rests = ends(asked.length),
) =>
  timeTaken({
    axes: rows[0]!.map(() => axis),
    at: Float64Array.from(rows.flat()),
    asked: Float64Array.from(asked),
    rests,
    delta,
  });

describe('what the machine makes of a path', () => {
  it('two sides at right angles (MACHINES section 9): 20.0629 s each, 2.4567 mm/s at the corner', () => {
    const t = taken(
      [
        [0, 0],
        [100, 0],
        [100, 100],
      ],
      [20, 20],
      { speed: 1000, accel: 50 },
      0.05,
    );
    expect(t.seconds[0]).toBeCloseTo(20.0629, 4);
    expect(t.seconds[1]).toBeCloseTo(20.0629, 4);
    expect(t.speeds[1]).toBeCloseTo(2.4567, 4);
  });
  it('a straight taper: 20.05 s each, 5.831 mm/s through the node', () => {
    const t = taken(
      [
        [0, 0],
        [100, 60],
        [200, 120],
      ],
      [20, 20],
      { speed: 1000, accel: 50 },
      0.05,
    );
    expect([...t.seconds]).toEqual([expect.closeTo(20.05, 3), expect.closeTo(20.05, 3)]);
    expect(t.speeds[1]).toBeCloseTo(5.831, 3);
  });
  it('short ways that never reach what is asked: 0.2250, 0.2079, 0.2329 s', () => {
    const t = taken(
      [
        [0, 0],
        [1, 0],
        [2, 0],
        [2, 1],
      ],
      [0.2, 0.2, 0.2],
      { speed: 1000, accel: 100 },
      0.02,
    );
    expect([...t.seconds].map((s) => Number(s.toFixed(4)))).toEqual([0.225, 0.2079, 0.2329]);
  });
  it('against stepping through time: no faster than the axes, asked speeds or corners allow, and no slower than need be', () => {
    let s = 4711;
    const r = () => (s = (s * 48271) % 2147483647) / 2147483647;
    for (let run = 0; run < 30; run++) {
      const n = 8;
      const rows = [[0, 0, 0, 0]];
      for (let i = 0; i < n; i++) rows.push(rows[i]!.map((x) => x + 12 * (r() - 0.4)));
      const asked = Array.from({ length: n }, () => 0.3 + 3 * r());
      const axis = { speed: 15, accel: 40 + 60 * r() };
      const t = taken(rows, asked, axis, 0.05);
      for (let i = 0; i < n; i++) {
        const way = rows[i + 1]!.map((x, k) => x - rows[i]![k]!);
        const l = Math.hypot(...way);
        const share = Math.max(...way.map((w) => Math.abs(w) / l));
        const [a, most] = [axis.accel / share, Math.min(l / asked[i]!, axis.speed / share)];
        // Steps of 20 µs: speed up while there is still room to be down to the next node's speed at its end.
        const [dt, to] = [2e-5, t.speeds[i + 1]!];
        let [x, v, time] = [0, t.speeds[i]!, 0];
        while (x < l - 1e-9 && time < 60) {
          const brakes = (v * v - to * to) / (2 * a) >= l - x;
          v = brakes ? Math.max(to, v - a * dt, 1e-3) : Math.min(most, v + a * dt);
          x += v * dt;
          time += dt;
        }
        expect(Math.abs(t.seconds[i]! - time), `run ${run}, way ${i}`).toBeLessThan(0.01);
        expect(t.seconds[i]!).toBeGreaterThanOrEqual(asked[i]! - 1e-9);
        expect(Math.max(t.speeds[i]!, to)).toBeLessThanOrEqual(most + 1e-9);
      }
      expect(t.total).toBeCloseTo(
        [...t.seconds].reduce((sum, x) => sum + x, 0),
        9,
      );
    }
  });
  it('rests where it must; ways of no length take no time and change no corner', () => {
    const axis = { speed: 1000, accel: 50 };
    const through = taken([[0], [10], [20]], [2, 2], axis, 0.05);
    const stopped = taken([[0], [10], [20]], [2, 2], axis, 0.05, () => true);
    expect(through.speeds[1]).toBeCloseTo(5, 9);
    expect(stopped.speeds[1]).toBe(0);
    const twins = taken([[0], [10], [10], [20]], [2, 1, 2], axis, 0.05);
    expect([...twins.seconds]).toEqual([through.seconds[0], 0, through.seconds[1]]);
    const held = taken([[0], [10], [10], [20]], [2, 1, 2], axis, 0.05, (i) => i === 0 || i > 1);
    expect([...held.speeds]).toEqual([0, 0, 0, 0]);
    // Straight back the way it came: the sharpest corner is a stop.
    expect(taken([[0], [10], [0]], [2, 2], axis, 0.05).speeds[1]).toBe(0);
  });
  it('a slow axis sets the pace; times that are no times are refused', () => {
    const axes = [
      { speed: 50, accel: 1e6 },
      { speed: 2, accel: 1e6 },
    ];
    const t = timeTaken({
      axes,
      at: Float64Array.of(0, 0, 30, 10),
      asked: Float64Array.of(1),
      rests: ends(1),
      delta: 0.05,
    });
    expect(t.seconds[0]).toBeCloseTo(5, 3);
    for (const asked of [0, -1, NaN]) expect(() => taken([[0], [1]], [asked], axes[0]!, 0.05)).toThrow(/asked/);
    expect(() => taken([[0], [1], [2]], [1], axes[0]!, 0.05)).toThrow(/at/);
  });
});
