import type { z } from 'zod';

/** One fault of a refused document: where, which rule, and in words. */
export interface DocumentFault {
  readonly path: string;
  readonly rule: string;
  readonly message: string;
}

/** Path as a reader writes it: `wire.diameterMm`, `[0].foam.kind`; the whole document is `(document)`. */
export function pathText(path: readonly PropertyKey[]): string {
  let text = '';
  for (const key of path) text += typeof key === 'number' ? `[${key}]` : text ? `.${String(key)}` : String(key);
  return text || '(document)';
}

/** Every fault of a failed parse, in the order Zod gives them; `prefix` stands before each path. */
export function faultsOf(error: z.ZodError, prefix: readonly PropertyKey[] = []): DocumentFault[] {
  return error.issues.flatMap((issue) => {
    const at = pathText([...prefix, ...issue.path]);
    if (issue.code === 'unrecognized_keys')
      return issue.keys.map((key) => ({
        path: pathText([...prefix, ...issue.path, key]),
        rule: 'unknown-key',
        message: 'is not a key of this document',
      }));
    return [{ path: at, rule: ruleOf(issue), message: wordsOf(issue) }];
  });
}

type Issue = z.core.$ZodIssue;

function ruleOf(issue: Issue): string {
  if (issue.code === 'too_small') return `${issue.inclusive === false ? '>' : '>='} ${issue.minimum}`;
  if (issue.code === 'too_big') return `${issue.inclusive === false ? '<' : '<='} ${issue.maximum}`;
  if (issue.code === 'invalid_value') return `one of ${issue.values.map(String).join(', ')}`;
  if (issue.code === 'invalid_type') return `type ${issue.expected}`;
  return issue.code;
}

/** The rule of an issue in words, as it stands after the field's name. */
export function wordsOf(issue: Issue): string {
  if (issue.code === 'too_small')
    return `must be ${issue.inclusive === false ? 'over' : 'at least'} ${issue.minimum}`;
  if (issue.code === 'too_big')
    return `must be ${issue.inclusive === false ? 'under' : 'at most'} ${issue.maximum}`;
  if (issue.code === 'invalid_value') return `must be one of: ${issue.values.map(String).join(', ')}`;
  if (issue.code === 'invalid_type') return `must be a ${issue.expected}`;
  return issue.message;
}
