import 'server-only';
import type { DocumentFault } from '@/core/documents/faults';

/** Most bytes a route takes, by what it takes. */
export const SIZES = {
  rig: 256 * 1024,
  plan: 512 * 1024,
  job: 2 * 1024 * 1024,
  drawer: 1024 * 1024,
  log: 16 * 1024 * 1024,
  backup: 400 * 1024 * 1024,
  photo: 3 * 1024 * 1024,
} as const;
/** Faults that are told of one document; how many more there are is said. */
export const MOST_FAULTS = 50;

/** A refusal with a status and faults; routes throw it and `route` answers with it. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly faults: readonly DocumentFault[],
    readonly extra: Readonly<Record<string, unknown>> = {},
  ) {
    super(faults[0]?.message ?? 'refused');
  }
}

/** One fault that concerns the whole request. */
export function refusal(status: number, rule: string, message: string): Refusal {
  return new Refusal(status, [{ path: '(document)', rule, message }]);
}

/** The answer to a refusal: the first fault as `error`, the first fifty as `errors`, and `more` where there are more. */
export function answerFaults(r: Refusal, headers: HeadersInit = {}): Response {
  const errors = r.faults.slice(0, MOST_FAULTS).map((f) => ({ error: f }));
  const left = r.faults.length - errors.length;
  const more = left > 0 ? { more: left } : {};
  return Response.json({ error: r.faults[0], errors, ...more, ...r.extra }, { status: r.status, headers });
}

/** A PDF to be kept under a rig's name. */
export function pdfDownload(pdf: Uint8Array, rig: string, what: string): Response {
  const name = rig.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'rig';
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}.${what}.pdf`,
    },
  });
}
