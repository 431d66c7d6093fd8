import { describe, expect, it } from 'vitest';
import { FOAMS, type FoamId } from '../catalog/foams';
import { FOAM_ANSWERS, FOAM_ASKS } from '../words/foamPath';
import { FOAM_QUESTIONS, foamStep, type FoamAnswers, type FoamQuestion } from './foamPath';

/** Every way through the questions. */
function* ways(a: FoamAnswers = {}): Generator<{ a: FoamAnswers; kind: FoamId }> {
  const step = foamStep(a);
  if ('kind' in step) yield { a, kind: step.kind };
  else for (const answer of FOAM_QUESTIONS[step.ask]) yield* ways({ ...a, [step.ask]: answer });
}

describe('what a foam is', () => {
  const all = [...ways()];
  it('every way ends, within seven questions', () => {
    expect(all.length).toBeGreaterThan(20);
    for (const { a } of all) expect(Object.keys(a).length).toBeLessThanOrEqual(7);
  });
  it('each kind that can be told is reached', () => {
    const kinds = new Set(all.map((w) => w.kind));
    for (const kind of [
      'eps',
      'xps',
      'epp',
      'epe',
      'eva',
      'starch',
      'pvc',
      'pur',
      'phenolic',
      'paper-faced',
      'unknown',
    ] as const)
      expect(kinds, kind).toContain(kind);
  });
  it('what is dangerous is never talked round: powder, facing, a chlorine mark, a stiff board are refused', () => {
    for (const { a, kind } of all) {
      const bad =
        a.mark === 'pvc' ||
        a.mark === 'pu' ||
        a.mark === 'phenolic' ||
        a.faces === 'faced' ||
        a.crumbs === 'powder' ||
        a.crumbs === 'brittle' ||
        a.bend === 'stiff';
      if (bad) expect(FOAMS[kind].verdict, JSON.stringify(a)).toBe('refuse');
    }
  });
  it('a white board of beads that snaps is bead polystyrene; a blue one without is extruded; a springy black one polypropylene', () => {
    const plain = { mark: 'none', faces: 'bare', water: 'keeps', crumbs: 'no' } as const;
    expect(foamStep({ ...plain, beads: 'yes', bend: 'snaps' })).toEqual({ kind: 'eps', because: 'bend' });
    expect(foamStep({ ...plain, beads: 'no', bend: 'snaps' })).toEqual({ kind: 'xps', because: 'bend' });
    expect(foamStep({ ...plain, beads: 'yes', bend: 'springs' })).toEqual({ kind: 'epp', because: 'bend' });
    expect(foamStep({ mark: 'ps', faces: 'bare', beads: 'no' })).toEqual({ kind: 'xps', because: 'beads' });
  });
  it('every question and answer has its words', () => {
    for (const q of Object.keys(FOAM_QUESTIONS) as FoamQuestion[]) {
      expect(FOAM_ASKS[q].length).toBeGreaterThan(10);
      for (const answer of FOAM_QUESTIONS[q])
        expect((FOAM_ANSWERS[q] as Record<string, string>)[answer]!.length).toBeGreaterThan(1);
    }
  });
});
