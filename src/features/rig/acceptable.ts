import type { FindingCode } from '@/core/documents/reading';
import { ACCEPTABLE_CODES, type AcceptableCode } from '@/core/documents/rig';

/** Whether a finding is about the catalogue's limits of the wire alone, which its owner may have tried beyond. */
export const acceptable = (code: FindingCode): code is AcceptableCode =>
  (ACCEPTABLE_CODES as readonly string[]).includes(code);
