import type { Advice, AdviceFigures } from '../documents/advice';
import type { Match, MatchFigures } from '../documents/match';
import type { Need, NeedFigures } from '../documents/need';
import type { Finding, FindingFigures, Reading, ReadingFigures } from '../documents/reading';
import type { Rig } from '../documents/rig';
import type { TemplatesDocument, TemplatesFigures } from '../documents/templates';
import { adviceWords } from './advice';
import { findingWords } from './findings';
import { fixWords } from './fixes';
import { refusalText } from './match';
import { planFindingWords } from './plan';
import { METRIC_SAY as say } from './say';

/** Documents as they leave the program: what was worked out, with its texts in metric units. */
export function toldReading(r: ReadingFigures, rig: Rig): Reading {
  const findings = r.findings.map((f) => ({ ...toldFinding(f), fixes: toldFixes(f, rig) }));
  return { ...r, findings };
}

function toldFinding({ code, level, values }: Omit<FindingFigures, 'fixes'>) {
  return { code, level, text: findingWords(code, values, say).text, values };
}

const toldFixes = (f: FindingFigures, rig: Rig): Finding['fixes'] =>
  f.fixes.map((fix) => ({ text: fixWords(fix, rig, say), ...fix }));

export function toldNeed(n: NeedFigures): Need {
  return { ...n, findings: n.findings.map(toldFinding) };
}

export function toldMatch(m: MatchFigures): Match {
  return {
    ...m,
    pairs: m.pairs.map((p) => ({ ...p, reading: p.reading && toldReading(p.reading, p.rig) })),
    refused: m.refused.map((r) => ({ ...r, text: refusalText(r.code, r.values, say) })),
  };
}

export function toldTemplates(t: TemplatesFigures): TemplatesDocument {
  const findings = t.findings.map((f) => ({ ...f, text: planFindingWords(f.code, f.values, say).text }));
  return { ...t, findings };
}

export function toldAdvice({ next, finding, ...rest }: AdviceFigures, rig: Rig): Advice {
  return {
    ...rest,
    next: next && {
      ...next,
      text: adviceWords(next.why, rig.control.kind, next.setting, next.feedMmS, say),
    },
    ...(finding && { finding: toldFinding(finding) }),
  };
}
