import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { motionSchema, replayedSchema } from '../../documents/motion';
import { runVerb } from '../../edge/verbs';
import { outlineJob, TOWERS } from './testMotion';

const near = fc.double({ min: -50, max: 300, noNaN: true });
const odd = fc.oneof({ weight: 5, arbitrary: near }, fc.constantFrom(0, 1e-9, 20000, -20000, 120, 120.000001));
const loop = fc.array(fc.tuple(odd, odd), { minLength: 3, maxLength: 12 });
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('rubbish', () => {
  it('any legal outline is answered by a path in order or by a fault that names its field: crossing, flat, tiny, huge', () => {
    let answered = 0;
    const base = outlineJob();
    fc.assert(
      fc.property(
        fc.array(loop, { minLength: 1, maxLength: 6 }),
        fc.tuple(between(1, 2000), between(1, 2000), between(1, 2000)),
        fc.option(fc.tuple(odd, odd), { nil: null }),
        between(0.001, 10),
        between(0.001, 2000),
        fc.constantFrom('G93', 'G94'),
        (loops, blockMm, entry, deltaMm, maxMmS, feed) => {
          const axis = { minMm: -30000, maxMm: 30000, maxMmS };
          const machine = {
            ...base.machine,
            deltaMm,
            axes: { X: axis, Y: axis, U: axis, V: axis },
            code: { ...base.machine.code, feed },
          };
          const answer = runVerb('path', { ...base, loops, blockMm, entry, machine });
          if (!answer.ok) {
            expect(answer.faults[0]!.path).not.toBe('');
            return;
          }
          answered++;
          // The schema takes no NaN and no infinity.
          const parsed = motionSchema.safeParse(answer.output);
          expect(parsed.error?.issues[0]).toBeUndefined();
          const { code } = parsed.data!;
          expect(code).not.toMatch(/NaN|Infinity|\d[eE][-+]?\d/);
          if (code === '') return;
          const again = runVerb('replay', { machine, rig: TOWERS, blockMm, code });
          expect(again.ok && replayedSchema.safeParse(again.output).error?.issues[0]).toBeUndefined();
        },
      ),
      { numRuns: 150, seed: 20261129 },
    );
    expect(answered).toBeGreaterThan(60);
  });
  it('any text is read or refused in words: scrambled code, half lines, numbers without end', () => {
    const word = fc.oneof(
      fc.constantFrom(
        'G0',
        'G1',
        'G4 P1',
        'G20',
        'G93',
        'G94',
        'M3 S500',
        'M5',
        'M0',
        '(',
        ')',
        ';',
        '%',
        'G91',
        '#1=3',
      ),
      fc.tuple(fc.constantFrom('X', 'Y', 'U', 'V', 'Z', 'F', 'S', 'P', 'N'), odd).map(([l, v]) => `${l}${v}`),
      fc.string({ maxLength: 6 }),
    );
    const text = fc
      .array(fc.array(word, { maxLength: 8 }), { maxLength: 40 })
      .map((l) => l.map((w) => w.join(' ')).join('\n'));
    fc.assert(
      fc.property(text, fc.constantFrom('refuse', 'ignore'), (code, unknown) => {
        const answer = runVerb('replay', {
          machine: { format: 'upwind-rod/machine', version: 1 },
          rig: TOWERS,
          blockMm: [240, 400, 160],
          code,
          unknown,
        });
        expect(answer.ok).toBe(true);
        const parsed = replayedSchema.safeParse(answer.ok && answer.output);
        expect(parsed.error?.issues[0]).toBeUndefined();
        for (const f of parsed.data!.findings) expect(f.text).not.toMatch(/undefined|NaN|null/);
      }),
      { numRuns: 200, seed: 20261129 },
    );
  });
});
