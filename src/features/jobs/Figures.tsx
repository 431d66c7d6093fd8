'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { durationText } from '@/core/words/duration';
import type { Say } from '@/core/words/say';
import { Fact } from '@/ui/Fact';
import { useUnits } from '@/ui/Units';
import css from './jobs.module.css';
import { FIGURES, type FigureOf } from './words';

/** The figures of a worksheet, the settings first; those that this job does not have are left out. */
export function Figures({ sheet }: { sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const { values, timeS } = sheet;
  return (
    <div className={css.facts}>
      {FIGURES[sheet.kind].flatMap(({ key, label, role }) => {
        const value = values[key] ?? null;
        if (value === null || (key === 'anchorShiftMm' && value === 0)) return [];
        return [<Fact key={key} name={label} value={figure(value, role, say)} />];
      })}
      {timeS !== null && <Fact name="All of it takes" value={durationText(timeS)} />}
      {typeof values['lowMm'] === 'number' && typeof values['highMm'] === 'number' && (
        <Fact name="Give or take" value={`±${say((values['highMm'] - values['lowMm']) / 2, 'slot')}`} />
      )}
    </div>
  );
}

function figure(value: number, role: FigureOf['role'], say: Say): string {
  if (role === 'turns') return value.toFixed(2);
  return role === 'whole' ? String(Math.round(value)) : say(value, role);
}
