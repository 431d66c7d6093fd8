import { describe, expect, it } from 'vitest';
import { FINDING_CODES, type FindingFigures } from '../documents/reading';
import { FRAME_KINDS } from '../documents/rig';
import { evaluate } from '../engine/evaluate';
import { solve } from '../engine/solve';
import { sweptRig } from '../engine/sweepRigs';
import { testRig } from '../engine/testRigs';
import { wiringPlan } from '../engine/wiringPlan';
import { PROFILES, type Profile } from '../units/profile';
import { findingWords } from './findings';
import { fixWords } from './fixes';
import { procedure } from './procedures';
import { endChecks } from './endChecks';
import { WAYS_FOR } from './ways';
import { sayIn } from './say';
import { toldReading } from './told';
import { why } from './why';
import { WHY_OF, WHY_TOPICS } from './whyTopics';
import { wiringLines } from './wiring';

/** What no text may hold: a hole, a figure that nobody wrote, a code word, a sentence begun twice. */
const HOLE = /undefined|NaN|null|Infinity|\[object|\$\{|\d{9,}|\.\.(?!\.)|\s{2,}|\b(\w+ )\1\1/;
/** Units that the inch profile never shows. */
const METRIC_UNITS = /\d\s?(mm|mm\/s|N|MPa|°C|kg\/m³|g)(?![\w/²])/;

const swept = Array.from({ length: 400 }, (_, i) => sweptRig(7000 + i)).map((rig) => ({
  rig,
  reading: solve(rig),
}));

/** One finding of every code that the sweep gives, with its rig. */
const byCode = new Map<string, { rig: (typeof swept)[number]['rig']; f: FindingFigures }>();
for (const { rig, reading } of swept)
  for (const f of reading.findings) if (!byCode.has(f.code)) byCode.set(f.code, { rig, f });

describe('texts filled with the numbers of real rigs', () => {
  it('the sweep gives most of the findings there are', () => {
    expect(byCode.size).toBeGreaterThan(0.6 * FINDING_CODES.length);
  });

  it.each(PROFILES)('a finding has a head, a sentence with a stop, and no hole: %s', (profile) => {
    const say = sayIn(profile);
    for (const [code, { f }] of byCode) {
      const { head, text } = findingWords(f.code, f.values, say);
      expect(head.length, code).toBeGreaterThan(4);
      expect(head, code).not.toMatch(/\.$/);
      expect(text, code).toMatch(/[.?]$/);
      expect(`${head} ${text}`, code).not.toMatch(HOLE);
      if (profile === 'inch') expect(text, code).not.toMatch(METRIC_UNITS);
    }
  });

  it.each(PROFILES)('a fix says what to do as an order: %s', (profile) => {
    const say = sayIn(profile);
    let fixes = 0;
    for (const { rig, reading } of swept)
      for (const f of reading.findings)
        for (const fix of f.fixes) {
          const text = fixWords(fix, rig, say);
          fixes++;
          expect(text, f.code).toMatch(/^[A-Z]/);
          expect(text, f.code).not.toMatch(HOLE);
        }
    expect(fixes).toBeGreaterThan(200);
  });

  it('the document’s texts are those of the metric profile, and nothing else of it is changed', () => {
    const say = sayIn('metric');
    for (const { rig, reading } of swept.slice(0, 100)) {
      const told = toldReading(reading, rig);
      const { findings, ...rest } = told;
      expect(rest).toEqual((({ findings: _, ...r }) => r)(reading));
      findings.forEach((f, i) => {
        expect(f.text).toBe(findingWords(f.code, reading.findings[i]!.values, say).text);
        expect(f.fixes.map((x) => x.patch)).toEqual(reading.findings[i]!.fixes.map((x) => x.patch));
      });
    }
  });
});

describe('why', () => {
  it.each(PROFILES)(
    'every topic has its relation, numbers without a hole, and a source, on 60 rigs: %s',
    (profile) => {
      const say = sayIn(profile);
      for (const { rig } of swept.slice(0, 60)) {
        const e = evaluate(rig);
        for (const topic of WHY_TOPICS) {
          const told = why(topic, e, say);
          expect(told.title, topic).toMatch(/^[A-Z]/);
          expect(told.source.length, topic).toBeGreaterThan(3);
          for (const [name, value] of told.numbers)
            expect(`${name}: ${value}`, `${topic}, ${rig.name}`).not.toMatch(HOLE);
        }
      }
    },
  );

  it('every finding leads to a topic that exists', () => {
    for (const code of FINDING_CODES) expect(WHY_TOPICS, code).toContain(WHY_OF[code]);
  });
});

describe('steps, checks and lists', () => {
  const kinds = FRAME_KINDS.map((kind) => testRig({ frame: { kind } }));

  it('setting the tension: each way that suits a take-up has its steps, in every profile', () => {
    for (const [kind, ways] of Object.entries(WAYS_FOR))
      for (const way of ways)
        for (const profile of PROFILES) {
          const rig = testRig({
            tension: { kind, setN: 40, springNPerMm: 1.2, springMaxN: 90, frameNPerMm: 2 } as never,
          });
          const steps = procedure(way, evaluate(rig), null, sayIn(profile));
          expect(steps.length, `${kind} ${way}`).toBeGreaterThan(1);
          for (const step of steps) expect(JSON.stringify(step), `${kind} ${way}`).not.toMatch(/undefined|NaN/);
        }
  });

  it('the ends of the wire are checked on every cutter, each check once', () => {
    for (const rig of kinds) {
      const checks = endChecks(rig, sayIn('metric'));
      expect(checks.length, rig.frame.kind).toBeGreaterThan(1);
      expect(new Set(checks.map((c) => c.id)).size, rig.frame.kind).toBe(checks.length);
      for (const c of checks) expect(c.text, rig.frame.kind).toMatch(/[.:;]$|[a-z)]$/);
    }
  });

  it('a wiring list names every part once, from the supply to the wire, on every supply and control', () => {
    for (const { rig, reading } of swept.slice(0, 150)) {
      const lines = wiringLines(wiringPlan(evaluate(rig)), sayIn('metric'));
      expect(lines.length, rig.name).toBeGreaterThan(3);
      for (const line of lines) expect(JSON.stringify(line), rig.name).not.toMatch(/undefined|NaN/);
      expect(reading.findings).toBeDefined();
    }
  });
});

describe('digits', () => {
  it('no text of the inch profile has more than four figures after another', () => {
    const say = sayIn('inch' satisfies Profile);
    for (const [code, { f }] of byCode) {
      const { text } = findingWords(f.code, f.values, say);
      for (const [figure] of text.matchAll(/\d+\.\d+/g))
        expect(figure.replace(/^0\.0*|\./g, '').length, `${code}: ${text}`).toBeLessThanOrEqual(4);
    }
  });
});
