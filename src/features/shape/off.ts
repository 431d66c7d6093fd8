import type { Role } from '@/core/units/profile';

/** A deviation with its sign, mm, to a hundredth: no forecast claims more. `typed` writes a number without rounding it again. */
export function offText(mm: number | null, typed: (v: number, role: Role) => string): string {
  if (mm === null) return '–';
  if (Math.abs(mm) < 0.01) return `under ${typed(0.01, 'slot')}`;
  return `${mm > 0 ? '+' : '−'}${typed(Math.round(Math.abs(mm) * 100) / 100, 'slot')}`;
}
