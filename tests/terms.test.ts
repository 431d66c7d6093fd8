import fs from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** A term that is left out, what stands in its place, and the uses that are something else. */
const LEFT_OUT: readonly (readonly [RegExp, string, RegExp?])[] = [
  [/\bslots?\b/i, 'kerf', /spar slot|slot that the wire melts|Side of slot|A slot of|Leave the slot|wide as the kerf/i],
  [/\b(fastest|slowest)\b/i, 'max feed, min clean feed'],
  [/\bin hand\b/i, 'margin'],
  [/\bled at\b/i, 'feed, feed ratio'],
  [/\bcool ends?\b/i, 'unheated end'],
  [/\b(ready|cool) in\b/i, 'warm-up time, cool-down time'],
  [/\b(opens at|good for about)\b|^good for$|^rate$/i, 'preload, max load, spring rate'],
  [/\bcopper\b/i, 'lead cross-section', /copper-nickel|of copper wire|\d copper|copper \d/i],
  [/\bclip to clamp\b/i, 'heated length'],
  [/\b(It trails|may be off by|: off by)\b/i, 'wire lag, deviation, tolerance'],
  [/\b(tip swept by|tip raised by|tail up|tip thicker)\b/i, 'sweep, dihedral, washout, thickness'],
  [/\bnose\b/i, 'leading edge'],
  [/\btails?\b/i, 'trailing edge, lead-out', /head to tail/],
  [/\bway of the (root|tip)\b/i, 'path length'],
  [/^(most|least) (amps|volts|wire|tail)/i, 'max, min'],
  [/^(volts|amps|ohms)$/i, 'voltage, current, resistance'],
  [/\bput(s|ting)? away\b/i, 'archive'],
  [/\bbring (it |them |cuts )?(in|back)\b|\bbrought in\b/i, 'import, restore'],
  [/^take (it )?out\b/i, 'delete'],
  [/\btrying again\b|\bpiece saved\b/i, 'Saved, Saving, Not saved, retrying'],
  [/^(lay )?side by side\b/i, 'compare', /^side by side$/],
  [/^words\b/i, 'glossary'],
  [/\bfind it$/i, 'find setting', /not known: find it/],
  [/^double\b/i, 'duplicate'],
  [/\b(set|log|enter|how hard is) the pull\b|\b(cold|hot) pull\b|\bpull, (cold|hot)\b/i, 'tension'],
]; // prettier-ignore

const root = path.resolve('src');
const FOLDERS = /^(core\/words|features|ui|app|formats\/(print|wiring))\//;
/** Lines as makers type them, which the drawer must understand whatever they say. */
const TYPED_BY_MAKERS = /quickLines|features\/logbook\/guess/;

interface Shown {
  readonly file: string;
  readonly line: number;
  readonly text: string;
}

/** Texts that somebody may read: strings with a space or a capital, the parts of templates, what stands between tags. */
function shownIn(file: string, source: string): Shown[] {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const out: Shown[] = [];
  const visit = (node: ts.Node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    const parts =
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node) ||
      ts.isJsxText(node);
    const text = parts ? node.text.replace(/\s+/g, ' ').trim() : '';
    if (/\S \S|^[A-Z]/.test(text) || (text && ts.isJsxText(node)))
      out.push({ file, line: tree.getLineAndCharacterOfPosition(node.getStart()).line + 1, text });
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return out;
}

const wrongIn = (shown: readonly Shown[]) =>
  shown.flatMap(({ file, line, text }) =>
    LEFT_OUT.filter(([term, , not]) => term.test(text) && !not?.test(text)).map(
      ([, instead]) => `${file}:${line}: “${text.slice(0, 80)}” → ${instead}`,
    ),
  );

describe('one language', () => {
  const files = fs
    .readdirSync(root, { recursive: true, encoding: 'utf8' })
    .map((f) => f.split(path.sep).join('/'))
    .filter((f) => FOLDERS.test(f) && /\.tsx?$/.test(f) && !/\.test\./.test(f) && !TYPED_BY_MAKERS.test(f));
  const shown = files.flatMap((f) => shownIn(f, fs.readFileSync(path.join(root, f), 'utf8')));

  it('no screen, print or text of a document uses a term that is left out', () => {
    expect(shown.length).toBeGreaterThan(3000);
    expect(wrongIn(shown)).toEqual([]);
  });

  it('would see planted ones, and lets the rest be', () => {
    const at = (source: string) => wrongIn(shownIn('a.tsx', source)).length;
    expect(at('const a = <p>The slot is wide</p>;')).toBe(1);
    expect(at('const a = `over the fastest feed of ${x}`;')).toBe(1);
    expect(at("const a = { label: 'Most amps' };")).toBe(1);
    expect(at('const a = <button>Put away</button>;')).toBe(1);
    expect(at("const slot = view['slot'];")).toBe(0);
    expect(at("const a = 'A spar slot narrower than the kerf';")).toBe(0);
  });
});
