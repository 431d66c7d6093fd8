import fs from 'node:fs';
import ts from 'typescript';

/** A place where formatting is done by hand, and whether what stands there is a table of data. */
export interface ByHand {
  readonly file: string;
  readonly line: number;
  readonly table: boolean;
}

const MARK = /[ \t]*(?:\/\/ prettier-ignore|\{?\/\* prettier-ignore \*\/\}?)/g;
/** Fewer values than this are no table. */
const LEAST = 6;

export const byHand = (file: string): ByHand[] => byHandIn(file, fs.readFileSync(file, 'utf8'));

/** Every such place of a text. The mark stands before what it keeps, on a line of its own, or after it. */
export function byHandIn(file: string, text: string): ByHand[] {
  if (!text.includes('prettier-ignore')) return [];
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, kind);
  return [...text.matchAll(MARK)].flatMap((m): ByHand[] => {
    const [start, end] = [m.index, m.index + m[0].length];
    if (/['"`/]/.test(text[start - 1] ?? '') || /[\w'"`\\|)]/.test(text[end] ?? '')) return [];
    const alone = /^\s*$/.test(text.slice(text.lastIndexOf('\n', start) + 1, start));
    const node = widest(source, (n) =>
      alone
        ? n.getStart() >= end && /^\s*$/.test(text.slice(end, n.getStart()))
        : n.getEnd() <= start && /^[\s,;)]*$/.test(text.slice(n.getEnd(), start)),
    );
    return [{ file, line: text.slice(0, start).split('\n').length, table: node !== null && isTable(node) }];
  });
}

function widest(source: ts.SourceFile, fits: (n: ts.Node) => boolean): ts.Node | null {
  let best: ts.Node | null = null;
  const visit = (n: ts.Node): void => {
    if (n !== source && fits(n) && (!best || n.getWidth() > best.getWidth())) best = n;
    n.forEachChild(visit);
  };
  visit(source);
  return best;
}

/** Whether a statement or a value is made of tables: lists, objects, sets of literals, and names of such. */
function isTable(node: ts.Node): boolean {
  const tables: ts.Node[] = [];
  const visit = (n: ts.Node, depth: number): void => {
    if (ts.isVariableDeclaration(n) || ts.isPropertyAssignment(n)) {
      if (n.initializer) tables.push(n.initializer);
    } else if (holds(n)) tables.push(n);
    else if (depth < 4) n.forEachChild((c) => visit(c, depth + 1));
  };
  visit(node, 0);
  return tables.length > 0 && tables.every((t) => holds(bare(t)) && isData(t)) && tables.some(isLarge);
}

const bare = (n: ts.Node): ts.Node =>
  ts.isAsExpression(n) || ts.isSatisfiesExpression(n) ? bare(n.expression) : n;
const holds = (n: ts.Node): boolean =>
  ts.isArrayLiteralExpression(n) ||
  ts.isObjectLiteralExpression(n) ||
  ts.isNewExpression(n) ||
  ts.isCallExpression(n) ||
  ts.isAsExpression(n);

function isData(n: ts.Node): boolean {
  if (ts.isArrowFunction(n) || ts.isFunctionExpression(n)) return false;
  if (ts.isConditionalExpression(n) || ts.isJsxElement(n) || ts.isJsxSelfClosingElement(n)) return false;
  let data = true;
  n.forEachChild((c) => void (data &&= isData(c)));
  return data;
}

function isLarge(n: ts.Node): boolean {
  let count = 0;
  const visit = (c: ts.Node): void => {
    if (ts.isStringLiteral(c) || ts.isNumericLiteral(c)) count++;
    c.forEachChild(visit);
  };
  visit(n);
  return count >= LEAST;
}
