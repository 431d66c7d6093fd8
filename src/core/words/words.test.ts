import { describe, expect, it } from 'vitest';
import { evaluate } from '../engine/evaluate';
import { solve } from '../engine/solve';
import { testRig } from '../engine/testRigs';
import { PROFILES } from '../units/profile';
import type { AdviceReason } from '../documents/adviceReasons';
import { adviceWords } from './advice';
import { controlSettingText } from './control';
import { findingWords } from './findings';
import { fixWords } from './fixes';
import { GLOSSARY } from './glossary';
import { sayIn, typedIn } from './say';
import { why } from './why';
import { WHY_TOPICS } from './whyTopics';

const RIGS = [
  testRig(),
  testRig({ cut: { feedMmS: 9 } }),
  testRig({ control: { setting: 2 } }),
  testRig({ foam: { kind: 'pvc' } }),
  testRig({ foam: { widthMm: 1300, heightMm: 200 }, frame: { kind: 'bow', material: 'metal', throatMm: 150 } }),
  testRig({
    supply: { kind: 'brick', volts: 15, maxAmps: 5 },
    control: { kind: 'none', setting: null },
    wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 380 },
    foam: { widthMm: 220 },
  }),
  testRig({
    supply: {
      kind: 'battery',
      volts: 18,
      maxAmps: 20,
      battery: { chemistry: 'lithium-polymer', cells: 5, ampHours: 0.4 },
    },
    control: { kind: 'pwm', setting: 0.4, frequencyHz: 1 },
  }),
];
const METRIC_UNITS = /\d\s?(mm|N|°C|kg\/m³|mm\/s)\b/;

describe.each(PROFILES)('words in %s units', (profile) => {
  const say = sayIn(profile);

  it('every finding has a head and a sentence, with no hole in it', () => {
    for (const rig of RIGS) {
      for (const f of solve(rig).findings) {
        const { head, text } = findingWords(f.code, f.values, say);
        expect(head, f.code).toMatch(/^[A-Z].{4,40}$/);
        expect(text, f.code).not.toMatch(/undefined|NaN|null|\[object/);
        if (profile === 'inch') expect(text.replace(/40 mm of packing/, ''), f.code).not.toMatch(METRIC_UNITS);
        for (const fix of f.fixes) expect(fixWords(fix, rig, say), f.code).toMatch(/^[A-Z]/);
      }
    }
  });

  it('every "why" gives its relation, its numbers and a source, on any rig', () => {
    for (const rig of RIGS) {
      for (const topic of WHY_TOPICS) {
        const told = why(topic, evaluate(rig), say);
        expect(told.relation.length, topic).toBeGreaterThan(30);
        expect(told.source.length, topic).toBeGreaterThan(8);
        expect(told.numbers.length, topic).toBeGreaterThan(0);
        for (const [name, value] of told.numbers)
          expect(`${name} ${value}`, topic).not.toMatch(/undefined|NaN/);
      }
    }
  });
});

describe('advice and settings', () => {
  const say = sayIn('metric');
  it('says the setting, the feed and the reason', () => {
    const reasons: AdviceReason[] = [
      'first',
      'hotter',
      'cooler',
      'hold',
      'feed',
      'slower',
      'too-cold',
      'no-figures',
    ];
    for (const reason of reasons) {
      const text = adviceWords(reason, 'volts', 18.9, 2.6, say);
      expect(text).toContain('18.9');
      expect(text.split('. ').length).toBeGreaterThan(1);
    }
    expect(adviceWords('feed', 'none', null, 2.6, say)).toMatch(/^Leave the power as it is/);
  });
  it('shows a setting in its own unit', () => {
    expect(controlSettingText('pwm', 0.5, say)).toBe('50\u00a0%');
    expect(controlSettingText('phase', 90, say)).toBe('90.0°');
    expect(controlSettingText('none', null, say)).toBe('as it is');
  });
  it('a typed value stands as typed, a computed one has three figures', () => {
    expect(typedIn('metric')(1050.25, 'wireLength')).toBe('1050.25\u00a0mm');
    expect(say(1050.25, 'wireLength')).toBe('1050\u00a0mm');
    expect(say(null, 'volts')).toBe('not known');
  });
});

describe('the glossary', () => {
  it('explains each word in a sentence, and none twice', () => {
    const entries = Object.values(GLOSSARY);
    for (const [name, what] of entries) expect(what, name).toMatch(/^[A-Z].{20,}\.$/);
    expect(new Set(entries.map(([name]) => name)).size).toBe(entries.length);
  });
});
