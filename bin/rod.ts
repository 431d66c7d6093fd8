import fs from 'node:fs';
import { runVerb, VERBS, type Verb } from '@/core/edge/verbs';

/** What a call printed and how it ended: 0 done, 1 no such verb or file, 2 a refused document. */
export interface Outcome {
  readonly text: string;
  readonly code: 0 | 1 | 2;
}

const fault = (path: string, rule: string, message: string) =>
  JSON.stringify({ error: { path, rule, message } });

/** The command line: `rod VERB FILE`, or `-` for standard input. */
export function rod(args: readonly string[], read: (file: string) => string): Outcome {
  const [verb, file] = args;
  if (!VERBS.includes(verb as Verb))
    return { text: fault('(verb)', 'verb', `must be one of: ${VERBS.join(', ')}`), code: 1 };
  if (file === undefined)
    return { text: fault('(file)', 'file', 'a file is wanted, or - for standard input'), code: 1 };
  let text: string;
  try {
    text = read(file);
  } catch {
    return { text: fault('(file)', 'file', `cannot be read: ${file}`), code: 1 };
  }
  let doc: unknown;
  try {
    doc = JSON.parse(text);
  } catch {
    return { text: fault('(file)', 'json', 'is not JSON'), code: 1 };
  }
  const answer = runVerb(verb as Verb, doc);
  if (answer.ok) return { text: JSON.stringify(answer.output), code: 0 };
  return { text: answer.faults.map((f) => fault(f.path, f.rule, f.message)).join('\n'), code: 2 };
}

/** Runs it on this process: prints, and leaves the exit code. */
export function main(args: readonly string[]): void {
  const outcome = rod(args, (file) => fs.readFileSync(file === '-' ? 0 : file, 'utf8'));
  process.stdout.write(`${outcome.text}\n`);
  process.exitCode = outcome.code;
}
